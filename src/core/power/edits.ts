import { fieldOf } from "../forms";
import { cavityPoint } from "../harness";
import {
  type Adapter,
  type AdapterOf,
  type ContactFeed,
  contactFor,
  RELAY_COIL_AMPS,
  RELAY_COIL_OHMS,
} from "../signals";
import { SETTINGS } from "./settings";
import type { PowerEdit, TriedFuse, TriedLoad, TriedStrap, TriedWire } from "./tried";
import type { PowerFacts, PowerLink } from "./types";

/** A blocking diode as a plan adds it. */
export const BLOCKING_DIODE: AdapterOf<"blocking-diode"> = { type: "blocking-diode", volts: 50, amps: 3 };

/** Rated contact of a planned relay where nobody knows the load, A. */
const USUAL_CONTACT_AMPS = 30;

/** The usual relay, its contact fit for what the consumer takes. */
const plannedRelay = (consumerAmps: number | null, contactFeed: ContactFeed): AdapterOf<"relay"> => ({
  type: "relay",
  coilAmps: RELAY_COIL_AMPS,
  coilOhms: RELAY_COIL_OHMS,
  contactAmps: contactFor(consumerAmps) ?? USUAL_CONTACT_AMPS,
  contactFeed,
});

/**
 * What an edit does to a plan, in the few steps that the facts and the job's rows both know. Each edit is decided here
 * once: what is tried is what is carried out.
 */
export type PlanChange =
  | { readonly type: "wires"; readonly wireIds: readonly string[]; readonly to: TriedWire }
  /** The consumer's one link, in place of what it had. */
  | {
      readonly type: "link";
      readonly consumerId: string;
      readonly providerId: string;
      readonly adapters: readonly Adapter[];
    }
  | ({ readonly type: "add-wire" } & TriedStrap)
  | { readonly type: "remove-wire"; readonly wireId: string }
  | { readonly type: "refuse-link"; readonly consumerId: string; readonly providerId: string }
  | ({ readonly type: "add-load" } & TriedLoad)
  | ({ readonly type: "fuse" } & TriedFuse)
  | Extract<PowerEdit, { type: "setting" }>;

type PlanFacts = Pick<PowerFacts, "links" | "harness">;

/** Null where the edit speaks of a link that is no longer there. */
export function changeOf(edit: PowerEdit, facts: PlanFacts): PlanChange | null {
  switch (edit.type) {
    case "wire":
      return { type: "wires", wireIds: [edit.wireId], to: sizesOf(edit) };
    case "wires":
      return { type: "wires", wireIds: edit.wireIds, to: { sizeMm2: edit.sizeMm2 } };
    case "relink":
      return { type: "link", consumerId: edit.consumerId, providerId: edit.providerId, adapters: [] };
    case "relay":
      return {
        type: "link",
        consumerId: edit.consumerId,
        providerId: edit.providerId,
        adapters: [relayOf(edit, facts)],
      };
    case "diode":
      return withAdapters(facts, edit.linkId, (adapters) => [...adapters, BLOCKING_DIODE]);
    case "branch-fuse":
      return withAdapters(facts, edit.linkId, (adapters) => [{ type: "fuse", amps: edit.amps }, ...adapters]);
    case "strap":
      return { ...edit, type: "add-wire" };
    case "unwire":
      return { type: "remove-wire", wireId: edit.wireId };
    case "unlink":
      return { ...edit, type: "refuse-link" };
    case "load":
      return { ...edit, type: "add-load" };
    case "fuse":
    case "setting":
      return edit;
  }
}

const sizesOf = ({ sizeMm2, lengthM }: TriedWire): TriedWire => ({
  ...(sizeMm2 === undefined ? {} : { sizeMm2 }),
  ...(lengthM === undefined ? {} : { lengthM }),
});

function relayOf(
  { consumerId, contactFeedId }: Extract<PowerEdit, { type: "relay" }>,
  { harness }: PlanFacts,
): Adapter {
  const consumer = harness.pinById.get(consumerId);
  return plannedRelay(
    consumer === undefined ? null : fieldOf(consumer.form, "amps"),
    cavityPoint(harness, contactFeedId),
  );
}

function withAdapters(
  { links }: PlanFacts,
  linkId: string,
  change: (adapters: readonly Adapter[]) => readonly Adapter[],
): PlanChange | null {
  const link = links.find(({ id }) => id === linkId);
  return link === undefined
    ? null
    : { type: "link", consumerId: link.consumerId, providerId: link.providerId, adapters: change(link.adapters) };
}

/** The facts as they would be with an edit carried out. */
export function editFacts(facts: PowerFacts, edit: PowerEdit): PowerFacts {
  const change = changeOf(edit, facts);
  const { tried } = facts;
  switch (change?.type) {
    case undefined:
      return facts;
    case "wires":
      return {
        ...facts,
        tried: {
          ...tried,
          wires: new Map([
            ...tried.wires,
            ...change.wireIds.map((id) => [id, { ...tried.wires.get(id), ...change.to }] as const),
          ]),
        },
      };
    case "link":
      return { ...facts, links: withLink(facts.links, change) };
    case "add-wire":
      return { ...facts, tried: { ...tried, straps: [...tried.straps, change] } };
    case "remove-wire":
      return { ...facts, gone: new Set([...facts.gone, change.wireId]) };
    case "refuse-link":
      return {
        ...facts,
        links: facts.links.filter(
          ({ consumerId, providerId }) => consumerId !== change.consumerId || providerId !== change.providerId,
        ),
      };
    case "add-load":
      return { ...facts, tried: { ...tried, loads: [...tried.loads, change] } };
    case "fuse":
      return {
        ...facts,
        tried: { ...tried, fuses: new Map(tried.fuses).set(`${change.partId}/${change.elementId}`, change) },
      };
    case "setting":
      return {
        ...facts,
        settings: new Map(facts.settings).set(change.key, { key: change.key, value: change.value, origin: "tried" }),
      };
  }
}

/** A link between the same two cavities keeps its place and its name, so that the network is numbered as before. */
function withLink(
  links: readonly PowerLink[],
  { consumerId, providerId, adapters }: Extract<PlanChange, { type: "link" }>,
): PowerLink[] {
  const same = (link: PowerLink) => link.consumerId === consumerId && link.providerId === providerId;
  if (links.some(same))
    return links
      .filter((link) => link.consumerId !== consumerId || same(link))
      .map((link) => (same(link) ? { ...link, adapters, proposed: false } : link));
  return [
    ...links.filter((link) => link.consumerId !== consumerId),
    { id: `tried-${consumerId}`, providerId, consumerId, adapters, proposed: false },
  ];
}

/** What is wrong with an edit before it is tried: outside of what can be. `value` is NaN where nothing was given. */
export type EditFault =
  | {
      readonly code: "out-of-range";
      readonly what: "size" | "length" | "watts" | "amps";
      readonly low: number;
      readonly high: number;
      readonly value: number;
    }
  | {
      readonly code: "out-of-range";
      readonly what: "setting";
      readonly setting: keyof typeof SETTINGS;
      readonly low: number;
      readonly high: number;
      readonly value: number;
    }
  | { readonly code: "nothing-given" }
  | { readonly code: "one-end" };

const RANGES = { size: [0.2, 150], length: [0.01, 50], watts: [0.1, 5000], amps: [0.5, 300] } as const;

/** Null where the edit can be tried. */
export function editFault(edit: PowerEdit): EditFault | null {
  const within = (what: keyof typeof RANGES, value: number | undefined): EditFault | null => {
    const [low, high] = RANGES[what];
    return value === undefined || (value >= low && value <= high)
      ? null
      : { code: "out-of-range", what, low, high, value };
  };
  switch (edit.type) {
    case "wire":
      return (
        within("size", edit.sizeMm2) ??
        within("length", edit.lengthM) ??
        (edit.sizeMm2 === undefined && edit.lengthM === undefined ? { code: "nothing-given" } : null)
      );
    case "wires":
      return within("size", edit.sizeMm2);
    case "strap":
      return (
        within("size", edit.sizeMm2) ??
        within("length", edit.lengthM) ??
        (edit.fromPinId === edit.toPinId ? { code: "one-end" } : null)
      );
    case "load":
      return within("watts", edit.watts) ?? within("size", edit.sizeMm2) ?? within("length", edit.lengthM);
    case "fuse":
    case "branch-fuse":
      return within("amps", edit.amps);
    case "setting": {
      const { low, high } = SETTINGS[edit.key];
      return edit.value >= low && edit.value <= high
        ? null
        : { code: "out-of-range", what: "setting", setting: edit.key, low, high, value: edit.value };
    }
    default:
      return null;
  }
}
