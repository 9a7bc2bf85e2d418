import type { PartFacts } from "@/core/parts";
import { buildModel, factsOf, type PowerInput, solvePower } from "@/core/power";
import type { Adapter } from "@/core/signals";
import { type added, facts } from "./harness";

/** A van's worth of wiring: battery, key, fuse box, a lamp, a computer, studs. */
export const VAN = `
  host Battery-+ 1 supply-out battery-supply RD 25mm 0.4m alive=permanent "Battery positive"
  host Battery-- 2 ground ground BK 25mm 0.4m role=power "Battery negative"
  host Main-in 1 supply-in battery-supply RD 10mm 0.5m alive=permanent "Feed of the main fuse"
  host Main-1 30 supply-out battery-supply RD 4mm 0.4m alive=permanent "To the key"
  host KEY-30 30 supply-in battery-supply RD 4mm 1m alive=permanent "Feed"
  host KEY-15 3 supply-out ignition-supply WH 2.5mm 1m alive=run-crank maxAmps=15 "Ignition"
  host KEY-IG 4 supply-out ignition-supply WH 2.5mm 1m alive=run maxAmps=15 "Drops while cranking"
  host KEY-50 5 supply-out starter-request WH 2.5mm 1m alive=crank maxAmps=15 "Starter"
  host G1-1 2 ground ground BK 10mm 0.3m role=power "Body stud"
  host Wiper-1 4 supply-in ignition-supply WH 1.5mm 1m amps=4 alive=run "Wiper feed"
  host Wiper-2 6 ground ground BK 1.5mm 0.4m "Wiper ground"
  host G2-1 6 ground ground BK 4mm 0.3m role=chassis "Second stud"
  donor ECU-1 E1 supply-in ignition-supply RD 1mm 2m amps=4 alive=run-crank minVolts=8 "Ignition"
  donor ECU-2 E2 ground ground BK 2.5mm 1m role=power "Power ground"
  donor Starter-30 S1 supply-in start-supply RD 25mm 1m amps=150 alive=permanent "Cable"
  donor Starter-50 S2 load-in starter-request WH 2.5mm 1.5m amps=10 otherEnd=ground "Solenoid"
  donor Block-1 B1 ground ground BK 25mm 0.5m role=power "Engine earth"
`;
export const computer: PartFacts = {
  id: "ecu",
  side: "donor",
  type: "computer",
  label: "Engine computer",
  terminals: [
    { name: "1", pinId: "ECU-1" },
    { name: "2", pinId: "ECU-2" },
  ],
  elements: [],
};
/** The fuse before all that the key switches. */
export const mainFuse: PartFacts = {
  id: "main",
  side: "host",
  type: "fuse-box",
  label: "Main",
  terminals: [
    { name: "in", pinId: "Main-in" },
    { name: "1", pinId: "Main-1" },
  ],
  elements: [{ id: "F1", type: "fuse", a: "in", b: "1", amps: 25, ohms: 0.004 }],
};
/** An alternator of the donor's, its output on the starter's cable. */
export const ALTERNATOR = `  donor Alternator-B+ S1 supply-out battery-supply RD 16mm 0.8m alive=permanent maxAmps=90 "Output"
`;
/** A part on the van, its terminals by name on cavities. */
export const part = (
  id: string,
  type: string,
  terminals: Readonly<Record<string, string | null>>,
  elements: PartFacts["elements"],
  side: PartFacts["side"] = "host",
): PartFacts => ({
  id,
  side,
  type,
  label: id,
  terminals: Object.entries(terminals).map(([name, pinId]) => ({ name, pinId })),
  elements,
});
export const stud = (id: string, side: "donor" | "host", pinId: string): PartFacts => ({
  id,
  side,
  type: "ground-stud",
  label: id,
  terminals: [{ name: "1", pinId }],
  elements: [{ id: "J1", type: "resistor", a: "1", b: "chassis", ohms: 0.001, joint: true }],
});

export interface Plan {
  readonly van?: string;
  readonly links?: readonly (readonly [provider: string, consumer: string, ...adapters: Adapter[]])[];
  readonly parts?: readonly PartFacts[];
  readonly wires?: readonly ReturnType<typeof added>[];
  readonly settings?: PowerInput["settings"];
  readonly units?: PowerInput["units"];
  /** Without the parts that stand on the van's cavities. */
  readonly bare?: boolean;
}

export const SOUND: NonNullable<Plan["links"]> = [
  ["KEY-15", "ECU-1"],
  ["G1-1", "ECU-2"],
  ["Battery-+", "Starter-30"],
  ["KEY-50", "Starter-50"],
  ["Battery--", "Block-1"],
];

export function input({
  van = VAN,
  links = SOUND,
  parts = [],
  wires = [],
  settings = [],
  units = "metric",
  bare = false,
}: Plan = {}): PowerInput {
  const joins = links.map(([fromPinId, toPinId], at) => ({ id: `l${at}`, fromPinId, toPinId }));
  return {
    harness: facts(van, {
      parts: [...(bare ? [] : [mainFuse, computer, stud("Engine earth", "donor", "Block-1")]), ...parts],
      joins,
      wires,
    }),
    links: links.map(([providerId, consumerId, ...adapters], at) => ({
      id: `l${at}`,
      providerId,
      consumerId,
      adapters,
      proposed: false,
    })),
    gone: [],
    units,
    settings,
  };
}

/** The van with a plan on it, solved. */
export const solved = (plan: Plan = {}) => solvePower(buildModel(factsOf(input(plan))));
