import type { Kind, Params, Quantity } from "../forms";

/** What a newer table says otherwise of a cavity. Sizes mm², lengths m; `extra` by the table's own headers. */
export type CavityChange =
  | {
      readonly column: "circuit" | "colour" | "description" | "otherEnd" | "part" | "note";
      readonly from: string | null;
      readonly to: string | null;
    }
  | { readonly column: "sizeMm2" | "lengthM"; readonly from: number | null; readonly to: number | null }
  | { readonly column: "kind"; readonly from: Kind; readonly to: Kind }
  | { readonly column: "quantity"; readonly from: Quantity | null; readonly to: Quantity | null }
  | { readonly column: "params"; readonly from: Params; readonly to: Params }
  | {
      readonly column: "extra";
      readonly from: Readonly<Record<string, string>>;
      readonly to: Readonly<Record<string, string>>;
    };
