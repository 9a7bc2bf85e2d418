import { PowerDesk } from "@/core/power";
import { ridgewayDocument } from "@/demo/ridgeway";
import { powerInputOf } from "@/job/power-facts";
const d=new PowerDesk(); d.load(powerInputOf(ridgewayDocument()));
const ts:number[]=[]; for (let i=0;i<90;i++) { const t=performance.now(); d.tryRows([{type:"setting",key:"battery-c",value:-10+i/2}]); ts.push(performance.now()-t);} const w=ts.slice(30).sort((a,b)=>a-b); console.log("min",w[0]!.toFixed(0),"median",w[30]!.toFixed(0));
