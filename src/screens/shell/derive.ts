import { type DialCheck, dialChecks, instrumentsOf } from "@/core/benches";
import { cachedBy } from "@/core/cached-by";
import { KNOWN_FROM } from "@/core/intake";
import { type Blocker, type Decision, deriveLines, findBlockers, type PlanLines } from "@/core/plan";
import type { Expectations } from "@/core/power";
import {
  basisOf,
  gatesOf,
  isProposed,
  type Judgement,
  judge,
  LEADS_STEP,
  makeSteps,
  type PlannedPin,
  type Step,
  withLeads,
} from "@/core/proving";
import type { SignalPin } from "@/core/signals";
import type { Units } from "@/core/units";
import { cavityLabel } from "@/core/words";
import { byArrival } from "@/job/earlier-rows";
import { decisionsOf } from "@/job/links";
import type { ConnectorRow, JobDocument, PinRow, ReadingRow } from "@/job/schema";
import { type LaidWire, laidWires, leavingPins, signalPins } from "@/job/signal-pins";

/** A cavity with the connector it is in, in table order. */
export interface PinView {
  readonly row: PinRow;
  readonly connector: ConnectorRow;
  readonly label: string;
}

export interface StepView {
  readonly step: Step;
  readonly latest: ReadingRow | null;
  /** The latest reading judged by the step as it is now; null where there is none. */
  readonly judgement: Judgement | null;
  /** What of the plan a reading rests on. */
  readonly basis: string;
  /** The plan has changed since it was read. */
  readonly stale: boolean;
  readonly attempts: number;
  /** The step that must be proven before this one is read; null where none stands in the way. */
  readonly gate: Step | null;
}

/** All that the screens show, from the document by core functions alone. */
export interface Derived {
  readonly pins: readonly PinView[];
  readonly pinById: ReadonlyMap<string, PinView>;
  readonly plan: PlanLines;
  readonly steps: readonly StepView[];
  readonly blockers: readonly Blocker<Step>[];
}

export const derive = (document: JobDocument, expected: Expected = null): Derived =>
  new Deriver().derive(document, expected);

/** What a meter should read by the solved plan; null while that is being worked out. */
type Expected = Expectations | null;

/** Derives again only what the changed lists bear: ticking off a cut must not match every signal anew. */
export class Deriver {
  private views: Views | null = null;
  private readonly leaving = lastOf(
    (
      pins: JobDocument["pins"],
      connectors: JobDocument["connectors"],
      wires: JobDocument["wires"],
      cuts: JobDocument["cuts"],
      links: JobDocument["links"],
    ): ReadonlySet<string> => leavingPins({ pins, connectors, wires, cuts, links }),
  );
  private gone: ReadonlySet<string> = new Set();
  private readonly laid = lastOf(
    (
      pins: JobDocument["pins"],
      connectors: JobDocument["connectors"],
      wires: JobDocument["wires"],
      cuts: JobDocument["cuts"],
    ) => laidWires({ pins, connectors, wires, cuts }),
  );
  private joined: readonly LaidWire[] = [];
  private readonly signals = lastOf(
    (
      pins: JobDocument["pins"],
      connectors: JobDocument["connectors"],
      leaving: ReadonlySet<string>,
      laid: readonly LaidWire[],
    ) => signalPins({ pins, connectors }, leaving, laid),
  );
  private readonly decisions = lastOf(
    (
      pins: JobDocument["pins"],
      connectors: JobDocument["connectors"],
      links: JobDocument["links"],
    ): readonly Decision[] => decisionsOf({ pins, connectors, links }),
  );
  private readonly lines = lastOf(deriveLines);
  private readonly dials = lastOf((signals: readonly SignalPin[], plan: PlanLines, benches: JobDocument["benches"]) => {
    const given = new Map(benches.map((row) => [row.id, row.given]));
    const chosen = new Map(benches.map((row) => [row.id, row.given.driverId]));
    return dialChecks(instrumentsOf(signals, plan.lines, chosen), (id) => given.get(id) ?? {});
  });
  private readonly rest = lastOf(deriveRest);

  /** The lines of the map, which the power solution is made from. */
  plan(document: JobDocument): PlanLines {
    const { pins, connectors, links } = document;
    return this.lines(this.signalsOf(document), this.decisions(pins, connectors, links));
  }

  private signalsOf({ pins, connectors, wires, cuts, links }: JobDocument): readonly SignalPin[] {
    const leaving = this.leaving(pins, connectors, wires, cuts, links);
    // A tick at the bench, or a cut of one end, takes no cavity away: then nothing is matched anew.
    if (leaving.size !== this.gone.size || [...leaving].some((id) => !this.gone.has(id))) this.gone = leaving;
    const laid = this.laid(pins, connectors, wires, cuts);
    if (String(laid) !== String(this.joined)) this.joined = laid;
    return this.signals(pins, connectors, this.gone, this.joined);
  }

  /** The cavities alone, which follow the document at once. */
  pins({ pins, connectors }: JobDocument): Pick<Derived, "pins" | "pinById"> {
    this.views = viewPins(pins, connectors, this.views);
    return this.views.shown;
  }

  derive(document: JobDocument, expected: Expected = null): Derived {
    const { readings, benches, job } = document;
    const [signals, plan] = [this.signalsOf(document), this.plan(document)];
    const dials = this.dials(signals, plan, benches);
    return this.rest(this.pins(document), signals, plan, readings, expected, dials, job.units);
  }
}

/** The function with its last answer kept: given the very same arguments, the very same answer. */
function lastOf<A extends readonly unknown[], R>(make: (...args: A) => R): (...args: A) => R {
  let last: { readonly args: A; readonly result: R } | null = null;
  return (...args) => {
    if (last === null || args.some((arg, at) => arg !== last?.args[at])) last = { args, result: make(...args) };
    return last.result;
  };
}

/**
 * A row's view, which stays the same object as long as the row and its connector do: what shows it is not drawn again.
 */
const viewsOf = cachedBy((_row: PinRow) => new WeakMap<ConnectorRow, PinView>());

function viewPin(row: PinRow, connector: ConnectorRow): PinView {
  const views = viewsOf(row);
  const known = views.get(connector);
  if (known !== undefined) return known;
  const view = { row, connector, label: cavityLabel({ connector: connector.label, cavity: row.cavity }) };
  views.set(connector, view);
  return view;
}

/** The cavities in table order, with what they were made from. */
interface Views {
  readonly rows: JobDocument["pins"];
  readonly connectors: JobDocument["connectors"];
  /** By place among the rows: the place among the views, or -1. */
  readonly placeOf: Int32Array;
  readonly shown: Pick<Derived, "pins" | "pinById">;
}

function viewPins(rows: JobDocument["pins"], connectors: JobDocument["connectors"], before: Views | null): Views {
  if (before?.rows === rows && before.connectors === connectors) return before;
  return (before && patchedViews(rows, connectors, before)) ?? madeViews(rows, connectors);
}

function madeViews(rows: JobDocument["pins"], connectors: JobDocument["connectors"]): Views {
  const connectorById = new Map(connectors.map((row) => [row.id, row]));
  const placeOf = new Int32Array(rows.length).fill(-1);
  const pins: PinView[] = [];
  const order = rows.map((_, at) => at).sort((a, b) => (rows[a] as PinRow).position - (rows[b] as PinRow).position);
  for (const at of order) {
    const row = rows[at] as PinRow;
    const connector = connectorById.get(row.connectorId);
    if (connector === undefined) continue;
    placeOf[at] = pins.push(viewPin(row, connector)) - 1;
  }
  return { rows, connectors, placeOf, shown: { pins, pinById: new Map(pins.map((pin) => [pin.row.id, pin])) } };
}

/**
 * Where rows changed at their places, as nearly always, only their views are made anew; null where more changed than
 * that.
 */
function patchedViews(rows: JobDocument["pins"], connectors: JobDocument["connectors"], before: Views): Views | null {
  if (before.connectors !== connectors || before.rows.length !== rows.length) return null;
  const changed: number[] = [];
  for (const [at, row] of rows.entries()) {
    const was = before.rows[at] as PinRow;
    if (row === was) continue;
    if (row.id !== was.id || row.position !== was.position || row.connectorId !== was.connectorId) return null;
    changed.push(at);
  }
  const pins = [...before.shown.pins];
  const pinById = new Map(before.shown.pinById);
  for (const at of changed) {
    const place = before.placeOf[at] as number;
    const was = pins[place];
    if (was === undefined) continue;
    const view = viewPin(rows[at] as PinRow, was.connector);
    pins[place] = view;
    pinById.set(view.row.id, view);
  }
  return { ...before, rows, shown: { pins, pinById } };
}

function deriveRest(
  { pins, pinById }: Pick<Derived, "pins" | "pinById">,
  signals: readonly SignalPin[],
  plan: PlanLines,
  readings: JobDocument["readings"],
  expected: Expected,
  dials: readonly DialCheck[],
  units: Units,
): Derived {
  const signalById = new Map(signals.map((pin) => [pin.id, pin]));
  const planned = (id: string): PlannedPin | undefined => {
    const [signal, pin] = [signalById.get(id), pinById.get(id)];
    return (
      signal &&
      pin && { ...signal, lengthM: pin.row.lengthM, place: pin.connector.place, description: pin.row.description }
    );
  };
  const volts = new Map((expected?.volts ?? []).map((one) => [`${one.pinId} ${one.state}`, one]));
  const steps = viewSteps(
    makeSteps({
      lines: plan.lines,
      pinOf: planned,
      solved: (pinId, state) => volts.get(`${pinId} ${state}`) ?? null,
      standing: expected?.standing ?? null,
      dials,
      units,
    }),
    readings,
  );
  const count = (side: string) => pins.filter((pin) => pin.connector.side === side).length;
  const blockers = findBlockers({
    sides: { donor: count("donor"), host: count("host") },
    plan,
    unknownPins: pins.filter(isUnknown).map(({ row, connector }) => ({
      at: { type: "cavity", pinId: row.id, side: connector.side, connector: connector.label, cavity: row.cavity },
      description: row.description,
    })),
    // A link that is only proposed waits for the map, and is named there.
    steps: steps
      .filter(({ step }) => !isProposed(step))
      .map(({ step, judgement, stale }) => ({
        key: step.key,
        step,
        outcome: judgement?.outcome ?? null,
        stale,
      })),
  });
  return { pins, pinById, plan, steps, blockers };
}

/** Nobody knows yet what the cavity does; a person can still say that they looked and it stays so. */
export const isUnknown = ({ row, connector }: PinView) =>
  connector.mateId === null &&
  row.kindSource === "proposed" &&
  (row.kind === "unknown" || row.kindConfidence < KNOWN_FROM);
/** Proposed and taken as known, but nobody has agreed yet. */
export const isGuess = (pin: PinView) => pin.row.kindSource === "proposed" && !isUnknown(pin);

function viewSteps(steps: readonly Step[], readings: readonly ReadingRow[]): StepView[] {
  const byStep = new Map<string, ReadingRow[]>();
  for (const reading of readings) byStep.set(reading.stepKey, [...(byStep.get(reading.stepKey) ?? []), reading]);
  const readingsOf = (step: Pick<Step, "key">) => (byStep.get(step.key) ?? []).toSorted(byArrival);
  const leads = readingsOf({ key: LEADS_STEP }).at(-1)?.value ?? null;
  const views = steps.map((planned) => {
    const own = readingsOf(planned);
    const latest = own.at(-1) ?? null;
    const step = withLeads(planned, leads);
    // Of the plan alone: leads that are read later make no reading old.
    const basis = basisOf(planned);
    return {
      step,
      latest,
      judgement: latest && judge(step, latest.value),
      basis,
      stale: latest !== null && latest.basis !== basis,
      attempts: own.length,
    };
  });
  const gates = gatesOf(
    views.map(({ step, judgement, stale }) => ({ step, proven: judgement?.outcome === "pass" && !stale })),
  );
  return views.map((view) => ({ ...view, gate: gates.get(view.step.key) ?? null }));
}
