import type { Side } from "../forms";

/** A cavity as facts name it: by its id for code, by side, connector and label for whoever reads. */
export interface CavityPoint {
  readonly type: "cavity";
  readonly pinId: string;
  readonly side: Side;
  readonly connector: string;
  readonly cavity: string;
}

/** A point of the wiring. Code goes by ids and types; `core/words` says what is printed there. */
export type Point =
  | CavityPoint
  /** The end of a cavity's wire that the tables do not show. */
  | (Omit<CavityPoint, "type"> & { readonly type: "open-end" })
  | { readonly type: "splice"; readonly side: Side; readonly circuit: string }
  | { readonly type: "terminal"; readonly part: string; readonly terminal: string }
  | { readonly type: "pole"; readonly pole: "plus" | "minus" }
  | { readonly type: "body" }
  | { readonly type: "engine-block" }
  /** Between two elements of one part, or of a link's adapters: nobody can put a probe there. */
  | { readonly type: "inside"; readonly of: string };

/** A wire by its two ends. */
export interface WireEnds {
  readonly from: Point;
  readonly to: Point;
}

export const sideOf = (point: Point): Side | null => ("side" in point ? point.side : null);
