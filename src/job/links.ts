import type { Decision } from "@/core/plan";
import type { CavityPoint } from "@/core/points";
import { type Adapter, parseAdapter, type WrittenAdapter, writeAdapter } from "@/core/signals";
import { cavityKey } from "@/core/words";
import type { JobDocument, LinkRow } from "./schema";

type Cavities = Pick<JobDocument, "pins" | "connectors">;

/** Cavities of the host by what is printed on them: a relay's contact names its feed so. */
function hostCavities({ pins, connectors }: Cavities): (label: string) => CavityPoint | null {
  const hosts = new Map(connectors.flatMap((row) => (row.side === "host" ? [[row.id, row.label] as const] : [])));
  let byLabel: Map<string, CavityPoint> | null = null;
  // Most plans name none: the table is made for the first that does.
  const table = () =>
    new Map(
      pins.flatMap((row): [string, CavityPoint][] => {
        const connector = hosts.get(row.connectorId);
        if (connector === undefined) return [];
        const point: CavityPoint = { type: "cavity", pinId: row.id, side: "host", connector, cavity: row.cavity };
        return [[cavityKey(point), point]];
      }),
    );
  return (label) => {
    byLabel ??= table();
    return byLabel.get(label) ?? null;
  };
}

/** Decisions with their adapters parsed. */
export function decisionsOf({ links, ...cavities }: Cavities & Pick<JobDocument, "links">): Decision[] {
  const feedAt = hostCavities(cavities);
  return links.map((row) => ({
    ...row,
    adapters: row.adapters.map((adapter) => parseAdapter(adapter as WrittenAdapter, feedAt)),
  }));
}

/** Adapters as rows and files have them. */
export const writtenAdapters = (adapters: readonly Adapter[]): LinkRow["adapters"] =>
  adapters.map((adapter) => ({ ...writeAdapter(adapter, cavityKey) }));
