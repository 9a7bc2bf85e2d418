import { readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { assignColumn, type PinTable, readHeaders, readPinTable, type WritablePin, writePinTable } from "./index";

const bytes = (text: string) => new TextEncoder().encode(text);
const read = (text: string | Uint8Array, side: "donor" | "host" = "donor"): PinTable => {
  const result = readPinTable(typeof text === "string" ? bytes(text) : text, side);
  if (!result.ok) throw new Error(result.refusal.code);
  return result.table;
};
const refusal = (text: string | Uint8Array) => {
  const result = readPinTable(typeof text === "string" ? bytes(text) : text, "donor");
  return result.ok ? null : result.refusal;
};

describe("reference tables", () => {
  test.each(["engine-computer", "dash-and-body"])(
    "%s: colours, sizes, lengths and texts come out as expected",
    (name) => {
      const expected = JSON.parse(readFileSync(`tests/reference/intake/${name}.expected.json`, "utf8")) as {
        side: "donor" | "host";
        rows: Record<string, unknown>[];
      };
      const table = read(readFileSync(`tests/reference/intake/${name}.csv`), expected.side);
      expect(table.issues).toEqual([]);
      table.pins.forEach((pin, at) => {
        const row = expected.rows[at] as { sizeMm2: number | null };
        expect({
          connector: pin.connector,
          cavity: pin.cavity,
          description: pin.description,
          colour: pin.colour,
          lengthM: pin.lengthM,
        }).toEqual({
          connector: expected.rows[at]?.connector,
          cavity: expected.rows[at]?.cavity,
          description: expected.rows[at]?.description,
          colour: expected.rows[at]?.colour,
          lengthM: expected.rows[at]?.lengthM,
        });
        if (row.sizeMm2 === null) expect(pin.sizeMm2).toBeNull();
        else expect(pin.sizeMm2).toBeCloseTo(row.sizeMm2, 4);
      });
    },
  );
});

describe("dialects", () => {
  test("synonyms in any case and order, with a unit in the header", () => {
    const table = read("Length (mm);PIN;Wire_Colour;Connector;CSA;Remark\n1850;A7;gn/ge;X1;0,75;kept\n");
    expect(table.pins[0]).toMatchObject({
      connector: "X1",
      cavity: "A7",
      lengthM: 1.85,
      sizeMm2: 0.75,
      colour: { base: "GN", tracer: "YE" },
      note: "kept",
    });
  });
  test.each([
    ["PIN #,Conn,Wire Col.,Gauge (AWG),Len (ft),Circuit description", "pin,connector,colour,size,length,description"],
    ["Stecker;Kammer;Farbe;Querschnitt;Länge;Funktion", "connector,cavity,colour,size,length,description"],
    [
      "connector_id\tCAVITY NO\tckt #\tcolor code\tmm²\tSignal Name",
      "connector,cavity,circuit,colour,size,description",
    ],
  ])("header %j", (header, expected) => {
    const columns = read(`${header}\n`).columns.map((one) => one.column);
    expect(columns).toEqual(expected.replace("pin", "cavity").split(","));
  });
  test("heads that are misspelt, as long as they are near one column's word only", () => {
    const columnsOf = (header: string) => read(`${header}\n`).columns.map((one) => one.column);
    expect(columnsOf("Conector;Pin;Colr;Guage;Lenght;Desciption")).toEqual([
      "connector",
      "cavity",
      "colour",
      "size",
      "length",
      "description",
    ]);
    // Words of their own stay beside the row.
    expect(columnsOf("connector;pin;from;side;lead;shelf;bin;date;price;status")).toEqual([
      "connector",
      "cavity",
      ...Array(8).fill(null),
    ]);
    // A component heads a connector or a part.
    expect(readHeaders(["componant", "pin", "use"]).map(({ column }) => column)).toEqual([
      null,
      "cavity",
      "description",
    ]);
    // What is spelt right goes before.
    expect(columnsOf("connector;pin;colr;colour")).toEqual(["connector", "cavity", null, "colour"]);
  });
  test("a bare number under a gauge header is AWG, with a decimal point mm²", () => {
    const table = read("connector,pin,gauge\nC1,1,20\nC1,2,0.5\n");
    expect(table.pins.map((pin) => pin.sizeMm2)).toEqual([0.5176, 0.5]);
  });
  test("UTF-16 with its mark, UTF-8 with its mark, tabs, CR alone, a separator hint", () => {
    const text = "connector\tcavity\tdescription\rC1\t1\tgröße\r";
    const utf16 = new Uint8Array([
      0xff,
      0xfe,
      ...[...text].flatMap((char) => [char.charCodeAt(0) & 255, char.charCodeAt(0) >> 8]),
    ]);
    expect(read(utf16).pins[0]?.description).toBe("größe");
    expect(read(`\uFEFF${text}`).pins[0]?.description).toBe("größe");
    expect(read("sep=;\nconnector;cavity\nC1;1\n").pins).toHaveLength(1);
  });
  test("quoted cells hold separators, quotes and line breaks; lines stay counted", () => {
    const table = read('connector,cavity,description\r\nC1,1,"two\r\nlines, ""quoted"""\nC1,,x\r\n');
    expect(table.pins[0]?.description).toBe('two\r\nlines, "quoted"');
    expect(table.issues).toMatchObject([{ code: "missing-cavity", line: 4, column: "cavity" }]);
  });
  test("cavities that differ in case are two; labels stay text", () => {
    expect(read("connector,cavity\nC1,a1\nC1,A1\nC1,01\n").pins.map((pin) => pin.cavity)).toEqual(["a1", "A1", "01"]);
  });
  test("a person may take a column otherwise than it was understood", () => {
    const text = "connector,cavity,remark\nC1,1,fuel pump\n";
    const columns = assignColumn(read(text).columns, 2, "description");
    const result = readPinTable(bytes(text), "donor", { columns });
    expect(result.ok && result.table.pins[0]?.description).toBe("fuel pump");
  });
  test("a given kind stands, in any case, and its parameters with it", () => {
    const table = read(
      'connector,cavity,kind,quantity,params\nC1,12,Frequency-Out,engine-speed,"pulsesPerRev=2;drive=open-collector"\n',
    );
    expect(table.pins[0]).toMatchObject({
      kind: { value: "frequency-out", confidence: 1, source: "given" },
      quantity: { value: "engine-speed" },
      params: { pulsesPerRev: "2", drive: "open-collector" },
    });
  });
});

describe("every problem at once, placed", () => {
  const table = read(
    [
      "connector,cavity,colour,size,length,description,kind,quantity,params",
      ",1,RD,0.5,1,x,,,",
      "C1,,RD,0.5,1,x,,,",
      "C1,1,plaid,0.5,1,ground,,,",
      "C1,1,RD,0.5,1,x,,,",
      "C1,2,RD,thick,far,x,,,",
      "C1,3,RD,0.5,1,x,wire,heat,",
      "C1,4,RD,0.5,1,x,supply-in,battery-supply,pull=up",
      "C1,5,RD,0.5,1,x,supply-in,battery-supply,alive=always",
      "C1,6,RD,0.5,1,x,supply-in,battery-supply,amps=-4",
      "C1,7,RD,0.5,1,x,,,,too,many",
      "C1,8,RD,0.5,1,x,,,amps=NaN",
    ].join("\n"),
  );
  test("codes, lines, columns and what was found", () => {
    expect(table.issues.map((issue) => [issue.code, issue.line, issue.column, issue.found])).toEqual([
      ["missing-connector", 2, "connector", null],
      ["missing-cavity", 3, "cavity", null],
      ["unreadable-colour", 4, "colour", "plaid"],
      ["duplicate-cavity", 5, "cavity", "1"],
      ["unreadable-size", 6, "size", "thick"],
      ["unreadable-length", 6, "length", "far"],
      ["unknown-kind", 7, "kind", "wire"],
      ["unknown-quantity", 7, "quantity", "heat"],
      ["unknown-param", 8, "params", "pull"],
      ["param-out-of-range", 9, "params", "alive=always"],
      ["param-out-of-range", 10, "params", "amps=-4"],
      ["too-many-cells", 11, null, "too"],
      ["too-many-cells", 11, null, "many"],
      ["param-out-of-range", 12, "params", "amps=NaN"],
    ]);
    for (const issue of table.issues) expect(issue.message).toContain(`Line ${issue.line}`);
  });
  test("rows with an error are left out, rows with a warning are in", () => {
    expect(table.pins.map((pin) => pin.line)).toEqual([4]);
    expect(table.rowCount).toBe(11);
  });
  test("an empty table is a warning", () =>
    expect(read("connector,cavity\n").issues).toMatchObject([{ level: "warning", code: "empty-table" }]));
});

describe("refused whole", () => {
  test.each([
    ["", "no-header"],
    ["\n\n", "no-header"],
    ["just some words", "no-header"],
    ["connector,colour\nC1,RD\n", "missing-column"],
    ['connector,cavity\nC1,"1\nC1,2\n', "unclosed-quote"],
    ["connector\0,cavity\n", "not-text"],
  ])("%j", (text, code) => expect(refusal(text)?.code).toBe(code));
  test("binary data, too many rows, too many bytes", () => {
    expect(refusal(new Uint8Array([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10, 0, 0, 0, 13]))?.code).toBe("not-text");
    expect(refusal(`connector,cavity\n${Array.from({ length: 20_001 }, (_, at) => `C1,${at}`).join("\n")}`)?.code).toBe(
      "too-many-rows",
    );
    expect(refusal(new Uint8Array(10_000_001).fill(65))?.code).toBe("too-large");
  });
  test("the line on which a quote opens", () => expect(refusal('connector,cavity\nC1,1\nC1,"2\nC1,3\n')?.line).toBe(3));
});

describe("writing", () => {
  // biome-ignore lint/suspicious/noControlCharactersInRegex: what a text file cannot hold is left out
  const UNWRITABLE = /[\ufeff\u0000-\u0008\u000b-\u001f\u007f-\u009f\ufffe\uffff]/g;
  const text = fc.string({ unit: "grapheme", maxLength: 12 }).map((one) => one.replace(UNWRITABLE, "").trim());
  const label = text.filter((one) => one !== "");
  const pin: fc.Arbitrary<WritablePin> = fc.record({
    connector: label,
    cavity: label,
    circuit: fc.option(label, { nil: null }),
    colour: fc.option(
      label.map((written) => ({ written })),
      { nil: null },
    ),
    sizeMm2: fc.option(
      fc.double({ min: 0.05, max: 200, noNaN: true }).map((value) => Number(value.toFixed(3))),
      { nil: null },
    ),
    lengthM: fc.option(
      fc.double({ min: 0, max: 50, noNaN: true }).map((value) => Number(value.toFixed(3))),
      { nil: null },
    ),
    description: fc.option(label, { nil: null }),
    kind: fc.constantFrom({ value: "unknown", source: "proposed" }, { value: "ground", source: "given" }),
    quantity: fc.constant({ value: null, source: "proposed" }),
    params: fc.constantFrom({} as Record<string, string>, { role: "power" } as Record<string, string>),
    extra: fc.constant({}),
    grades: fc.constant({}),
    otherEnd: fc.option(label, { nil: null }),
    part: fc.option(label, { nil: null }),
    note: text,
  });
  test("write → read → write is identical to the byte", () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(pin, { selector: (one) => `${one.connector}\n${one.cavity}`, maxLength: 8, minLength: 1 }),
        (pins) => {
          const written = writePinTable(pins);
          expect(writePinTable(read(written).pins)).toBe(written);
        },
      ),
      { numRuns: 200 },
    );
  });
  test.each(["=1+1", "+", "-", "@cmd", "'=x", "''-", "'plain"])(
    "a cell %j runs nowhere and reads back the same",
    (cell) => {
      const written = writePinTable([
        {
          connector: "C1",
          cavity: cell,
          circuit: null,
          colour: null,
          sizeMm2: null,
          lengthM: null,
          description: cell,
          kind: { value: "unknown", source: "proposed" },
          quantity: { value: null, source: "proposed" },
          params: {},
          extra: {},
          grades: {},
          otherEnd: null,
          part: null,
          note: "",
        },
      ]);
      expect(written).not.toMatch(/(^|,)"?[=+\-@]/m);
      expect(read(written).pins[0]).toMatchObject({ cavity: cell, description: cell });
    },
  );
});

test("10,000 arbitrary bytes never throw", () => {
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 400 }), (data) => {
      readPinTable(data, "host");
    }),
    { numRuns: 300 },
  );
});
