import { emptyDocument } from "@/job/document";
import type { BranchRow, ConnectorRow, JobDocument, PartRow } from "@/job/schema";
import { inStep } from "@/job/table-wires";
import { Loom } from "./ridgeway-loom";
import { manifold, VEHICLES } from "./ridgeway-vehicles";
import { computerOf, withTable, withWire } from "./sample-job";

/** The large sample is generated, so that it can be as large as real ones are; the same at every run. */
const SEED = 2013;
const LABEL = "label on the battery";
const BATTERY: JobDocument["settings"] = [
  { id: "battery-ah", value: 110, origin: LABEL },
  { id: "battery-cca", value: 900, origin: LABEL },
];
/** Rows of one table at most; a larger one comes in parts. */
const TABLE_ROWS = 19_000;

/**
 * The large sample: an expedition truck and a diesel engine, some 3,600 cavities.
 *
 * @param times how many times as many devices; 10 makes 36,000 cavities
 */
export function ridgewayDocument(times = 1): JobDocument {
  let document = emptyDocument({
    name: "Ridgeway",
    host: "2013 Brannock Ridgeway expedition truck, CAN",
    donor: "2016 Orvane Mastiff 3.0 V6 diesel, eight-speed automatic",
    approach: "merged",
    units: "metric",
    wishes:
      "Everything in the cabin stays as it is. Cruise, both fuel tanks and the axle locks must work. No warning lamp left on.",
  });
  const branches: BranchRow[] = [];
  const computers: PartRow[] = [];
  for (const one of VEHICLES) {
    const vehicle = times === 1 ? one : manifold(one, times);
    const loom = new Loom(vehicle, SEED);
    loom.run();
    const [head, ...rows] = loom.rows;
    for (let from = 0; from < rows.length; from += TABLE_ROWS) {
      const table = [head, ...rows.slice(from, from + TABLE_ROWS)].join("\n");
      document = withTable(document, vehicle.side, new TextEncoder().encode(`${table}\n`), `Ridgeway, ${vehicle.side}`);
    }
    const zones = [...new Set(loom.branchOf.values())];
    branches.push(
      ...zones.map(
        (zone, position): BranchRow => ({
          id: `${vehicle.side}-${zone.toLowerCase().replaceAll(" ", "-")}`,
          side: vehicle.side,
          label: `${zone} harness`,
          origin: vehicle.origins[zone] ?? (vehicle.side === "host" ? "2013 Brannock Ridgeway" : ""),
          diagram: `${vehicle.side === "host" ? "Brannock Ridgeway" : "Orvane Mastiff"} wiring, ${zone}`,
          note: "",
          position,
        }),
      ),
    );
    for (const [label, plugs] of loom.plugs)
      if (plugs.size > 1)
        computers.push(
          computerOf(document, [...plugs], {
            id: `${vehicle.side}-${label.toLowerCase().replaceAll(" ", "-")}`,
            side: vehicle.side,
            label,
            origin: vehicle.origins[vehicle.centre] ?? "2013 Brannock Ridgeway",
            diagram: `${vehicle.side === "host" ? "Brannock Ridgeway" : "Orvane Mastiff"} wiring, ${vehicle.centre}`,
            note: "",
          }),
        );
    const idOf = new Map(
      document.connectors.filter((row) => row.side === vehicle.side).map((row) => [row.label, row.id]),
    );
    document = {
      ...document,
      connectors: document.connectors.map((row): ConnectorRow => {
        if (row.side !== vehicle.side) return row;
        const zone = loom.branchOf.get(row.label) ?? vehicle.centre;
        const mate = loom.mates.get(row.label);
        return {
          ...row,
          branchId: `${vehicle.side}-${zone.toLowerCase().replaceAll(" ", "-")}`,
          mateId: mate === undefined ? null : (idOf.get(mate) ?? null),
          place: `${zone.toLowerCase()}, ${row.label.toLowerCase()}`,
          gender: mate === undefined ? null : document.connectors.indexOf(row) % 2 === 0 ? "male" : "female",
        };
      }),
    };
  }
  let made = 0;
  const makeId = () => {
    made += 1;
    return `cable-${made}`;
  };
  document = withWire(
    // Connectors were laid to their branches by hand, which parts circuits.
    inStep({ ...document, branches, parts: computers, settings: BATTERY }),
    "Battery-+",
    "Starter-30",
    { colour: "RD", sizeMm2: 70, lengthM: 1.6 },
    makeId,
  );
  document = withWire(
    document,
    "Front fuse box-1",
    "Main fuse box-in",
    { colour: "RD", sizeMm2: 50, lengthM: 2.4 },
    makeId,
  );
  return withWire(document, "Body earth-1", "Engine earth-1", { colour: "BK", sizeMm2: 50, lengthM: 0.7 }, makeId);
}
