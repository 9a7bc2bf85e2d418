import { type Adapter, contactFor, RELAY_COIL_AMPS, RELAY_COIL_OHMS } from "../signals";
import { lengthText, sizeWords, type Units } from "../units";
import { SETTINGS } from "./settings";
import type { PowerEdit } from "./tried";
import type { PowerFacts, PowerLink } from "./types";

/** A blocking diode as a plan adds it. */
export const BLOCKING_DIODE: Adapter = { type: "blocking-diode", volts: 50, amps: 3 };

/** The facts as they would be with an edit carried out. */
export function editFacts(facts: PowerFacts, edit: PowerEdit): PowerFacts {
  const { tried } = facts;
  const links = (change: (link: PowerLink) => PowerLink): PowerFacts => ({ ...facts, links: facts.links.map(change) });
  switch (edit.type) {
    case "wire": return { ...facts, tried: { ...tried, wires: new Map(tried.wires).set(edit.wireId, { ...tried.wires.get(edit.wireId), ...sizes(edit) }) } };
    case "wires": return edit.wireIds.reduce((next, wireId) => editFacts(next, { type: "wire", wireId, sizeMm2: edit.sizeMm2 }), facts);
    case "relink": return relinked(facts, edit.consumerId, edit.providerId, []);
    case "relay": return relinked(facts, edit.consumerId, edit.providerId, [plannedRelay(Number(facts.harness.pinById.get(edit.consumerId)?.params.amps) || null, edit.contactFeed)]);
    case "diode": return links((link) => (link.id === edit.linkId ? { ...link, adapters: [...link.adapters, BLOCKING_DIODE] } : link));
    case "branch-fuse": return links((link) => (link.id === edit.linkId ? { ...link, adapters: [{ type: "fuse", amps: edit.amps }, ...link.adapters] } : link));
    case "strap": return { ...facts, tried: { ...tried, straps: [...tried.straps, edit] } };
    case "unwire": return { ...facts, gone: new Set([...facts.gone, edit.wireId]) };
    case "load": return { ...facts, tried: { ...tried, loads: [...tried.loads, edit] } };
    case "fuse": return { ...facts, tried: { ...tried, fuses: new Map(tried.fuses).set(`${edit.partId}/${edit.elementId}`, edit) } };
    case "setting": return { ...facts, settings: new Map(facts.settings).set(edit.key, { key: edit.key, value: edit.value, origin: "tried" }) };
  }
}

/** The usual relay, its contact fit for what the consumer takes. */
export const plannedRelay = (consumerAmps: number | null, contactFeed: string): Adapter => ({ type: "relay", coilAmps: RELAY_COIL_AMPS, coilOhms: RELAY_COIL_OHMS, contactAmps: contactFor(consumerAmps) ?? 30, contactFeed });

const sizes = ({ sizeMm2, lengthM }: { readonly sizeMm2?: number; readonly lengthM?: number }) => ({ ...(sizeMm2 === undefined ? {} : { sizeMm2 }), ...(lengthM === undefined ? {} : { lengthM }) });

function relinked(facts: PowerFacts, consumerId: string, providerId: string, adapters: readonly Adapter[]): PowerFacts {
  const others = facts.links.filter((link) => link.consumerId !== consumerId);
  return { ...facts, links: [...others, { id: `tried-${consumerId}`, providerId, consumerId, adapters, proposed: false }] };
}

/** What is wrong with an edit before it is tried; null where it can be. */
export function editFault(edit: PowerEdit, units: Units = "metric"): string | null {
  const within = (value: number | undefined, low: number, high: number, what: string, unit: string) =>
    (value === undefined || (value >= low && value <= high) ? null : `${what}: give ${low} to ${high} ${unit}, not ${Number.isNaN(value) ? "nothing" : value}.`);
  const told = (value: number | undefined, low: number, high: number, what: string, text: (value: number) => string) =>
    (value === undefined || (value >= low && value <= high) ? null : `${what}: give ${text(low)} to ${text(high)}${value > 0 ? `, not ${text(value)}` : `; that is no ${what.toLowerCase()}`}.`);
  const size = (mm2: number | undefined) => told(mm2, 0.2, 150, "Size", (value) => sizeWords(value, units));
  const length = (metres: number | undefined) => told(metres, 0.01, 50, "Length", (value) => lengthText(value, units));
  switch (edit.type) {
    case "wire": return size(edit.sizeMm2) ?? length(edit.lengthM) ?? (edit.sizeMm2 === undefined && edit.lengthM === undefined ? "Give a size, a length or both." : null);
    case "wires": return size(edit.sizeMm2);
    case "strap": return size(edit.sizeMm2) ?? length(edit.lengthM) ?? (edit.fromPinId === edit.toPinId ? "A wire needs two different ends." : null);
    case "load": return within(edit.watts, 0.1, 5000, "Power", "W") ?? size(edit.sizeMm2) ?? length(edit.lengthM);
    case "fuse": case "branch-fuse": return within(edit.amps, 0.5, 300, "Rating", "A");
    case "setting": { const { low, high, name, unit } = SETTINGS[edit.key]; return within(edit.value, low, high, name, unit); }
    default: return null;
  }
}
