export { buildHarness, DRIVING } from "./graph";
export { flood } from "./packed";
export { cavityPoint, endsOf, pointAt } from "./points";
export { reach } from "./reach";
export { type ToldCavity, tableWires } from "./table-wires";
export { CONDUCTS, letThrough, SOLID } from "./through";
export * from "./types";
