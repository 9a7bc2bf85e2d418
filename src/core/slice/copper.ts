import type { Wire } from "../harness";

/**
 * Density of annealed copper, kg per metre of 1 mm²: 8.96 g/cm³ (IEC 60028 gives 8.89 for the standard; metal handbooks
 * 8.96).
 */
const KG_PER_M_MM2 = 0.00896;

export interface CopperOfSize {
  /** mm²; null for wires of which nobody knows the size. */
  readonly sizeMm2: number | null;
  readonly wires: number;
  /** m, of the wires whose length is known. */
  readonly lengthM: number;
  /** kg of bare copper, without insulation; 0 where the size is not known. */
  readonly kg: number;
  /** Wires of this size whose length nobody knows: not in the metres. */
  readonly unmeasured: number;
}

/** The copper in some wires by size, the thickest first, unknown sizes last. Mass: m = 8.96 g/cm³ · A · L. */
export function copperBySize(wires: readonly Pick<Wire, "sizeMm2" | "lengthM">[]): CopperOfSize[] {
  const sizes = new Map<number | null, { wires: number; lengthM: number; unmeasured: number }>();
  for (const { sizeMm2, lengthM } of wires) {
    const sum = sizes.get(sizeMm2) ?? { wires: 0, lengthM: 0, unmeasured: 0 };
    sizes.set(sizeMm2, {
      wires: sum.wires + 1,
      lengthM: sum.lengthM + (lengthM ?? 0),
      unmeasured: sum.unmeasured + (lengthM === null ? 1 : 0),
    });
  }
  return [...sizes]
    .toSorted(([a], [b]) => (b ?? -1) - (a ?? -1))
    .map(([sizeMm2, sum]) => ({ sizeMm2, ...sum, kg: KG_PER_M_MM2 * (sizeMm2 ?? 0) * sum.lengthM }));
}

export const copperTotal = (sizes: readonly CopperOfSize[]) => ({
  lengthM: sizes.reduce((sum, one) => sum + one.lengthM, 0),
  kg: sizes.reduce((sum, one) => sum + one.kg, 0),
  unmeasured: sizes.reduce((sum, one) => sum + one.unmeasured, 0),
});
