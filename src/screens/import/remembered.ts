import { type ColumnRead, headsOf, type RememberedHead, readHeaders } from "@/formats/pin-table";

const KEY = "pantograph:column-heads";
const MOST = 50;

/** Heads of earlier files of which a person told what their columns are, the latest first. None where nothing can be kept. */
export function rememberedHeads(): readonly RememberedHead[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? "[]");
    return Array.isArray(kept) ? kept.filter(isHead) : [];
  } catch {
    return [];
  }
}

/** What a browser keeps may be of another version, or of another hand. */
function isHead(one: unknown): one is RememberedHead {
  const { heads, columns } = (one ?? {}) as Partial<RememberedHead>;
  return Array.isArray(heads) && Array.isArray(columns) && heads.length === columns.length;
}

/** Keeps how the columns of a head were taken, for the next file of that source; not what is understood anyway. */
export function rememberHead(columns: readonly ColumnRead[]): void {
  const cells = columns.map(({ header }) => header);
  const heads = headsOf(cells);
  const others = rememberedHeads().filter((one) => JSON.stringify(one.heads) !== JSON.stringify(heads));
  const usual = readHeaders(cells);
  const isUsual = columns.every(({ column, unit }, at) => column === usual[at]?.column && unit === usual[at]?.unit);
  const own: RememberedHead[] = isUsual
    ? []
    : [{ heads, columns: columns.map(({ column, unit }) => ({ column, unit })) }];
  try {
    localStorage.setItem(KEY, JSON.stringify([...own, ...others].slice(0, MOST)));
  } catch {
    // Where nothing can be kept, it is asked again.
  }
}
