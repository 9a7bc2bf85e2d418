import { readFileSync } from "node:fs";
import path from "node:path";
import { emptyDocument } from "@/job/document";
import type { Face, JobDocument } from "@/job/schema";
import { withPlan } from "./heron-plan";
import { computerOf, withTable } from "./sample-job";

/** Where the main plugs sit, as someone would say it beside the vehicle. */
const PLACES: Readonly<Record<string, string>> = {
  C1: "engine computer, body side; left of the glove box",
  C2: "engine computer, engine side; left of the glove box",
  T1: "gearbox computer; under the passenger's seat",
  KEY: "back of the ignition switch, right of the column",
  FB: "fuse box; above the driver's left foot",
  IP: "back of the instruments",
  G1: "behind the left headlamp",
  G2: "beside the fuel tank",
  G3: "engine side of the bulkhead, beside the battery tray",
  Battery: "left of the engine bay",
};

/** The sample job: both tables, and what someone has added and decided so far. */
export const heronDocument = (): JobDocument => withPlan(heronTables());

/** The sample's tables, read as anyone's would be; nothing decided yet. */
export function heronTables(): JobDocument {
  let document = emptyDocument({
    name: "Heron",
    host: "1988 Brannock Heron camper, 2.0 carburettor, manual",
    donor: "2010 Orvane Pelican 2.4 with five-speed automatic",
    approach: "paired-security",
    units: "metric",
    wishes:
      "Starts on the key, every lamp and gauge of the Heron works, cranks only in P or N, no warning lamp left on.",
  });
  for (const side of ["donor", "host"] as const)
    document = withTable(
      document,
      side,
      readFileSync(path.join(process.cwd(), `src/demo/heron-${side}.csv`)),
      `src/demo/heron-${side}.csv`,
    );
  return {
    ...document,
    connectors: document.connectors.map((row) => ({ ...row, place: PLACES[row.label] ?? null, ...SHAPES[row.label] })),
    parts: [
      computerOf(document, ["C1", "C2"], {
        id: "engine-computer",
        side: "donor",
        label: "Engine computer",
        origin: "2010 Orvane Pelican 2.4",
        diagram: "Orvane Pelican engine wiring, 2010, page E-12",
        note: "",
      }),
      // From another vehicle than the engine: its year is in doubt.
      computerOf(document, ["T1"], {
        id: "gearbox-computer",
        side: "donor",
        label: "Gearbox computer",
        origin: "2009 or 2010 Orvane Pelican, from another vehicle than the engine",
        diagram: "Orvane Pelican gearbox wiring, 2009, page T-3",
        note: "Came loose with the gearbox.",
      }),
    ],
    facts: [
      {
        id: "year-by-seller",
        subject: "part:gearbox-computer",
        topic: "year",
        says: "2010",
        grade: "claimed",
        origin: "the seller of the gearbox",
        person: "Robin",
      },
      {
        id: "year-by-tag",
        subject: "part:gearbox-computer",
        topic: "year",
        says: "2009",
        grade: "read",
        origin: "tag on the housing",
        person: "Robin",
      },
    ],
    questions: [
      {
        id: "spare-plug",
        subject: connectorRef(document, "Spare plug"),
        asks: "What does the grey two-way plug under the dash do?",
        settledBy: "continuity to the fuse box and to each ground stud, battery off",
        answer: "",
      },
    ],
  };
}

const connectorRef = (document: JobDocument, label: string) =>
  `connector:${document.connectors.find((row) => row.label === label)?.id}`;

/** Cavities counted along each row, from the top left of the wire side. */
const grid = (rows: number, columns: number, pitchMm: number, keyEdge: Face["keyEdge"]): Face => ({
  rows,
  columns,
  pitchMm,
  keyEdge,
  cells: Array.from({ length: rows * columns }, (_, at) => String(at + 1)),
});

const SHAPES: Readonly<Record<string, { face: Face; keying?: string; gender?: "male" | "female"; housing?: string }>> =
  {
    C1: { face: grid(4, 10, 4, "top"), keying: "A", gender: "female", housing: "grey" },
    C2: { face: grid(4, 11, 4, "top"), keying: "B", gender: "female", housing: "black" },
    T1: { face: grid(2, 12, 5, "top"), keying: "A", gender: "female", housing: "black" },
    Pedal: { face: grid(1, 6, 5, "bottom"), gender: "female", housing: "black" },
    IP: { face: grid(2, 7, 6, "top"), gender: "female", housing: "white" },
  };
