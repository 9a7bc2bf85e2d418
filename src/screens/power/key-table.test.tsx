import { renderToStaticMarkup } from "react-dom/server";
import { beforeAll, describe, expect, test } from "vitest";
import { fieldOf } from "@/core/forms";
import { type KeyRow, PowerAnalysis, type PowerReport, packCells, unpackCells } from "@/core/power";
import { cavityLabel, fixed, KEY_VERDICT_WORDS, STATE_HEADS } from "@/core/words";
import { heronDocument } from "@/demo/heron";
import { powerInputOf } from "@/job/power-facts";
import { KeyTable } from "./key-table";

const desk = new PowerAnalysis();
let report: PowerReport;
beforeAll(() => {
  report = desk.load(powerInputOf(heronDocument()));
});

const shown = (
  of: PowerReport,
  before: PowerReport | null = null,
  looked: Parameters<typeof KeyTable>[0]["looked"] = null,
) => renderToStaticMarkup(<KeyTable report={of} before={before} looked={looked} onLook={() => undefined} />);
/** The rows as they are printed: all of them, whatever is scrolled to. */
const printed = (html: string) => html.slice(html.indexOf("hidden print:block"));
const rowOf = (html: string, label: string) =>
  printed(html)
    .split('role="row"')
    .find((row) => row.includes(`title="host: ${label}"`) || row.includes(`title="donor: ${label}"`)) ?? "";
const base = (label: string) => report.rows.find((row) => cavityLabel(row.at) === label) as KeyRow;

describe("the key table on paper", () => {
  test("every feed and consumer has a row, and every state a column under its own head", () => {
    const html = shown(report);
    expect(printed(html).split('role="row"').length - 1).toBe(report.rows.length);
    for (const head of Object.values(STATE_HEADS)) expect(html).toContain(`>${head}</div>`);
    expect(html).toContain(`aria-rowcount="${report.rows.length + 1}"`);
  });
  test("a cell tells its volts, its verdict by word and its reason", () => {
    const html = rowOf(shown(report), "C1-2");
    for (const cell of base("C1-2").cells) expect(html).toContain(cell.volts === null ? "—" : fixed(cell.volts, 2));
    expect(html).toContain(KEY_VERDICT_WORDS.missing);
    expect(html).toContain('title="Must be live while cranking, and is dead"');
  });
  test("when it must live stands beside the cavity, or that it is not known", () => {
    expect(rowOf(shown(report), "C1-2")).toContain("ignition (run and crank)");
    const unsaid = report.rows.find((row) => fieldOf(row.pin.form, "alive") === null) as KeyRow;
    expect(rowOf(shown(report), cavityLabel(unsaid.at))).toContain("not known");
  });
  test("chips count what each would show", () => {
    const html = shown(report);
    for (const count of [
      report.rows.length,
      report.rows.filter((row) => row.trouble).length,
      report.rows.filter((row) => row.role === "feed").length,
    ])
      expect(html).toContain(`>${count}</span>`);
  });
  test("a table without a row says so", () => expect(shown({ ...report, rows: [] })).toContain("Nothing here"));
});

describe("cells as they come from the worker", () => {
  const tried = () =>
    unpackCells(report.rows, packCells(desk.tryRows([{ type: "setting", key: "battery-c", value: -18 }]) ?? []));
  test("they are those of the tried plan, verdict for verdict", () => {
    const rows = tried();
    expect(rows).toEqual(desk.tryRows([{ type: "setting", key: "battery-c", value: -18 }]));
    const battery = rows.find((row) => cavityLabel(row.at) === "Battery positive") ?? (rows[0] as KeyRow);
    expect(battery.cells.find((cell) => cell.state === "crank")?.volts).toBeLessThan(
      base(cavityLabel(battery.at)).cells.find((cell) => cell.state === "crank")?.volts as number,
    );
  });
  test("where a try leaves a state without a solution the table is shown without it, and no cell is taken for another state's", () => {
    const rows = tried().map((row) => ({ ...row, cells: row.cells.filter((cell) => cell.state !== "run") }));
    const less = unpackCells(report.rows, packCells(rows));
    expect(less.map((row) => row.cells.map((cell) => cell.state))).toEqual(
      report.rows.map(() => ["off", "accessory", "crank", "running", "coasting"]),
    );
    const html = shown({ ...report, rows: less }, report);
    expect(html).not.toContain(`>${STATE_HEADS.run}</div>`);
    expect(html).toContain(`>${STATE_HEADS.crank}</div>`);
  });
});
