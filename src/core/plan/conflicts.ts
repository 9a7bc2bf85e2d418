import { fieldOf, hasForm, type Kind } from "../forms";
import { loadAmps, RELAY_COIL_AMPS, type SignalPin } from "../signals";
import type { GapWay } from "./gaps";
import type { Line } from "./lines";

/** Decisions that cannot all stand, with the smallest change after which they can. */
export type Conflict =
  /** Two sources speak to one input. `refuse`: all but the one that takes the least to make. */
  | {
      readonly type: "served-twice";
      readonly consumer: SignalPin;
      readonly keep: Line;
      readonly refuse: readonly Line[];
    }
  /** An output carries more than it can. `refuse`: the fewest links without which the rest is within its limit. */
  | {
      readonly type: "overloaded";
      readonly provider: SignalPin;
      readonly amps: number;
      readonly limitAmps: number;
      readonly refuse: readonly Line[];
    }
  /** A gap was filled before a link was decided: the part would be fitted beside the wire. */
  | { readonly type: "filled-and-linked"; readonly pin: SignalPin; readonly way: GapWay; readonly line: Line };

/** Inputs that read a value: two sources on one make neither. Contacts may stand side by side on an input. */
const READS_A_VALUE: readonly Kind[] = [
  "analogue-in",
  "resistive-in",
  "frequency-in",
  "pwm-in",
  "reluctor-in",
  "hall-in",
  "knock-in",
  "lambda-in",
];
/** Outputs with a limit of their own; what a fuse gives is judged in the solved plan. */
const DRIVERS: readonly Kind[] = ["low-side-out", "high-side-out", "pwm-out", "switch-out", "frequency-out"];

/** @param chosen by a cavity's id: how somebody chose to fill its gap */
export function conflictsOf(lines: readonly Line[], chosen: ReadonlyMap<string, GapWay>): Conflict[] {
  const decided = lines.filter(({ state }) => state === "decided");
  const by = (end: "provider" | "consumer") => {
    const groups = new Map<string, Line[]>();
    for (const line of decided) groups.set(line[end].id, [...(groups.get(line[end].id) ?? []), line]);
    return [...groups.values()];
  };
  return [
    ...by("consumer").flatMap(servedTwice),
    ...by("provider").flatMap(overloaded),
    ...decided.flatMap((line): Conflict[] =>
      [line.provider, line.consumer].flatMap((pin) => {
        const way = chosen.get(pin.id);
        // One who signed to live without a part may still wire what is there.
        return way === undefined || way === "without" ? [] : [{ type: "filled-and-linked", pin, way, line }];
      }),
    ),
  ];
}

function servedTwice(lines: readonly Line[]): Conflict[] {
  const [first] = lines;
  if (first === undefined || lines.length < 2 || !hasForm(first.consumer, ...READS_A_VALUE)) return [];
  const minutes = ({ options }: Line) => options[0].minutes;
  const [keep, ...refuse] = lines.toSorted((a, b) => minutes(a) - minutes(b)) as [Line, ...Line[]];
  return [{ type: "served-twice", consumer: first.consumer, keep, refuse }];
}

/** Current that a link takes from its output, A; null where that is not known. */
function drawnBy({ adapters, consumer }: Line): number | null {
  const relay = adapters.find(({ type }) => type === "relay");
  if (relay?.type === "relay") return relay.coilAmps ?? RELAY_COIL_AMPS;
  // A switch of its own carries the load; its input takes next to nothing.
  if (adapters.some(({ type }) => type === "low-side-switch" || type === "high-side-switch")) return 0;
  return loadAmps(consumer);
}

function overloaded(lines: readonly Line[]): Conflict[] {
  const [first] = lines;
  if (first === undefined || lines.length < 2 || !hasForm(first.provider, ...DRIVERS)) return [];
  const limitAmps = fieldOf(first.provider.form, "maxAmps");
  const drawn = lines.map((line) => ({ line, amps: drawnBy(line) ?? 0 }));
  const amps = drawn.reduce((sum, one) => sum + one.amps, 0);
  if (limitAmps === null || amps <= limitAmps) return [];
  // The largest first: no fewer could bring it down as far.
  const refuse: Line[] = [];
  let left = amps;
  for (const one of drawn.toSorted((a, b) => b.amps - a.amps)) {
    if (left <= limitAmps) break;
    refuse.push(one.line);
    left -= one.amps;
  }
  return [{ type: "overloaded", provider: first.provider, amps, limitAmps, refuse }];
}

/** Whether a line is among those that contradict each other. */
export function concerns(conflict: Conflict, line: Line): boolean {
  switch (conflict.type) {
    case "served-twice":
      return line.state === "decided" && line.consumer.id === conflict.consumer.id;
    case "overloaded":
      return line.state === "decided" && line.provider.id === conflict.provider.id;
    case "filled-and-linked":
      return line === conflict.line;
  }
}
