import { fieldOf } from "../forms";
import type { CavityPoint } from "../points";
import { type ContactFeed, pointOf, type SignalPin } from "../signals";
import type { GapWay } from "./gaps";
import type { Line } from "./lines";

/** A wire that a person added between two cavities. */
export interface AddedWire {
  readonly id: string;
  readonly from: CavityPoint;
  readonly to: CavityPoint;
  readonly colour: string | null;
  readonly sizeMm2: number | null;
  readonly lengthM: number | null;
  readonly stock: string;
}

/** Where a terminal of a relay that the plan adds goes. */
export type RelayEnd = CavityPoint | "ground" | "feed-to-choose";

/** The terminals of a relay that a link brings, each with where its wire goes. */
export interface NewRelay {
  readonly key: string;
  /** What it works. */
  readonly consumer: CavityPoint;
  readonly pins: readonly { readonly terminal: "30" | "85" | "86" | "87"; readonly to: RelayEnd }[];
  readonly contactAmps: number | null;
}

/** A fuse that a link brings: before its consumer, behind its provider or its relay's feed. */
export interface NewFuse {
  readonly key: string;
  readonly amps: number | null;
  readonly from: RelayEnd;
  readonly to: CavityPoint;
}

/** A cavity at which two or more of the plan's wires meet that is one wire today: there a splice is made. */
export interface NewSplice {
  readonly at: CavityPoint;
  readonly ends: readonly CavityPoint[];
}

/** What a person chose to do about a cavity that nothing serves, or that nothing takes: a part to fit, or to go without. */
export interface Filling {
  readonly pin: SignalPin;
  readonly way: GapWay;
  readonly person: string;
}

/** Every wire, terminal, fuse and splice that is made new, beside the links themselves, and what fills gaps. */
export interface NewWork {
  readonly fillings: readonly Filling[];
  readonly wires: readonly AddedWire[];
  readonly relays: readonly NewRelay[];
  readonly fuses: readonly NewFuse[];
  readonly splices: readonly NewSplice[];
}

/** What the decided links and the wires that people added have to be made of. */
export function newWork(
  lines: readonly Line[],
  wires: readonly AddedWire[],
  fillings: readonly Filling[] = [],
): NewWork {
  const decided = lines.filter((line) => line.state === "decided");
  return {
    fillings,
    wires,
    relays: decided.flatMap(relayOf),
    fuses: decided.flatMap(fuseOf),
    splices: splicesOf(decided, wires),
  };
}

/** As the plan is solved (core/power/model/link-elements.ts): an output that sinks has the coil's other end at the contact's feed. */
function relayOf(line: Line): NewRelay[] {
  const relay = line.adapters.find((one) => one.type === "relay");
  if (relay?.type !== "relay") return [];
  const { provider, consumer } = line;
  const contact = endOf(relay.contactFeed);
  const sinks = provider.form.kind === "low-side-out" || fieldOf(provider.form, "to") === "ground";
  const driver = pointOf(provider);
  const coil: NewRelay["pins"] = sinks
    ? [
        { terminal: "85", to: driver },
        { terminal: "86", to: contact === "ground" ? "feed-to-choose" : contact },
      ]
    : [
        { terminal: "85", to: "ground" },
        { terminal: "86", to: driver },
      ];
  return [
    {
      key: line.key,
      consumer: pointOf(consumer),
      pins: [{ terminal: "30", to: contact }, ...coil, { terminal: "87", to: pointOf(consumer) }],
      contactAmps: relay.contactAmps,
    },
  ];
}

const endOf = (feed: ContactFeed | null): RelayEnd => feed ?? "feed-to-choose";

function fuseOf(line: Line): NewFuse[] {
  const relay = line.adapters.find((one) => one.type === "relay");
  return line.adapters.flatMap((one): NewFuse[] =>
    one.type === "fuse"
      ? [
          {
            key: line.key,
            amps: one.amps,
            from: relay?.type === "relay" ? endOf(relay.contactFeed) : pointOf(line.provider),
            to: pointOf(line.consumer),
          },
        ]
      : [],
  );
}

function splicesOf(decided: readonly Line[], wires: readonly AddedWire[]): NewSplice[] {
  const ends = new Map<string, { at: CavityPoint; ends: Map<string, CavityPoint> }>();
  const join = (at: CavityPoint, end: CavityPoint) => {
    const one = ends.get(at.pinId) ?? { at, ends: new Map<string, CavityPoint>() };
    one.ends.set(end.pinId, end);
    ends.set(at.pinId, one);
  };
  for (const { provider, consumer } of decided) {
    join(pointOf(provider), pointOf(consumer));
    join(pointOf(consumer), pointOf(provider));
  }
  for (const { from, to } of wires) {
    join(from, to);
    join(to, from);
  }
  return [...ends.values()]
    .filter((one) => one.ends.size > 1)
    .map((one) => ({ at: one.at, ends: [...one.ends.values()] }));
}
