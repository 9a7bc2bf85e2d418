import { type Kind, parseForm, type Quantity, type Side } from "@/core/forms";
import { buildHarness, type Harness, type HarnessFacts, tableWires, type WireFacts } from "@/core/harness";
import { readColour } from "@/core/intake";
import type { CavityFacts, ConnectorFacts } from "@/core/parts";

/**
 * Cavities as a test writes them, one a line: `host FB-1 10 supply-out battery-supply RD 2.5mm 1.2m alive=permanent
 * "words"`. `-` for none.
 */
export function cavities(text: string): { connectors: ConnectorFacts[]; pins: CavityFacts[] } {
  const connectors = new Map<string, ConnectorFacts>();
  const pins = text
    .trim()
    .split("\n")
    .map((line): CavityFacts => {
      const description = line.match(/"(.*)"/)?.[1] ?? null;
      const [side, place = "", circuit, kind, quantity, ...rest] = line
        .replace(/"(.*)"/, "")
        .trim()
        .split(/\s+/);
      const at = place.lastIndexOf("-", place.length - 2);
      const [label, cavity] = [place.slice(0, at).replaceAll("_", " "), place.slice(at + 1)];
      const connectorId = `${side}:${label}`;
      connectors.set(
        connectorId,
        connectors.get(connectorId) ?? {
          id: connectorId,
          side: side as Side,
          label,
          place: null,
          branchId: null,
          mateId: null,
        },
      );
      const written = rest.find((one) => /^[A-Z]{2}(\/[A-Z]{2})?$/.test(one)) ?? null;
      const colour = written === null ? null : readColour(written);
      const number = (unit: string) => {
        const found = rest.find((one) => new RegExp(`^[\\d.]+${unit}$`).test(one));
        return found === undefined ? null : Number(found.slice(0, -unit.length));
      };
      return {
        id: `${label}-${cavity}`,
        connectorId,
        cavity,
        circuit: circuit === "-" ? null : (circuit ?? null),
        form: parseForm(
          (kind ?? "unknown") as Kind,
          Object.fromEntries(rest.filter((one) => one.includes("=")).map((one) => one.split("=") as [string, string])),
        ),
        quantity: quantity === "-" || quantity === undefined ? null : (quantity as Quantity),
        index: null,
        colour: written,
        colourBase: colour?.base ?? null,
        colourTracer: colour?.tracer ?? null,
        sizeMm2: number("mm"),
        lengthM: number("m"),
        description,
        ends: [],
      };
    });
  return { connectors: [...connectors.values()], pins };
}

/** Both harnesses as a test writes them: the wires of its cavities, and those that it adds. */
export function facts(text: string, more: Partial<HarnessFacts> = {}): HarnessFacts {
  const table = cavities(text);
  const connectors = more.connectors ?? table.connectors;
  const pins = more.pins ?? table.pins;
  const told = pins.map((pin) => ({ ...pin, carries: pin.form.kind !== "spare" }));
  return {
    branches: [],
    parts: [],
    joins: [],
    ...more,
    connectors,
    pins,
    wires: [...tableWires(told, connectors), ...(more.wires ?? [])],
  };
}
export const harness = (text: string, more: Partial<HarnessFacts> = {}): Harness => buildHarness(facts(text, more));

export const added = (id: string, fromPinId: string, toPinId: string, more: Partial<WireFacts> = {}): WireFacts => ({
  id,
  fromPinId,
  endsAt: "cavity",
  toPinId,
  splice: null,
  circuit: null,
  colour: null,
  colourBase: null,
  colourTracer: null,
  sizeMm2: 1,
  lengthM: 1,
  origin: "added",
  ...more,
});

/** Deterministic numbers in [0, 1): mulberry32. */
export function randoms(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}
