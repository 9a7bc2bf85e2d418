import type { NetElement } from "../circuit";

/** What stands for what on the vehicle. */
export type Place =
  | { readonly type: "wire"; readonly wireId: string; readonly copperOhms: number; readonly jointOhms: number; readonly sizeMm2: number; readonly lengthM: number; readonly assumed: readonly ("size" | "length")[] }
  | { readonly type: "mate"; readonly pinIds: readonly [string, string] }
  | { readonly type: "link"; readonly linkId: string; readonly role: "wire" | "adapter" }
  | { readonly type: "part"; readonly partId: string; readonly elementId: string }
  | { readonly type: "assumed"; readonly says: string; readonly pinId: string | null }
  | { readonly type: "load"; readonly name: string };

/** An element of the netlist with what it stands for. */
export interface Piece {
  readonly element: NetElement;
  readonly place: Place;
  /** By what is printed on it: `wire FB-2 to C1-1`, `fuse FB F2`. */
  readonly name: string;
}
