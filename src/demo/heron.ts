import { readFileSync } from "node:fs";
import path from "node:path";
import type { Side } from "@/core/forms";
import { readPinTable } from "@/formats/pin-table";
import { emptyDocument } from "@/job/document";
import { planImport } from "@/job/import-table";
import { applyOps } from "@/job/ops";
import type { JobDocument } from "@/job/schema";

/** Where the main plugs sit, as someone would say it beside the vehicle. */
const PLACES: Readonly<Record<string, string>> = {
  C1: "engine computer, body side; left of the glove box", C2: "engine computer, engine side; left of the glove box", T1: "gearbox computer; under the passenger's seat",
  KEY: "back of the ignition switch, right of the column", FB: "fuse box; above the driver's left foot", IP: "back of the instruments",
  G1: "behind the left headlamp", G2: "beside the fuel tank", G3: "engine side of the bulkhead, beside the battery tray", Battery: "left of the engine bay",
};

/** The sample job: both tables read as anyone's would be, nothing decided yet. */
export function heronDocument(): JobDocument {
  let document = emptyDocument({
    name: "Heron", host: "1988 Brannock Heron camper, 2.0 carburettor, manual", donor: "2010 Orvane Pelican 2.4 with five-speed automatic",
    approach: "paired-security", units: "metric",
    wishes: "Starts on the key, every lamp and gauge of the Heron works, cranks only in P or N, no warning lamp left on.",
  });
  for (const side of ["donor", "host"] as const) document = withTable(document, side);
  return { ...document, connectors: document.connectors.map((row) => ({ ...row, place: PLACES[row.label] ?? null })) };
}

/** Ids that are the same at every run, so that the sample's export is too. */
function withTable(document: JobDocument, side: Side): JobDocument {
  const result = readPinTable(readFileSync(path.join(process.cwd(), `src/demo/heron-${side}.csv`)), side);
  if (!result.ok) throw new Error(`src/demo/heron-${side}.csv: ${result.refusal.message}`);
  let count = 0;
  const makeId = () => {
    count += 1;
    return `${side}-${count}`;
  };
  return applyOps(document, planImport(document, side, result.table.pins, false, makeId).ops);
}
