import { cachedBy } from "../../cached-by";
import { fieldOf, type Quantity } from "../../forms";
import { cavityPoint } from "../../harness";
import type { CavityPoint } from "../../points";
import { guardsOf } from "../../slice";
import { DEAD_VOLTS, type KeyPosition, usualState } from "../../state";
import { type NetSpan, other } from "../model/spans";
import { settingOf } from "../solved/solve";
import { type KeyRow, ownLoadsAt } from "../tables/keys";
import type { PowerEdit } from "../tried";
import { atPoint, type PowerModel, type PowerSolution } from "../types";
import type { Finding } from "./types";

/** Loads that something must be able to switch off, by what they carry. */
const SWITCHED: readonly Quantity[] = [
  "fuel-pump",
  "cooling-fan",
  "cooling-fan-high",
  "injector",
  "oxygen-heater",
  "purge-valve",
  "camshaft-phaser",
  "glow-plug",
  "starter-request",
];
/** Where they are looked at: with the key on, and with the engine running. */
const LOOKED_AT: readonly KeyPosition[] = ["run", "running"];

/** What may switch a load: a computer's output, or a switch. */
interface Switch {
  readonly elementId: string;
  readonly at: CavityPoint;
}

/**
 * Consumers that are fed though all that could switch them is open: a pump with a second feed runs on after a crash.
 * Solved anew with those open; where nothing at all switches a load nothing can be said.
 */
export function wrongLiveFindings(solution: PowerSolution, rows: readonly KeyRow[]): Finding[] {
  return SWITCHED.flatMap((quantity) => {
    const switches = switchesOf(solution.model).get(quantity) ?? [];
    if (switches.length === 0) return [];
    const consumers = rows.filter((row) => row.role === "consumer" && carries(solution.model, row, quantity));
    const found = new Map<string, Finding>();
    for (const state of LOOKED_AT) {
      // What is dead as it is, is so without its switch.
      const live = consumers.filter(({ cells }) =>
        cells.some((cell) => cell.state === state && Math.abs(cell.across ?? 0) >= DEAD_VOLTS),
      );
      const volts = live.length === 0 ? null : solvedWithout(solution, state, switches);
      if (volts === null) continue;
      for (const row of live) {
        const across = mostAcross(solution.model, row, volts);
        if (across >= DEAD_VOLTS && !found.has(row.pin.id))
          found.set(row.pin.id, wrongLive(solution.model, row, quantity, state, across, switches));
      }
    }
    return [...found.values()];
  });
}

/** Whether a consumer is of this quantity, by its own cavity or by the one over which its load is worked. */
function carries({ facts: { harness }, names, spans, nodeOfPin }: PowerModel, { pin }: KeyRow, quantity: Quantity) {
  if (pin.quantity === quantity) return true;
  const node = nodeOfPin.get(pin.id);
  if (pin.form.kind !== "supply-in" || node === undefined) return false;
  return (spans.at.get(node) ?? []).some(
    (span) =>
      span.role === "load" &&
      (names.pinsOf.get(other(span, node)) ?? []).some((id) => harness.pinById.get(id)?.quantity === quantity),
  );
}

/**
 * The one wire that leads to a consumer beside its link: without it, the link alone works it. Null where there are
 * more, or none, or something guards it.
 */
function secondFeed({ facts: { harness, links, gone } }: PowerModel, pinId: string): string | null {
  if (!links.some(({ consumerId }) => consumerId === pinId)) return null;
  const own = harness.wires.filter((wire) => wire.pinIds.includes(pinId) && !gone.has(wire.id));
  const [wire] = own;
  return wire === undefined || own.length > 1 || guardsOf(harness)(wire) !== null ? null : wire.id;
}

const wrongLive = (
  model: PowerModel,
  row: KeyRow,
  quantity: Quantity,
  state: KeyPosition,
  volts: number,
  switches: readonly Switch[],
): Finding => ({
  code: "wrong-live",
  key: `wrong-live ${row.pin.id}`,
  severity: quantity === "fuel-pump" ? "danger" : "fault",
  volts,
  switches: switches.map(({ at }) => at),
  isFuel: quantity === "fuel-pump",
  state,
  amount: { value: volts, limit: DEAD_VOLTS, unit: "V" },
  node: row.node,
  pinId: row.pin.id,
  at: atPoint(row.at),
  also: [],
  cures: [{ code: "second-feed-off", consumer: row.at, edit: unwire(secondFeed(model, row.pin.id)) }],
});
const unwire = (wireId: string | null): PowerEdit | null => (wireId === null ? null : { type: "unwire", wireId });

/** The computers' outputs and the switches, by what they carry. */
const switchesOf = cachedBy(
  ({ elements, facts: { harness } }: PowerModel): ReadonlyMap<Quantity, readonly Switch[]> => {
    const byQuantity = new Map<Quantity, Switch[]>();
    for (const { element, origin } of elements) {
      if (element.type !== "switch" || origin.type !== "part") continue;
      const part = harness.partById.get(origin.partId);
      if (part?.type !== "computer" && part?.type !== "switch") continue;
      const spec = part.elements.find(({ id }) => id === origin.elementId);
      if (spec?.type !== "switch") continue;
      for (const { name, pinId } of part.terminals) {
        const pin = (name === spec.a || name === spec.b) && pinId !== null ? harness.pinById.get(pinId) : undefined;
        if (pin?.quantity == null || !pin.form.kind.endsWith("-out")) continue;
        const own = byQuantity.get(pin.quantity) ?? [];
        if (own.every(({ elementId }) => elementId !== element.id))
          byQuantity.set(pin.quantity, [...own, { elementId: element.id, at: cavityPoint(harness, pin.id) }]);
      }
    }
    return byQuantity;
  },
);

/** Volts by node with some switches open, beside what a state does with them; null where it has no solution. */
function solvedWithout(
  { network, model, charged }: PowerSolution,
  state: KeyPosition,
  switches: readonly Switch[],
): ReadonlyMap<string, number | null> | null {
  if (network === null) return null;
  const open = switches.map(({ elementId }) => ({ id: elementId, ohms: Number.POSITIVE_INFINITY }));
  // Begun where the state itself was solved: a change of it, and no state of its own.
  const solved = network.solve(settingOf(model, usualState(state)), {
    changes: [...(state === "running" ? charged : []), ...open],
  });
  return solved.ok ? solved.solution.volts : null;
}

/** The most that any of a consumer's own loads has across it, V. */
function mostAcross(model: PowerModel, row: KeyRow, volts: ReadonlyMap<string, number | null>): number {
  const at = (node: string) => volts.get(node) ?? 0;
  return ownLoadsAt(model, row.pin.id).reduce(
    (most, span: NetSpan) => Math.max(most, Math.abs(at(row.node) - at(other(span, row.node)))),
    0,
  );
}

/** Inductive loads on a driver that has no path for their current, with none beside them. */
export function flybackFindings({ model }: PowerSolution): Finding[] {
  const { harness, links } = model.facts;
  const helped = new Set(
    links.flatMap(({ id, adapters }) =>
      adapters.some(({ type }) => type === "flyback-diode" || type === "clamp") ? [id] : [],
    ),
  );
  return [...harness.pinById.values()].flatMap((pin): Finding[] => {
    const node = model.nodeOfPin.get(pin.id);
    if (node === undefined || !pin.form.kind.endsWith("-side-out") || fieldOf(pin.form, "clamp") !== "none") return [];
    const { nodes, linkIds } = copperAt(model, node);
    const loads = [...nodes].flatMap((one) =>
      (model.names.pinsOf.get(one) ?? []).filter(
        (id) => fieldOf(harness.pinById.get(id)?.form ?? pin.form, "inductive") === "yes",
      ),
    );
    const [load] = loads;
    if (load === undefined || linkIds.some((id) => helped.has(id)) || hasDiode(model, nodes)) return [];
    return [
      {
        code: "no-flyback",
        key: `flyback ${pin.id}`,
        severity: "fault",
        load: cavityPoint(harness, load),
        state: "running",
        amount: { value: 0, limit: null, unit: "V" },
        node,
        pinId: pin.id,
        at: atPoint(cavityPoint(harness, pin.id)),
        also: loads.slice(1).map((id) => atPoint(cavityPoint(harness, id))),
        cures: [{ code: "flyback-diode", across: cavityPoint(harness, load), edit: null }],
      },
    ];
  });
}

/** Nodes that copper joins with one, and the links on the way. */
function copperAt({ spans }: PowerModel, start: string) {
  const nodes = new Set([start]);
  const linkIds: string[] = [];
  for (const node of nodes)
    for (const span of spans.at.get(node) ?? []) {
      const { element, origin } = span.planned;
      if (span.role !== "path" || element.type !== "resistor") continue;
      if (origin.type === "link") linkIds.push(origin.linkId);
      nodes.add(other(span, node));
    }
  return { nodes, linkIds };
}

const hasDiode = ({ elements }: PowerModel, nodes: ReadonlySet<string>) =>
  elements.some(({ element }) => element.type === "diode" && (nodes.has(element.a) || nodes.has(element.b)));
