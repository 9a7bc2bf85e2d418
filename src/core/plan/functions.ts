import type { Quantity } from "../forms";
import { FUNCTIONS, type FunctionDef } from "../functions";
import { type RelayFault, type RelayRow, stopsRelay } from "../gateway";
import type { Finding } from "../power";
import { type Missing, type SharedOutput, type SignalPin, shareFreeOutputs } from "../signals";
import { type Conflict, concerns, conflictsOf } from "./conflicts";
import { Around, type Gap, type GapWay, gapOf, grouped, STAYING } from "./gaps";
import { GROUPS, type Line, type PlanLines } from "./lines";

/**
 * Where a function stands: `whole` works as planned, `to-decide` waits for a choice, `fact-missing` for a value, `cannot` has
 * no way as it is, `not-wanted` a person gave up.
 */
export const FUNCTION_STATES = ["cannot", "fact-missing", "to-decide", "whole", "not-wanted"] as const;
export type FunctionState = (typeof FUNCTION_STATES)[number];

/** The one thing that a function lacks. */
export type Lack =
  | { readonly type: "blocked"; readonly line: Line }
  | { readonly type: "gap"; readonly gap: Gap }
  | { readonly type: "fact"; readonly missing: Missing; readonly line: Line }
  | { readonly type: "stale"; readonly line: Line }
  /** It is decided or proposed, or a gap is filled, and the solved plan says that it will not do. */
  | { readonly type: "finding"; readonly finding: Finding }
  | { readonly type: "decision"; readonly line: Line }
  /** A value of the host's bus that the gateway cannot give, or not yet. */
  | { readonly type: "relay"; readonly row: RelayRow; readonly fault: RelayFault }
  /** Decisions contradict each other. */
  | { readonly type: "conflict"; readonly conflict: Conflict }
  /** The gateway itself is not decided. */
  | { readonly type: "no-gateway"; readonly row: RelayRow };

export interface FunctionLine {
  readonly key: string;
  readonly set: string;
  readonly state: FunctionState;
  readonly lines: readonly Line[];
  readonly gaps: readonly Gap[];
  /** Decisions of its links that cannot all stand. */
  readonly conflicts: readonly Conflict[];
  /** Values of the host's messages that a gateway gives it. */
  readonly relays: readonly RelayRow[];
  /** Cavities that stay with their own side. */
  readonly staying: number;
  /** Null where it is whole or not wanted. */
  readonly lack: Lack | null;
}

/** What every computer needs before anything else works. */
export const FEEDS_KEY = "feeds-and-grounds";
const LISTED: readonly Pick<FunctionDef, "key" | "set" | "quantities" | "home">[] = [
  { key: FEEDS_KEY, set: "Engine", quantities: GROUPS.find(({ key }) => key === "power")?.quantities ?? [] },
  ...FUNCTIONS.filter(({ key }) => key !== "other-equipment"),
];

/**
 * Every function that the job has a part of, in the order of their sets, with the links that carry it and what it lacks.
 * What its own side serves is no gap: it is counted. What comes with the engine is asked of the donor alone, what comes
 * with the body of the host.
 *
 * @param isKept whether a person, or the default, keeps the function of this key
 * @param chosen by a cavity's id: the way that a person chose to fill its gap, or to live with it
 * @param findings of the solved plan, proposals in it: a link that fails there is not whole, nor offered as if it were
 * @param relays what a gateway sends on to the host's messages
 */
export function functionLines(
  plan: PlanLines,
  pins: readonly SignalPin[],
  isKept: (key: string) => boolean,
  chosen: ReadonlyMap<string, GapWay> = new Map(),
  findings: readonly Finding[] = [],
  relays: readonly RelayRow[] = [],
): FunctionLine[] {
  const foundAt = findingsByPin(findings);
  const around = new Around(pins, chosen);
  const keyOf = new Map<Quantity, string>(LISTED.flatMap(({ key, quantities }) => quantities.map((one) => [one, key])));
  const lines = grouped(plan.lines, ({ quantity }) => keyOf.get(quantity as Quantity));
  const unmatched = grouped(plan.unmatched, ({ pin }) => keyOf.get(pin.quantity as Quantity));
  const relayed = grouped(relays.filter(isWanted), ({ serves }) =>
    keyOf.get((serves.type === "value" ? serves.value : serves).quantity as Quantity),
  );
  const bridge = bridgeOf(plan.lines);
  const conflicts = conflictsOf(plan.lines, chosen);
  const present = new Set([...pins.map(({ quantity }) => keyOf.get(quantity as Quantity)), ...relayed.keys()]);
  const told = LISTED.flatMap((def) => {
    if (!present.has(def.key)) return [];
    const own = unmatched.get(def.key) ?? [];
    const here = own.filter(({ pin }) => isAsked(def, pin));
    return [{ def, own, here, gaps: here.flatMap((one) => gapOf(def, one, around) ?? []) }];
  });
  const shared = shareFreeOutputs(
    told.filter(({ def }) => isKept(def.key)).flatMap(({ gaps }) => gaps.filter(canTakeOutput).map(({ pin }) => pin)),
    pins,
    plan.lines.filter(({ state }) => state !== "refused"),
  );
  return told.flatMap(({ def, own, here, gaps: bare }) => {
    const gaps = bare.map((gap) => withOutput(gap, shared.get(gap.pin.id) ?? null));
    const its = lines.get(def.key) ?? [];
    const staying = own.filter(({ pin, reason }) => STAYING.has(reason.code) || around.isWiredAtHome(pin)).length;
    // The other vehicle's own, with nothing of it across: no function of this swap.
    const sent = relayed.get(def.key) ?? [];
    if (its.length === 0 && here.length === 0 && sent.length === 0) return [];
    const against = conflicts.filter((one) => its.some((line) => concerns(one, line)));
    const lack = lackOf(its, gaps, foundAt, against) ?? relayLack(sent, bridge);
    const state = def.key !== FEEDS_KEY && !isKept(def.key) ? "not-wanted" : stateOf(lack);
    return [
      {
        key: def.key,
        set: def.set,
        state,
        lines: its,
        gaps,
        conflicts: against,
        relays: sent,
        staying,
        lack: state === "not-wanted" ? null : lack,
      },
    ];
  });
}

/** A wire that a gateway drives is a link of the map already. */
const isWanted = ({ sent, serves }: RelayRow) => sent && serves.type === "value";

/** The link by which a gateway joins both buses, decided before proposed. */
function bridgeOf(lines: readonly Line[]): Line | null {
  const bridges = lines.filter(
    ({ state, provider, consumer, adapters }) =>
      state !== "refused" &&
      provider.form.kind === "can" &&
      consumer.form.kind === "can" &&
      adapters.some(({ type }) => type === "can-gateway"),
  );
  return bridges.find(({ state }) => state === "decided") ?? bridges[0] ?? null;
}

function relayLack(rows: readonly RelayRow[], bridge: Line | null): Lack | null {
  for (const row of rows) {
    const fault = row.faults.find(stopsRelay);
    if (fault !== undefined) return { type: "relay", row, fault };
  }
  const [row] = rows;
  if (row === undefined || bridge?.state === "decided") return null;
  return bridge === null ? { type: "no-gateway", row } : { type: "decision", line: bridge };
}

const canTakeOutput = ({ type, chosen, pin }: Gap) => type === "unserved" && chosen === null && pin.side === "host";

const withOutput = (gap: Gap, output: SharedOutput | null): Gap =>
  output === null ? gap : { ...gap, output, ways: ["free-output", ...gap.ways] };

const isAsked = ({ home }: Pick<FunctionDef, "home">, { side }: SignalPin) =>
  home === undefined || (home === "engine" ? side === "donor" : side === "host");

/** The gravest first: what contradicts itself or no way serves, then what is not known, then what only waits for a yes. */
function lackOf(
  lines: readonly Line[],
  gaps: readonly Gap[],
  foundAt: ReadonlyMap<string, Finding>,
  [conflict]: readonly Conflict[],
): Lack | null {
  if (conflict !== undefined) return { type: "conflict", conflict };
  const blocked = lines.find(({ state }) => state === "blocked");
  if (blocked !== undefined) return { type: "blocked", line: blocked };
  const gap = gaps.find(({ chosen }) => chosen === null);
  if (gap !== undefined) return { type: "gap", gap };
  for (const line of lines) {
    const [missing] = line.state === "open" ? line.options[0].missing : [];
    if (missing !== undefined) return { type: "fact", missing, line };
  }
  const stale = lines.find((line) => line.stale);
  if (stale !== undefined) return { type: "stale", line: stale };
  // The plan is solved with what is proposed: what fails there is not offered as working.
  for (const line of lines) {
    const finding = IN_PLAN.has(line.state)
      ? (foundAt.get(line.consumer.id) ?? foundAt.get(line.provider.id))
      : undefined;
    if (finding !== undefined) return { type: "finding", finding };
  }
  for (const { pin, chosen } of gaps) {
    const finding = chosen === "new-feed" ? foundAt.get(pin.id) : undefined;
    if (finding !== undefined) return { type: "finding", finding };
  }
  const open = lines.find(({ state }) => state === "open") ?? lines.find(({ state }) => state === "proposed");
  return open === undefined ? null : { type: "decision", line: open };
}

const IN_PLAN: ReadonlySet<Line["state"]> = new Set(["decided", "proposed"]);

/** By the cavity that it is about, the gravest; notes hold nothing up. */
export function findingsByPin(findings: readonly Finding[]): ReadonlyMap<string, Finding> {
  const byPin = new Map<string, Finding>();
  const rank = ({ severity }: Finding) => SEVERITIES.indexOf(severity);
  for (const finding of findings) {
    if (finding.pinId === null || finding.severity === "note") continue;
    const before = byPin.get(finding.pinId);
    if (before === undefined || rank(finding) < rank(before)) byPin.set(finding.pinId, finding);
  }
  return byPin;
}
const SEVERITIES: readonly Finding["severity"][] = ["danger", "stop", "fault", "note"];

function stateOf(lack: Lack | null): FunctionState {
  switch (lack?.type) {
    case undefined:
      return "whole";
    case "blocked":
    case "gap":
    case "finding":
    case "conflict":
      return "cannot";
    case "fact":
      return "fact-missing";
    case "relay":
      return lack.fault.code === "several-sources" ? "to-decide" : "cannot";
    case "stale":
    case "decision":
    case "no-gateway":
      return "to-decide";
  }
}

/** Under which key it is kept that a function was seen to work on the vehicle, or not. */
export const acceptanceKey = (functionKey: string): string => `function:${functionKey}`;

/**
 * What a function's working rests on: its links with their adapters, and how its gaps were filled. Where that changes,
 * what was seen on the vehicle says nothing any more.
 */
export const acceptanceBasis = ({ lines, gaps, relays }: Pick<FunctionLine, "lines" | "gaps" | "relays">): string =>
  JSON.stringify([
    lines
      .filter(({ state }) => state !== "refused")
      .map(({ provider, consumer, adapters }) => [provider.id, consumer.id, adapters.map(({ type }) => type)]),
    gaps.map(({ pin, chosen }) => [pin.id, chosen]),
    ...relays.map(({ id, source, rateMs, timeoutMs, silent }) => [id, source?.id, rateMs, timeoutMs, silent]),
  ]);
