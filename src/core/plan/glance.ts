import type { Line } from "./lines";

/** How a band's links stand, the gravest first. */
export const BAND_STATES = ["trouble", "open", "decided"] as const;
export type BandState = (typeof BAND_STATES)[number];

/** All links between one connector of the donor and one of the host. */
export interface Band {
  readonly donor: string;
  readonly host: string;
  readonly links: number;
  readonly state: BandState;
  /** The first of its links that needs somebody, else its first. */
  readonly lineKey: string;
}

export interface Glance {
  /** Connectors in the order in which they are drawn, with how many links end there. */
  readonly donors: readonly (readonly [connector: string, links: number])[];
  readonly hosts: readonly (readonly [connector: string, links: number])[];
  readonly bands: readonly Band[];
}

const stateOf = (line: Line): BandState =>
  line.stale || line.state === "blocked" ? "trouble" : line.state === "decided" ? "decided" : "open";
const rank = (state: BandState) => BAND_STATES.indexOf(state);

/**
 * The whole map at a glance: connectors of the donor against those of the host, joined by a band for all their links,
 * which stands as its gravest link does. Refused links are none. The busiest connectors come first.
 */
export function glanceOf(lines: readonly Line[]): Glance {
  const bands = new Map<string, Band>();
  for (const line of lines) {
    if (line.state === "refused") continue;
    const [donor, host] =
      line.provider.side === "donor"
        ? [line.provider.connector, line.consumer.connector]
        : [line.consumer.connector, line.provider.connector];
    const key = JSON.stringify([donor, host]);
    const [before, state] = [bands.get(key), stateOf(line)];
    const isGraver = before === undefined || rank(state) < rank(before.state);
    bands.set(key, {
      donor,
      host,
      links: (before?.links ?? 0) + 1,
      state: isGraver ? state : before.state,
      lineKey: isGraver ? line.key : before.lineKey,
    });
  }
  const all = [...bands.values()];
  return { donors: busiest(all, "donor"), hosts: busiest(all, "host"), bands: all };
}

function busiest(bands: readonly Band[], side: "donor" | "host"): (readonly [string, number])[] {
  const counts = new Map<string, number>();
  for (const band of bands) counts.set(band[side], (counts.get(band[side]) ?? 0) + band.links);
  return [...counts].toSorted(([a, one], [b, other]) => other - one || (a < b ? -1 : 1));
}
