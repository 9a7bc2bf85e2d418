import { describe, expect, test } from "vitest";
import { type ReadOptions, readPinTable } from "./read";

const read = (text: string, name = "") => {
  const result = readPinTable(new TextEncoder().encode(text), "donor", { name });
  if (!result.ok) throw new Error(result.refusal.code);
  return result.table;
};
const refusal = (text: string, name = "") => {
  const result = readPinTable(new TextEncoder().encode(text), "donor", { name });
  return result.ok ? null : result.refusal.code;
};
const places = (text: string, name = "") =>
  read(text, name).pins.map(({ connector, cavity }) => `${connector}-${cavity}`);
const codes = (text: string, name = "") => read(text, name).issues.map(({ code, line }) => `${code} ${line}`);

const ROWS = "connector,pin,colour,function\nC1,1,RD,Feed\nC1,2,BK,Ground\n";

describe("lines above the header", () => {
  test("are taken for no rows, told as a warning, and kept as they are", () => {
    const text = `Engine harness, sheet 3 of 7\n"Copied by hand, 4 November",,,\n\nSee also the plug list\n${ROWS}`;
    expect(places(text)).toEqual(["C1-1", "C1-2"]);
    expect(codes(text)).toEqual(["preamble 1"]);
    expect(read(text).note).toBe("Engine harness, sheet 3 of 7\nCopied by hand, 4 November\nSee also the plug list");
    expect(read(text).pins[0]?.line).toBe(6);
    expect(read(ROWS)).toMatchObject({ note: "", issues: [] });
  });
  test("may be forty, and no more", () => {
    const above = (count: number) => "a note\n".repeat(count) + ROWS;
    expect(places(above(40))).toEqual(["C1-1", "C1-2"]);
    expect(refusal(above(41))).toBe("no-header");
    expect(places(`${"\n".repeat(40)}${ROWS}`)).toEqual(["C1-1", "C1-2"]);
  });
  test("do not choose the separator, however many commas they have", () => {
    const text = `Made in haste, at night, in the rain, by lamp, without a table\nconnector;pin;colour;size\nC1;1;RD;0,5\n`;
    expect(read(text)).toMatchObject({ separator: ";", pins: [{ connector: "C1", cavity: "1", sizeMm2: 0.5 }] });
  });
  test("that look like a header with no cavity in it are none", () => {
    expect(places(`connector,colour\n${ROWS}`)).toEqual(["C1-1", "C1-2"]);
    // Where no other line is one, the first is named as what it lacks.
    expect(refusal("connector,colour\nC1,RD\n")).toBe("missing-column");
  });
  test("may hold a quote over several lines", () => {
    expect(read(`"A note\nover two lines"\n${ROWS}`).pins.map(({ line }) => line)).toEqual([4, 5]);
  });
});

describe("a table without a column for the connector", () => {
  const BARE = "No.,Ga.,Col,What it does\n1,18,RD,Feed\n2,16,BK,Ground\n";
  test("takes it from lines of their own between the rows, each told", () => {
    const text =
      "No.,Ga.,Col,What it does\nC2 (engine side)\n1,18,RD,Feed\n2,16,BK,Ground\nConnector C3:\n1,20,GN,Signal\n";
    expect(places(text)).toEqual(["C2-1", "C2-2", "C3-1"]);
    expect(codes(text)).toEqual(["connector-from-section 2", "connector-from-section 5"]);
    expect(read(text).issues.every(({ level }) => level === "warning")).toBe(true);
    expect(read(text).rowCount).toBe(3);
    expect(read(text).pins.map(({ sizeMm2 }) => sizeMm2)).toEqual([
      expect.closeTo(0.82, 1),
      expect.closeTo(1.31, 1),
      expect.closeTo(0.52, 1),
    ]);
  });
  test("takes a spreadsheet's line for such a one only where it cannot be a cavity", () => {
    const text = "No.,Col,What it does\nInstrument plug,,\n1,RD,Feed\n7,,\nB,,\n";
    expect(places(text)).toEqual(["Instrument plug-1", "Instrument plug-7", "Instrument plug-B"]);
  });
  test("takes it from the lines above, else from the file's name, each told", () => {
    expect(places(`Plug: X41, bulkhead\n${BARE}`)).toEqual(["X41-1", "X41-2"]);
    expect(codes(`Plug: X41, bulkhead\n${BARE}`)).toEqual(["preamble 1", "connector-from-preamble 1"]);
    expect(places(BARE, "papers/engine_C12.csv")).toEqual(["C12-1", "C12-2"]);
    expect(codes(BARE, "papers/engine_C12.csv")).toEqual(["connector-from-file 1"]);
    // The nearer goes before.
    expect(places(`Connector C7\nNo.,Col\nC8\n1,RD\n`, "C9.csv")).toEqual(["C8-1"]);
  });
  test("is refused where nothing names it", () => {
    expect(refusal(BARE)).toBe("missing-column");
    for (const name of ["engine harness.csv", "table (2).csv", "2026-11-04.csv", ""])
      expect(refusal(BARE, name), name).toBe("missing-column");
  });
  test("has its problems in the order of its lines", () => {
    expect(codes("No.,Col\nC2 (left)\n1,RD\n1,RD\nC3 (right)\n1,RD\n")).toEqual([
      "connector-from-section 2",
      "duplicate-cavity 4",
      "connector-from-section 5",
    ]);
  });
  test("tells of a row that comes before any line that names it", () => {
    const table = read("No.,Col\n1,RD\nC2 (left)\n2,BK\n");
    expect(table.pins.map(({ connector, cavity }) => `${connector}-${cavity}`)).toEqual(["C2-2"]);
    expect(table.issues).toContainEqual(expect.objectContaining({ code: "missing-connector", line: 2 }));
  });
});

test.each([
  ["no", "cavity"],
  ["No.", "cavity"],
  ["#", "cavity"],
  ["Term", "cavity"],
  ["Pos.", "cavity"],
  ["ga", "size"],
  ["Ga.", "size"],
  ["sq", "size"],
  ["What it does", "description"],
  ["Use", "description"],
])("the head %s is read as %s", (head, column) => {
  const columns = read(`connector,pin,${head}\nC,1,1\n`).columns;
  const withoutPin = read(
    `connector,colour,${head}\nC,RD,1\n`.replace(",colour", column === "cavity" ? ",colour" : ",pin"),
  ).columns;
  expect((column === "cavity" ? withoutPin : columns).find(({ header }) => header === head)?.column).toBe(column);
});

describe("rows that say where their wires go", () => {
  const at = (text: string) =>
    read(text).pins.map(
      ({ cavity, kind, to }) => `${cavity} ${kind.confidence >= 0.5 ? kind.value : "?"} ${to?.resolved ?? "-"}`,
    );
  test("are found in the table, and a row that nobody understands is read by its wire's other end", () => {
    expect(at("conn,pin,function,runs to\nECU,1,Fuel pump relay control,K1-85\nECU,2,qzx,\nK1,85,,\n")).toEqual([
      "1 low-side-out true",
      "2 ? -",
      "85 load-in -",
    ]);
    expect(at("conn,pin,circuit,function\nECU,1,7,Injector 2\nX9,1,7,qzx\n")).toEqual([
      "1 injector-out -",
      "1 injector-in -",
    ]);
  });
  test("that contradict each other are told beside their row", () => {
    const text = "conn,pin,to\nC1,1,C1-2\nC1,2,C1-3\nC1,3,\nC1,4,C1-3\nC1,5,C1-5\nC1,6,C7-1\n";
    expect(codes(text)).toEqual(["other-end-differs 2", "end-claimed-twice 5", "ends-at-itself 6"]);
    expect(read(text).issues.every(({ level }) => level === "warning")).toBe(true);
    expect(at(text).at(-1)).toMatch(/ false$/);
  });
});

describe("facts in columns", () => {
  const params = (text: string) => read(text).pins.map((pin) => pin.params);
  test("become values of the row's form", () => {
    expect(
      params(
        "conn;pin;function;kind;amps;ohms;live;fuse\nC;1;;supply-in;2,5 A;;run+start;\nC;2;;load-in;350 mA;12;;\nC;3;;low-side-out;1;;;\nC;4;;supply-out;;;batt;15 A\n",
      ),
    ).toEqual([
      { amps: "2.5", alive: "run-crank" },
      { amps: "0.35", ohms: "12" },
      { maxAmps: "1" },
      { maxAmps: "15", alive: "permanent" },
    ]);
  });
  test("of watts follow at 13.5 V; a load that says no unit is asked about and kept", () => {
    expect(params("conn,pin,kind,load\nC,1,load-in,21 W\n")).toEqual([{ amps: "1.56" }]);
    expect(params("conn,pin,kind,watts\nC,1,load-in,21\n")).toEqual([{ amps: "1.56" }]);
    const asked = read("conn,pin,kind,load\nC,1,load-in,21\n");
    expect(asked.issues).toMatchObject([
      { level: "warning", code: "unreadable-fact", line: 2, column: "load", found: "21" },
    ]);
    expect(asked.pins[0]).toMatchObject({ params: {}, extra: { load: "21" } });
  });
  test("that a form has no place for, or that say who feeds it, stay beside the row", () => {
    expect(read("conn,pin,kind,ohms,fuse\nC,1,supply-in,12,F7 15A\n").pins[0]).toMatchObject({
      params: {},
      extra: { ohms: "12", fuse: "F7 15A" },
    });
  });
  test("a description that says when a feed is live proposes it, and a column goes before it", () => {
    const [said, given] = read("conn,pin,function,live\nECU,1,Feed hot in run only,\nECU,2,Ignition feed,15\n").pins;
    expect(said).toMatchObject({
      params: { alive: "run" },
      grades: { alive: "guessed" },
      alive: { value: "run", source: "proposed" },
    });
    expect(given).toMatchObject({
      params: { alive: "run-crank" },
      grades: {},
      alive: { confidence: 1, source: "given" },
    });
  });
});

describe("sizes", () => {
  test("that are not made in the column's unit are asked about", () => {
    const found = (text: string) => read(text).issues.map(({ code, found: cell }) => `${code} ${cell}`);
    expect(found("conn,pin,mm2\nC,1,0.5\nC,2,18\nC,3,18 AWG\nC,4,1.25\n")).toEqual(["unusual-size 18"]);
    expect(found("conn,pin,awg\nC,1,18\nC,2,17\nC,3,0.5\nC,4,2.5 mm2\n")).toEqual(["unusual-size 17"]);
    expect(read("conn,pin,mm2\nC,2,18\n").issues[0]?.message).toMatch(/is it 18 AWG\?/);
  });
});

describe("a head that a person told", () => {
  const text = "my list\na,b,c\n1,RD,Feed\n2,BK,Ground\n";
  const bytes = new TextEncoder().encode(text);
  test("is refused with the first lines, read once it is told, and known again in the next file", () => {
    const refused = readPinTable(bytes, "donor");
    expect(refused).toMatchObject({ ok: false, refusal: { code: "no-header" } });
    expect(!refused.ok && refused.lines?.map(({ line }) => line)).toEqual([1, 2, 3, 4]);
    const columns = (["cavity", "colour", "description"] as const).map((column, at) => ({
      header: "abc"[at] ?? "",
      column,
      unit: null,
    }));
    const told = readPinTable(bytes, "donor", { headerLine: 2, columns, connector: "C7" });
    expect(told.ok && told.table.pins.map((pin) => `${pin.connector}-${pin.cavity} ${pin.colour?.base}`)).toEqual([
      "C7-1 RD",
      "C7-2 BK",
    ]);
    expect(told.ok && told.table.issues.map(({ code }) => code)).toEqual(["preamble"]);
    const remembered = [{ heads: ["a", "b", "c"], columns }];
    const again = readPinTable(bytes, "donor", { remembered, connector: "C7" });
    expect(again.ok && again.table.headerLine).toBe(2);
  });
  test("over two lines is the one that says more", () => {
    const columns = read("Plug,Pin,Wire,\nPlug,Pin,Colour,mm2\nC1,1,RD,1\n").columns.map(({ column }) => column);
    expect(columns).toEqual(["connector", "cavity", "colour", "size"]);
  });
});

describe("a column headed wire", () => {
  const columnOf = (text: string, options: ReadOptions = {}) => {
    const read = readPinTable(new TextEncoder().encode(text), "donor", options);
    if (!read.ok) throw new Error(read.refusal.code);
    return {
      column: read.table.columns[2]?.column,
      colour: read.table.pins[0]?.colour?.base ?? null,
      first: read.table.pins[0],
    };
  };
  const rows = (...cells: string[]) =>
    `conn,pin,Wire,function\n${cells.map((cell, at) => `C,${at + 1},${cell},thing`).join("\n")}\n`;
  test("is the colour where its cells are colours, and no number is lost where they are none", () => {
    expect(columnOf(rows("red", "pink/black", "BLK/WHT", "lt blue"))).toMatchObject({ column: "colour", colour: "RD" });
    const numbers = columnOf(rows("101", "102", "103"));
    expect(numbers.column).toBeNull();
    expect(numbers.first?.extra).toEqual({ Wire: "101" });
    // Two cells are chance; every third one is something else.
    expect(columnOf(rows("red", "blue")).column).toBeNull();
    expect(columnOf(rows("red", "blue", "splice", "green", "to ECU")).column).toBeNull();
  });
  test("is what a person said of it, now or in an earlier file, and never a second colour", () => {
    const colours = rows("red", "blue", "green");
    const kept = [
      {
        heads: ["conn", "pin", "wire", "function"],
        columns: (["connector", "cavity", null, "description"] as const).map((column) => ({ column, unit: null })),
      },
    ];
    expect(columnOf(colours, { remembered: kept }).column).toBeNull();
    expect(columnOf(colours, { told: new Map([["wire", null]]) }).column).toBeNull();
    expect(columnOf(colours.replace("function", "colour")).column).toBeNull();
  });
});
