import type { CavityPoint, Point, WireEnds } from "../points";

/** A battery's connector by the names that tables give it. */
const BATTERY = /^(bat|batt|battery)$/i;
const POLES: Readonly<Record<string, string>> = { "-": "negative", "−": "negative", "+": "positive" };

/** What is printed at a cavity: `C1-12`; a battery's posts by their name: `Battery negative`. */
export function cavityLabel({ connector, cavity }: Pick<CavityPoint, "connector" | "cavity">): string {
  const pole = POLES[cavity];
  if (pole === undefined) return `${connector}-${cavity}`;
  return `${BATTERY.test(connector) ? "Battery" : connector} ${pole}`;
}

/** A cavity as files name it, as it is printed on the connector: the same text for the same cavity in every version. */
export const cavityKey = ({ connector, cavity }: Pick<CavityPoint, "connector" | "cavity">): string =>
  `${connector}-${cavity}`;

/** What is printed at a point, or how one says it. */
export function pointText(point: Point): string {
  switch (point.type) {
    case "cavity":
      return cavityLabel(point);
    case "open-end":
      return `far end of ${cavityLabel(point)}'s wire`;
    case "splice":
      return `splice ${point.circuit}`;
    case "terminal":
      return point.part === "" ? `terminal ${point.terminal}` : `${point.part}, terminal ${point.terminal}`;
    case "pole":
      return point.pole === "plus" ? "battery positive" : "battery negative";
    case "body":
      return "body";
    case "engine-block":
      return "engine block";
    case "inside":
      return point.of === "" ? "inside the link" : `inside ${point.of}`;
  }
}

/** A wire by its two ends: `C1-6 to splice E06`, `C1-6, other end not known yet`. */
export const wireText = ({ from, to }: WireEnds): string =>
  to.type === "open-end" ? `${pointText(from)}, other end not known yet` : `${pointText(from)} to ${pointText(to)}`;

/** Points of a path in their order. */
export function pathText(points: readonly Point[]): string {
  const names = points.map(pointText);
  // A battery's pole and the cavity on it are one place to whoever stands before it.
  return names.filter((name, at) => name.toLowerCase() !== names[at - 1]?.toLowerCase()).join(" → ");
}
