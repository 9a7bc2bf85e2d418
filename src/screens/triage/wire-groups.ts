import { OF_THE_OTHER } from "@/core/functions";
import type { HarnessReport, ReportRow } from "@/core/slice";
import type { BranchRow, ConnectorRow } from "@/job/schema";

/** What stands before all connectors: what goes, and what goes and stays have in common. */
export type Section = "goes" | "between";

/** A line of the list: a section, a branch, a connector, or one of its wires. */
export type Item =
  | { readonly type: "section"; readonly section: Section; readonly rows: readonly ReportRow[] }
  | { readonly type: "branch"; readonly branch: BranchRow; readonly rows: readonly ReportRow[] }
  | { readonly type: "connector"; readonly connector: ConnectorRow; readonly rows: readonly ReportRow[] }
  /** `inSection`: no connector's name stands over it. */
  | { readonly type: "wire"; readonly row: ReportRow; readonly inSection?: true };

/** What a decision on the line is about. */
export function subjectOf(item: Item): string {
  switch (item.type) {
    case "section":
      return `section:${item.section}`;
    case "branch":
      return `branch:${item.branch.id}`;
    case "connector":
      return `connector:${item.connector.id}`;
    case "wire":
      return item.row.wire.id;
  }
}

/** Functions that go: the other vehicle's own, and what somebody dropped. An accessory that nobody has is none. */
export const goingFunctions = (functions: HarnessReport["functions"]): ReadonlySet<string> =>
  new Set(
    functions.flatMap(({ key, kept, keptByDefault }) =>
      !kept && (keptByDefault || OF_THE_OTHER.has(key)) ? [key] : [],
    ),
  );

const sectionOf = ({ proposed, by, unkept }: ReportRow, going: ReadonlySet<string>): Section | null => {
  if (proposed === "remove") return "goes";
  return by.length > 0 && unkept.some((key) => going.has(key)) ? "between" : null;
};

/**
 * What goes, and what it has in common with what stays, first; then all other wires under their connector, connectors
 * under their branch where they have one. A connector's head is about all of its wires, wherever they stand: it is
 * decided on as a whole.
 */
export function inGroups(
  rows: readonly ReportRow[],
  connectors: readonly ConnectorRow[],
  branches: readonly BranchRow[],
  going: ReadonlySet<string>,
): Item[] {
  const sections = (["goes", "between"] as const).flatMap((section): Item[] => {
    const own = rows.filter((row) => sectionOf(row, going) === section);
    return own.length === 0
      ? []
      : [
          { type: "section", section, rows: own },
          ...own.map((row) => ({ type: "wire", row, inSection: true }) as const),
        ];
  });
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
        if (own === undefined) return [];
        const below = own.filter((row) => sectionOf(row, going) === null);
        return [{ type: "connector", connector, rows: own }, ...below.map((row) => ({ type: "wire", row }) as const)];
      });
  return [
    ...sections,
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
