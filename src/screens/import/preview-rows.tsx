import { useMemo } from "react";
import { KNOWN_FROM } from "@/core/intake";
import { intakeReasonText, KIND_WORDS, quantityWords } from "@/core/words";
import type { Column, PinTable, TablePin } from "@/formats/pin-table";
import { VirtualList } from "@/ui/virtual-list";
import { Wire } from "@/ui/wire";
import { ColumnHead } from "./column-head";

type Issue = PinTable["issues"][number];
interface Row {
  readonly line: number;
  readonly cells: readonly string[];
  readonly pin: TablePin | null;
  readonly issues: readonly Issue[];
}

const ROW = 30;
const NOTE = 21;
/** Widths in px by what a column is; one that is kept beside the row takes that of a short word. */
const WIDTHS: Partial<Record<Column, number>> = {
  cavity: 96,
  circuit: 96,
  colour: 132,
  size: 140,
  length: 140,
  description: 210,
  to: 140,
  kind: 140,
  quantity: 140,
  params: 180,
};
const USUAL_WIDTH = 118;
const LINE_WIDTH = 52;
const READ_WIDTH = 270;

const heightOf = ({ cells, issues }: Row) => (cells.length > 0 ? ROW : 4) + NOTE * issues.length;
/** What was understood stays in sight however far a table goes to the right. */
const BESIDE = "sticky right-0 h-full border-l border-rule2 bg-sheet pl-2";

interface Props {
  readonly table: PinTable;
  readonly only: "all" | "problems";
  readonly onColumn: (at: number, column: Column | null, unit: string | null) => void;
}

/** The rows as the file has them, under their own heads; beside each what was understood, below it what is wrong. */
export function PreviewRows({ table, only, onColumn }: Props) {
  const rows = useRows(table);
  const items = only === "all" ? rows : rows.filter(({ issues }) => issues.length > 0);
  const widths = table.columns.map(({ column }) => (column === null ? undefined : WIDTHS[column]) ?? USUAL_WIDTH);
  const style = {
    gridTemplateColumns: `${LINE_WIDTH}px ${widths.map((width) => `${width}px`).join(" ")} minmax(${READ_WIDTH}px,1fr)`,
    minWidth: LINE_WIDTH + READ_WIDTH + widths.reduce((sum, width) => sum + width + 8, 24),
  };
  return (
    <VirtualList
      label="Rows read"
      items={items}
      keyOf={({ line }) => String(line)}
      heightOf={heightOf}
      width={1200}
      current={null}
      head={
        <div
          className="sticky top-0 z-10 grid items-end gap-2 border-b-[1.5px] border-rule2 bg-sheet pl-3 text-[13px] text-ink2"
          style={style}
        >
          <span className="pb-2 font-semibold">Line</span>
          {table.columns.map((read, at) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: columns never move, and headers may repeat
            <ColumnHead key={at} read={read} at={at} onChange={(column, unit) => onColumn(at, column, unit)} />
          ))}
          <span className={`${BESIDE} flex items-end pb-2 font-semibold`}>Read as</span>
        </div>
      }
    >
      {(row) => <PreviewRow row={row} table={table} style={style} />}
    </VirtualList>
  );
}

/** Each row with its cavity and its problems; what stands above the rows is a row of its own. */
function useRows(table: PinTable): readonly Row[] {
  return useMemo(() => {
    const pins = new Map(table.pins.map((pin) => [pin.line, pin]));
    const issues = new Map<number, Issue[]>();
    for (const issue of table.issues) issues.set(issue.line, [...(issues.get(issue.line) ?? []), issue]);
    const rows = table.rows.map(
      ({ line, cells }): Row => ({
        line,
        cells,
        pin: pins.get(line) ?? null,
        issues: issues.get(line) ?? [],
      }),
    );
    const lines = new Set(table.rows.map(({ line }) => line));
    const others = [...issues].flatMap(([line, own]) =>
      lines.has(line) ? [] : [{ line, cells: [], pin: null, issues: own }],
    );
    return [...others, ...rows].toSorted((a, b) => a.line - b.line);
  }, [table]);
}

interface RowProps {
  readonly row: Row;
  readonly table: PinTable;
  readonly style: { readonly gridTemplateColumns: string; readonly minWidth: number };
}

function PreviewRow({ row, table, style }: RowProps) {
  const { line, cells, pin, issues } = row;
  const isFaulty = issues.some(({ level }) => level === "error");
  const wrong = new Set(issues.map(({ column }) => column));
  return (
    <div className="h-full border-b border-rule" style={{ minWidth: style.minWidth }}>
      {cells.length > 0 && (
        <div className="grid items-center gap-2 pl-3" style={{ ...style, height: ROW - 1 }}>
          <span className="font-mono text-[13px] text-ink2">{line}</span>
          {table.columns.map(({ column }, at) => (
            <span
              // biome-ignore lint/suspicious/noArrayIndexKey: cells never move
              key={at}
              className={`truncate text-[13px] ${column === null ? "text-ink2" : ""} ${column === "connector" || column === "cavity" || column === "circuit" ? "font-mono" : ""} ${wrong.has(column) ? "underline decoration-wavy decoration-stop underline-offset-4" : ""}`}
              title={cells[at] ?? ""}
            >
              {column === "colour" && pin?.colour ? (
                <Wire colour={pin.colour.written} base={pin.colour.base} tracer={pin.colour.tracer} />
              ) : (
                cells[at]
              )}
            </span>
          ))}
          {isFaulty ? (
            <strong className={`${BESIDE} flex items-center text-[13px] text-stop`}>
              left out until it is corrected
            </strong>
          ) : (
            <ReadAs pin={pin} isNamed={table.columns.some(({ column }) => column === "connector")} />
          )}
        </div>
      )}
      {issues.map((issue) => (
        <p
          key={`${issue.code} ${issue.column} ${issue.found}`}
          className={`sticky left-0 max-w-[calc(100vw-220px)] truncate pr-3 pl-[72px] text-[13px] leading-[20px] ${issue.level === "error" ? "text-stop" : "text-ink2"}`}
          title={issue.message}
        >
          <strong>{issue.level === "error" ? "Error" : "Warning"}</strong> {issue.message}
        </p>
      ))}
    </div>
  );
}

function ReadAs({ pin, isNamed }: { pin: TablePin | null; isNamed: boolean }) {
  if (pin === null) return <span className={BESIDE} />;
  const { kind, quantity } = pin;
  const isKnown = kind.confidence >= KNOWN_FROM && kind.value !== "unknown";
  const percent = kind.source === "given" ? "" : `${Math.round(kind.confidence * 100)} %`;
  return (
    <span
      className={`${BESIDE} min-w-0 truncate text-[13px] leading-[28px]`}
      title={`${intakeReasonText(kind.why)}. ${intakeReasonText(quantity.why)}`}
    >
      {!isNamed && <span className="mr-2 font-mono">{pin.connector}</span>}
      {isKnown ? (
        <>
          <span className={kind.source === "given" ? "" : "border-b-2 border-dotted border-ink2"}>
            {[quantityWords(quantity.value), KIND_WORDS[kind.value]].filter((one) => one !== "").join(", ")}
          </span>{" "}
          <span className="text-ink2">{percent}</span>
        </>
      ) : (
        <strong className="font-semibold">not known</strong>
      )}
      {pin.to !== null && !pin.to.resolved && <span className="text-ink2">; other end open</span>}
    </span>
  );
}
