import type { SettingKey } from "./settings";

/** A wire's size or length as they are tried, mm², m. */
export interface TriedWire {
  readonly sizeMm2?: number;
  readonly lengthM?: number;
}

/** A wire from cavity to cavity. */
export interface TriedStrap {
  readonly fromPinId: string;
  readonly toPinId: string;
  readonly sizeMm2: number;
  readonly lengthM: number;
}

/** One load more at a cavity: constant power through a new wire, its other end on the body. */
export interface TriedLoad {
  readonly pinId: string;
  readonly watts: number;
  readonly name: string;
  readonly sizeMm2: number;
  readonly lengthM: number;
}

export interface TriedFuse {
  readonly partId: string;
  readonly elementId: string;
  readonly amps: number;
}

/** One thing tried before it is decided. Each can be carried out on the job as one change. */
export type PowerEdit =
  | ({ readonly type: "wire"; readonly wireId: string } & TriedWire)
  /** Several wires made as thick as one fuse asks. */
  | { readonly type: "wires"; readonly wireIds: readonly string[]; readonly sizeMm2: number }
  /** Another feed or ground for a consumer, by wire alone. */
  | { readonly type: "relink"; readonly consumerId: string; readonly providerId: string }
  /** A relay worked by the consumer's present feed, or by another; its contact from a feed of the host. */
  | { readonly type: "relay"; readonly consumerId: string; readonly providerId: string; readonly contactFeedId: string }
  | { readonly type: "diode"; readonly linkId: string }
  /** A fuse of its own where a link leaves its feed. */
  | { readonly type: "branch-fuse"; readonly linkId: string; readonly amps: number }
  | ({ readonly type: "strap" } & TriedStrap)
  /** A wire taken out: one that was added, or one of the harness. */
  | { readonly type: "unwire"; readonly wireId: string }
  /** A link refused. */
  | { readonly type: "unlink"; readonly consumerId: string; readonly providerId: string }
  | ({ readonly type: "load" } & TriedLoad)
  | ({ readonly type: "fuse" } & TriedFuse)
  | { readonly type: "setting"; readonly key: SettingKey; readonly value: number };

/** What edits change of the facts, beside links, settings and wires that are gone. */
export interface Tried {
  readonly wires: ReadonlyMap<string, TriedWire>;
  readonly straps: readonly TriedStrap[];
  readonly loads: readonly TriedLoad[];
  /** Fuses of another rating by part and element, `part/element`. */
  readonly fuses: ReadonlyMap<string, TriedFuse>;
}

export const NOTHING_TRIED: Tried = { wires: new Map(), straps: [], loads: [], fuses: new Map() };
