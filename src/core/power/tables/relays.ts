import { fieldOf } from "../../forms";
import type { Point } from "../../points";
import { KEY_POSITIONS, type KeyPosition } from "../../state";
import { warmPullInVolts } from "../../wire";
import { pointOfNode } from "../model/node-names";
import type { NetSpan } from "../model/spans";
import type { Origin } from "../plan-element";
import { settingValue } from "../settings";
import { mostAmps } from "../solved/flow";
import type { PowerModel, PowerSolution } from "../types";

/** A relay of the table to build from. */
export interface RelayRow {
  readonly key: string;
  readonly origin: Origin;
  /** What its coil lies between, and the coil's current when pulled in, A. */
  readonly coilEnds: readonly [Point, Point];
  readonly coilAmps: number;
  readonly coilVolts: number;
  /** The least that its coil has in a key position in which it is pulled in; null where it never is. */
  readonly weakest: { readonly state: KeyPosition; readonly volts: number } | null;
  readonly pullInVolts: number;
  /** What it takes to pull it in when its coil is warm, V. */
  readonly warmPullInVolts: number;
  readonly contactAmps: number;
  readonly contactRating: number;
  /** Nobody has read the rating: the usual one is taken. */
  readonly isRatingAssumed: boolean;
  readonly diode: boolean;
  readonly pulledIn: readonly KeyPosition[];
}

/** What a relay's contact is rated for where nobody has read it, A. */
const USUAL_CONTACT = 30;

/** What the outputs of a relay's contacts are rated for, A: the least; null where no cavity says it (contracts/verbs.md). */
function statedContactAmps({ facts: { harness } }: PowerModel, partId: string, elementId: string): number | null {
  const part = harness.partById.get(partId);
  const spec = part?.elements.find(({ id }) => id === elementId);
  if (part === undefined || spec?.type !== "relay") return null;
  const outputs = new Set(spec.contacts.map(({ b }) => b));
  const stated = part.terminals.flatMap(({ name, pinId }) => {
    const pin = outputs.has(name) && pinId !== null ? harness.pinById.get(pinId) : undefined;
    const amps = pin === undefined ? 0 : (fieldOf(pin.form, "maxAmps") ?? 0);
    return amps > 0 ? [amps] : [];
  });
  return stated.length === 0 ? null : Math.min(...stated);
}

export function relayTable(solution: PowerSolution): RelayRow[] {
  const { model } = solution;
  const diodes = model.elements.flatMap(({ element }) => (element.type === "diode" ? [element] : []));
  return model.spans.all.flatMap((span): RelayRow[] => {
    const { element, origin } = span.planned;
    // A starter's solenoid is part of it, and what stands for a computer being awake or asking is no relay at all.
    if (
      element.type !== "relay" ||
      span.name !== element.id ||
      element.coilOhms > 1000 ||
      (origin.type === "part" && (origin.role === "starter-solenoid" || origin.role === "start-input"))
    )
      return [];
    const link = origin.type === "link" ? model.facts.links.find((one) => one.id === origin.linkId) : undefined;
    const rated =
      link?.adapters.find((adapter) => adapter.type === "relay")?.contactAmps ??
      (origin.type === "part" ? statedContactAmps(model, origin.partId, origin.elementId) : null);
    const states = KEY_POSITIONS.filter((state) => solution.states.get(state)?.relays.get(element.id) === "energised");
    const coilAmps = mostAmps(solution, span, KEY_POSITIONS);
    // Its contacts stand behind its coil.
    const contactAmps = Math.max(
      0,
      ...element.contacts.map((_, nth) =>
        mostAmps(solution, model.spans.all[span.at + 1 + nth] as NetSpan, KEY_POSITIONS),
      ),
    );
    // With the key off it only holds what is on its way out.
    const weakest =
      states
        .filter((state) => state !== "coasting")
        .map((state) => ({ state, volts: mostAmps(solution, span, [state]) * element.coilOhms }))
        .toSorted((a, b) => a.volts - b.volts)[0] ?? null;
    const isDonors = origin.type === "part" && model.facts.harness.partById.get(origin.partId)?.side === "donor";
    const across = (a: string, b: string) =>
      diodes.some((diode) => (diode.a === a && diode.b === b) || (diode.a === b && diode.b === a));
    return [
      {
        key: element.id,
        origin,
        coilEnds: [pointOfNode(model, element.coilA), pointOfNode(model, element.coilB)],
        coilAmps,
        coilVolts: coilAmps * element.coilOhms,
        weakest,
        pullInVolts: element.pullInVolts,
        warmPullInVolts: warmPullInVolts(
          element.pullInVolts,
          settingValue(model.facts.settings, isDonors ? "engine-bay-c" : "cabin-c"),
        ),
        contactAmps,
        contactRating: rated ?? USUAL_CONTACT,
        isRatingAssumed: rated === null,
        diode: across(element.coilA, element.coilB),
        pulledIn: states,
      },
    ];
  });
}
