import type { ReportRow } from "@/core/slice";
import type { BranchRow, ConnectorRow } from "@/job/schema";

/** A line of the list: a branch, a connector, or one of its wires. */
export type Item =
  | { readonly type: "branch"; readonly branch: BranchRow; readonly rows: readonly ReportRow[] }
  | { readonly type: "connector"; readonly connector: ConnectorRow; readonly rows: readonly ReportRow[] }
  | { readonly type: "wire"; readonly row: ReportRow };

/** What a decision on the line is about. */
export function subjectOf(item: Item): string {
  switch (item.type) {
    case "branch":
      return `branch:${item.branch.id}`;
    case "connector":
      return `connector:${item.connector.id}`;
    case "wire":
      return item.row.wire.id;
  }
}

/** Wires under their connector, connectors under their branch where they have one. */
export function inGroups(
  rows: readonly ReportRow[],
  connectors: readonly ConnectorRow[],
  branches: readonly BranchRow[],
): Item[] {
  const groups = new Map<string, ReportRow[]>();
  for (const row of rows) {
    const group = groups.get(row.connectorId);
    if (group === undefined) groups.set(row.connectorId, [row]);
    else group.push(row);
  }
  const of = (branchId: string | null) =>
    connectors
      .filter((connector) => connector.branchId === branchId)
      .flatMap((connector): Item[] => {
        const own = groups.get(connector.id);
        return own === undefined
          ? []
          : [{ type: "connector", connector, rows: own }, ...own.map((row) => ({ type: "wire", row }) as const)];
      });
  return [
    ...of(null),
    ...branches.flatMap((branch): Item[] => {
      const items = of(branch.id);
      return items.length === 0
        ? []
        : [
            { type: "branch", branch, rows: items.flatMap((item) => (item.type === "connector" ? item.rows : [])) },
            ...items,
          ];
    }),
  ];
}
