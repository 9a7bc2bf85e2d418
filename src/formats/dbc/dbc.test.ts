import { readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { runCli } from "@/cli/run";
import { bitsOf, signalValue } from "./bits";
import { type DbcMessage, type DbcSignal, dbcIssueWords, dbcText, decodeLog, readDbc, writeDbc } from "./index";

const FOLDER = "tests/reference/dbc";
const reference = JSON.parse(readFileSync(`${FOLDER}/expected.json`, "utf8")) as {
  file: { messages: unknown };
  log: { frames: unknown; must: number[]; may: number[] };
};
const run = (...args: string[]) => {
  const { status, stdout } = runCli(["dbc", ...args], (file) => readFileSync(file));
  return { status, printed: JSON.parse(stdout) as Record<string, unknown> & { issues: { line: number }[] } };
};

describe("the reference", () => {
  test("its messages are read as two other readers read them, with no fault told", () => {
    const { printed } = run(`${FOLDER}/one.dbc`);
    expect(printed.messages).toEqual(reference.file.messages);
    expect(printed.issues).toEqual([]);
  });
  test("its log is decoded to the last digit, and every line that must be told is, and none that may not", () => {
    const { printed } = run(`${FOLDER}/one.dbc`, "--decode", `${FOLDER}/one.log`);
    expect(printed.frames).toEqual(reference.log.frames);
    const lines = new Set(printed.issues.map(({ line }) => line));
    const { must, may } = reference.log;
    expect(must.filter((line) => !lines.has(line))).toEqual([]);
    expect([...lines].filter((line) => !must.includes(line) && !may.includes(line))).toEqual([]);
  });
});

const HEAD = 'VERSION ""\n\nNS_ :\n\tCM_\n\tBO_TX_BU_\n\nBS_:\n\nBU_: A B\n\n';
const codes = (body: string) => readDbc(HEAD + body)?.issues.map(({ line, code }) => [line - 10, code]);
const BO = "BO_ 256 One: 8 A\n";
const SG = ' SG_ Speed : 0|16@1+ (0.1,0) [0|0] "km/h" B\n';

describe("a file with mistakes", () => {
  test.each([
    [`${BO} SG_ Speed : 0,16@1+ (0.1,0) [0|0] "km/h" B\n${SG}`, [[2, "signal-unreadable"]]],
    [`BO_ One: 8 A\n${SG}${BO}${SG}`, [[1, "message-unreadable"]]],
    [SG, [[1, "signal-without-message"]]],
    [BO + SG + SG, [[3, "signal-twice"]]],
    [`${BO + SG}BO_ 256 Two: 8 A\n${SG}`, [[3, "message-twice"]]],
    ["BO_ 4096 One: 8 A\n", [[1, "message-id"]]],
    ["BO_ 256 One: 65 A\n", [[1, "message-length"]]],
    [`${BO} SG_ A : 0|65@1+ (1,0) [0|0] "" B\n`, [[2, "signal-bits"]]],
    [`${BO} SG_ A : 56|9@1+ (1,0) [0|0] "" B\n`, [[2, "signal-outside"]]],
    [`${BO + SG} SG_ A : 8|8@1+ (1,0) [0|0] "" B\n`, [[3, "signals-overlap"]]],
    [
      `${BO} SG_ A : 0|8@1+ (0,0) [5|1] "" B\n`,
      [
        [2, "factor-zero"],
        [2, "limits-crossed"],
      ],
    ],
    [`${BO} SG_ A m1 : 0|8@1+ (1,0) [0|0] "" B\n`, [[2, "no-selector"]]],
    [`${BO + SG}VAL_ 256 Sped 1 "on" ;\n`, [[3, "no-such-signal"]]],
    [`${BO + SG}VAL_ 256 Speed 1 "on" two "off" ;\n`, [[3, "choices-unreadable"]]],
    [`${BO + SG}SIG_VALTYPE_ 256 Speed : 1;\n`, [[3, "float-bits"]]],
    [`CM_ "never closed\n${BO}${SG}`, [[1, "text-open"]]],
    [`CM_ "closed"\n${BO}${SG}`, [[1, "end-missing"]]],
    [`hello\n${BO}${SG}`, [[1, "unknown-line"]]],
    [`${BO + SG}CM_ SG_ 256 Speed "of\nthe; road";\n`, []],
  ])("%j", (body, expected) => expect(codes(body)).toEqual(expected));

  test("the rest is read, and each fault says what to do", () => {
    const found = readDbc(`${HEAD}BO_ 5 x\n${SG}CM_ "open\n${BO}${SG}`);
    expect(found?.messages.map(({ name, signals }) => [name, signals.length])).toEqual([["One", 1]]);
    for (const issue of found?.issues ?? []) {
      const { message, hint } = dbcIssueWords(issue);
      expect(message.length).toBeGreaterThan(10);
      expect(hint).toMatch(/\.$/);
    }
  });
  test("what is no such file ends with 2 and the cure; an option that there is none with 64", () => {
    const read = () => new TextEncoder().encode("connector,cavity\nC1,1\n");
    expect(runCli(["dbc", "x.dbc"], read).status).toBe(2);
    expect(runCli(["dbc"], read).status).toBe(64);
    expect(runCli(["dbc", "x.dbc", "--decode"], read).status).toBe(64);
    expect(readDbc("")).toBeNull();
  });
  test("a file that is not UTF-8 is read as Latin-1", () => {
    const bytes = Uint8Array.from([...`${HEAD}${BO} SG_ T : 0|8@1+ (1,0) [0|0] "`].map((one) => one.charCodeAt(0)));
    const text = dbcText(Uint8Array.from([...bytes, 0xb0, ...[...'C" B\n'].map((one) => one.charCodeAt(0))]));
    expect(readDbc(text)?.messages[0]?.signals[0]?.unit).toBe("°C");
  });
});

const name = fc.stringMatching(/^[A-Za-z_]\w{0,8}$/).filter((one) => !/^(BO_|SG_|BU_|BS_|NS_|CM_|EV_)/.test(one));
const words = fc.string({ maxLength: 8, unit: fc.constantFrom(...'ab °;"\\|1 ') });
const tidy = fc.double({ min: -1e6, max: 1e6, noNaN: true }).map((one) => (Object.is(one, -0) ? 0 : one));
const signal = fc
  .record({
    name,
    startBit: fc.nat(63),
    bits: fc.integer({ min: 1, max: 64 }),
    order: fc.constantFrom("little" as const, "big" as const),
    signed: fc.boolean(),
    factor: tidy.filter((one) => one !== 0),
    offset: tidy,
    limits: fc.option(fc.tuple(fc.integer({ min: -9, max: 0 }), fc.integer({ min: 1, max: 99 }))),
    unit: words,
    receivers: fc.uniqueArray(name, { maxLength: 3 }),
    multiplex: fc.oneof(fc.constant(null), fc.nat(20)),
    choices: fc.dictionary(fc.nat(9).map(String), words, { maxKeys: 3 }),
  })
  .map(
    ({ limits, ...rest }): DbcSignal => ({
      ...rest,
      min: limits?.[0] ?? null,
      max: limits?.[1] ?? null,
      isNested: false,
      selectedBy: null,
      isFloat: false,
    }),
  );
const message = fc.record({
  id: fc.nat(0x7ff),
  extended: fc.boolean(),
  name,
  bytes: fc.nat(64),
  sender: fc.option(name),
  periodMs: fc.option(fc.integer({ min: 1, max: 5000 })),
  signals: fc.uniqueArray(signal, { maxLength: 5, selector: (one) => one.name }),
});
const messages = fc.uniqueArray(message, { maxLength: 4, selector: (one) => `${one.extended} ${one.id}` });

test("what is written is read back the same, and written again to the byte", () =>
  fc.assert(
    fc.property(messages, (all: readonly DbcMessage[]) => {
      const text = writeDbc(all);
      const read = readDbc(text);
      expect(read?.messages).toEqual(all);
      expect(writeDbc(read?.messages ?? [])).toBe(text);
    }),
  ));

test("whatever stands in a file, it is read or refused, and its faults lie within it", () =>
  fc.assert(
    fc.property(
      fc.array(
        fc.constantFrom("BO_ ", "SG_ ", "256", " One", ":", "8", '"', ";", "\n", "|", "VAL_ ", "NS_ :", "m1", "@1+"),
        { maxLength: 60 },
      ),
      (parts) => {
        const text = parts.join("");
        const lines = text.split("\n").length;
        for (const { line } of readDbc(text)?.issues ?? []) expect(line >= 1 && line <= lines).toBe(true);
      },
    ),
  ));

describe("bits", () => {
  // An independent way: the whole frame as one number, shifted and masked, as a little- or a big-endian machine would.
  const whole = (data: Uint8Array, order: "little" | "big") =>
    (order === "little" ? [...data].toReversed() : [...data]).reduce((sum, byte) => (sum << 8n) | BigInt(byte), 0n);
  test("a signal's bits are those that shift and mask of the whole frame give", () =>
    fc.assert(
      fc.property(fc.uint8Array({ minLength: 8, maxLength: 8 }), signal, (data, one) => {
        const last =
          one.order === "little"
            ? one.startBit + one.bits
            : 8 * (one.startBit >> 3) + (7 - (one.startBit & 7)) + one.bits;
        fc.pre(last <= 64);
        const shift = one.order === "little" ? BigInt(one.startBit) : BigInt(64 - last);
        const raw = (whole(data, one.order) >> shift) & ((1n << BigInt(one.bits)) - 1n);
        const value = one.signed ? BigInt.asIntN(one.bits, raw) : raw;
        expect(signalValue(one, data)).toBe(Number(value) * one.factor + one.offset);
        expect(new Set(bitsOf(one)).size).toBe(one.bits);
      }),
    ));

  const decode = (body: string, log: string) => decodeLog(readDbc(HEAD + body) ?? { messages: [] }, log);
  test("a float is read as one, 1.5 and π", () => {
    const body = `BO_ 256 F: 12 A\n SG_ X : 0|32@1- (1,0) [0|0] "" B\n SG_ Y : 39|64@0- (1,0) [0|0] "" B\nSIG_VALTYPE_ 256 X : 1;\nSIG_VALTYPE_ 256 Y : 2;\n`;
    const { frames } = decode(body, "(1.0) can0 100#0000C03F400921FB54442D18");
    expect(frames[0]?.values).toEqual({ X: 1.5, Y: Math.PI });
  });
  test("of selected signals those of the selector's value are there, and nested ones with theirs", () => {
    const body = `BO_ 256 M: 8 A
 SG_ Kind M : 0|8@1+ (1,0) [0|0] "" B
 SG_ A m1 : 8|8@1+ (1,0) [0|0] "" B
 SG_ B m2M : 8|8@1+ (1,0) [0|0] "" B
 SG_ C m7 : 16|8@1+ (1,0) [0|0] "" B
SG_MUL_VAL_ 256 C B 7-9, 12-12;
`;
    const values = (data: string) => decode(body, `(1) can0 100#${data}`).frames[0]?.values;
    expect(values("0105FF0000000000")).toEqual({ Kind: 1, A: 5 });
    expect(values("0208FF0000000000")).toEqual({ Kind: 2, B: 8, C: 255 });
    expect(values("020BFF0000000000")).toEqual({ Kind: 2, B: 11 });
    expect(values("0307FF0000000000")).toEqual({ Kind: 3 });
  });
  test("a remote frame carries nothing, and nothing of it is missing", () => {
    const { frames, issues } = decode(`${BO}${SG}`, "(1) can0 100#R");
    expect([frames[0]?.values, issues]).toEqual([{}, []]);
  });
  test("signals that are never there together may share bits", () => {
    const shared = (two: string) =>
      codes(
        `${BO} SG_ K M : 0|8@1+ (1,0) [0|0] "" B\n SG_ A m1 : 8|8@1+ (1,0) [0|0] "" B\n SG_ B ${two} : 8|8@1+ (1,0) [0|0] "" B\n`,
      );
    expect(shared("m2")).toEqual([]);
    expect(shared("m1")).toEqual([[4, "signals-overlap"]]);
  });
  test("an identifier of 29 bits is another than one of 11, and the mark of it is taken off", () => {
    const body = `BO_ 2147483904 X: 1 A\n SG_ V : 0|8@1+ (1,0) [0|0] "" B\n`;
    expect(decode(body, "(1) can0 00000100#05").frames).toEqual([
      { time: 1, channel: "can0", id: 256, name: "X", values: { V: 5 } },
    ]);
    expect(decode(body, "(1) can0 100#05").frames[0]?.name).toBeNull();
  });
});

test("a number too large to be one is no number; how often a message is sent is read, and 0 is not at all", () => {
  const text = [
    "BO_ 256 One: 8 Unit",
    ' SG_ Far : 0|8@1+ (1e999,0) [0|0] "" Vector__XXX',
    ' SG_ Near : 8|8@1+ (1,0) [0|0] "" Vector__XXX',
    "BO_ 257 Two: 8 Unit",
    'BA_ "GenMsgCycleTime" BO_ 256 20;',
    'BA_ "GenMsgCycleTime" BO_ 257 0;',
    'BA_ "GenMsgCycleTime" BO_ 257 3600000;',
    'BA_ "GenMsgCycleTime" BO_ 999 5;',
    'BA_ "Other" BO_ 257 7;',
  ].join("\n");
  const read = readDbc(text);
  expect(read?.messages.map(({ name, periodMs, signals }) => [name, periodMs, signals.map((one) => one.name)])).toEqual(
    [
      ["One", 20, ["Near"]],
      ["Two", null, []],
    ],
  );
  expect(read?.issues).toMatchObject([{ line: 2, code: "signal-unreadable" }]);
});
