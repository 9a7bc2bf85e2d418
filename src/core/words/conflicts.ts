import type { Conflict, GapWay, Line } from "../plan";
import { GAP_WAY_WORDS } from "./approaches";
import { amps, count, listed, ratedAmps } from "./numbers";
import { cavityLabel } from "./points";

const pair = ({ provider, consumer }: Line) => `${cavityLabel(provider)} to ${cavityLabel(consumer)}`;

/** What cannot all stand. */
export function conflictTitle(conflict: Conflict): string {
  switch (conflict.type) {
    case "served-twice": {
      const sources = [conflict.keep, ...conflict.refuse].map(({ provider }) => cavityLabel(provider));
      return `${listed(sources, 4)} all give ${cavityLabel(conflict.consumer)} a value: it reads neither`;
    }
    case "overloaded":
      return `${cavityLabel(conflict.provider)} would carry ${amps(conflict.amps)}, rated for ${ratedAmps(conflict.limitAmps)}`;
    case "filled-and-linked":
      return `${cavityLabel(conflict.pin)} has a link, and ${fillingText(conflict.way)} as well`;
  }
}

/** The smallest change after which the rest can stand. */
export function conflictCure(conflict: Conflict): string {
  switch (conflict.type) {
    case "served-twice":
      return `Keep ${pair(conflict.keep)}, the least to make, and refuse ${listed(conflict.refuse.map(pair))}`;
    case "overloaded":
      return `Without ${conflict.refuse.length === 1 ? "" : `${count(conflict.refuse.length, "link")}, `}${listed(conflict.refuse.map(pair))} the rest is within its rating; what is refused needs another output, or a relay`;
    case "filled-and-linked":
      return "Open the gap again, so that nothing is fitted beside the wire; or refuse the link";
  }
}

/** How a gap was filled, within a sentence. */
const fillingText = (way: GapWay): string => {
  const text = GAP_WAY_WORDS[way];
  return `${text.slice(0, 1).toLowerCase()}${text.slice(1)}`;
};
