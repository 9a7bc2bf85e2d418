import type { PinView } from "../shell/derive";
import type { MoreColumn } from "./pin-line";

const OWN: readonly (readonly [key: string, head: string, of: MoreColumn["of"]])[] = [
  ["to", "Runs to", (row) => row.otherEnd ?? ""],
  ["part", "Part", (row) => row.part ?? ""],
  ["remarks", "Note", (row) => row.note],
];
const MOST = 12;

/** Columns that some cavity has something in, beside those that each has: the fullest first of what papers brought along. */
export function moreColumns(pins: readonly PinView[]): readonly MoreColumn[] {
  const counts = new Map<string, number>();
  for (const { row } of pins)
    for (const header of Object.keys(row.extra)) counts.set(header, (counts.get(header) ?? 0) + 1);
  const extras = [...counts].toSorted(([, a], [, b]) => b - a).slice(0, MOST);
  return [
    ...OWN.filter(([, , of]) => pins.some(({ row }) => of(row) !== "")).map(([key, head, of]) => ({
      key,
      head,
      of,
      extra: null,
    })),
    ...extras.map(
      ([header]): MoreColumn => ({
        key: `extra ${header}`,
        head: header,
        of: (row) => row.extra[header] ?? "",
        extra: header,
      }),
    ),
  ];
}
