import { expect, test } from "vitest";
import { gatewayTable, type RelayChoice } from "@/core/gateway";
import { busValues } from "@/job/bus-ops";
import type { BusSignalRow } from "@/job/schema";
import { bitPlaceOf, type DbcSignal, decodeLog, readDbc, sentMessages, writeDbc } from "./index";

const HOST = `BO_ 513 Gauges: 8 Old_engine
 SG_ EngineSpeed : 0|16@1+ (0.25,0) [0|16383] "rpm" Panel
 SG_ Coolant : 23|8@0+ (1,-40) [-40|215] "degC" Panel
 SG_ Page M : 24|2@1+ (1,0) [0|3] "" Panel
 SG_ Odometer m1 : 32|32@1+ (1,0) [0|4294967295] "km" Panel

BO_ 2566844672 Alive: 2 Old_engine
 SG_ OilPressure : 0|16@1- (0.1,0) [0|1000] "kPa" Panel

BO_ 700 Radio: 1 Radio
 SG_ Volume : 0|8@1+ (1,0) [0|30] "" Panel

BA_ "GenMsgCycleTime" BO_ 513 50;
VAL_ 513 Page 0 "trip" 1 "total" ;
`;
const DONOR = `BO_ 256 Engine: 8 Computer
 SG_ RPM : 0|16@1+ (0.125,0) [0|8191] "rpm" Gauges
 SG_ ECT : 16|8@1+ (1,-40) [-40|215] "degC" Gauges
BO_ 257 Engine2: 2 Computer
 SG_ OilP : 0|16@1+ (1,0) [0|1000] "kPa" Gauges
`;
const QUANTITY: Readonly<Record<string, BusSignalRow["quantity"]>> = {
  EngineSpeed: "engine-speed",
  RPM: "engine-speed",
  Coolant: "coolant-temperature",
  ECT: "coolant-temperature",
  OilPressure: "oil-pressure",
  OilP: "oil-pressure",
};
const rowsOf = (text: string, pinId: string): BusSignalRow[] =>
  (readDbc(text)?.messages ?? []).flatMap(({ id: frame, extended, name: message, bytes, sender, periodMs, signals }) =>
    signals.map((signal) => ({
      id: `${pinId} ${signal.name}`,
      pinId,
      file: "f.dbc",
      message,
      frame,
      extended,
      bytes,
      sender,
      periodMs,
      name: signal.name,
      quantity: QUANTITY[signal.name] ?? null,
      unit: signal.unit,
      factor: signal.factor,
      shift: signal.offset,
      low: signal.min,
      high: signal.max,
      bitPlace: bitPlaceOf(signal),
    })),
  );
const busSignals = [...rowsOf(HOST, "h"), ...rowsOf(DONOR, "d")];
const choice = (id: string, given: Partial<RelayChoice>): [string, RelayChoice] => [
  id,
  { id, sent: true, sourceId: null, rateMs: null, timeoutMs: null, silent: "stop", ...given },
];
const sent = (choices: readonly [string, RelayChoice][] = [], rows = busSignals) => {
  const places = {
    connectors: [
      { id: "H", side: "host" },
      { id: "D", side: "donor" },
    ],
    pins: [
      { id: "h", connectorId: "H" },
      { id: "d", connectorId: "D" },
    ],
  } as unknown as Omit<Parameters<typeof busValues>[0], "busSignals">;
  return sentMessages(gatewayTable(busValues({ busSignals: rows, ...places }), [], new Map(choices)), rows);
};

test("what it sends is the host's own messages, whole, from the gateway, and no message of another computer", () => {
  const [host, ...others] = sent();
  expect(others).toEqual([]);
  expect(host?.side).toBe("host");
  expect(host?.messages.map(({ name, sender, periodMs }) => [name, sender, periodMs])).toEqual([
    ["Gauges", "Gateway", 50],
    // Neither file says how often: as the table has it.
    ["Alive", "Gateway", 100],
  ]);
  expect(host?.unplaced).toEqual([]);
});
test("written and read back, every value lies where the host's file has it, and frames are decoded alike", () => {
  const text = writeDbc(sent()[0]?.messages ?? []);
  const read = readDbc(text);
  expect(read?.issues).toEqual([]);
  const places = (signals: readonly DbcSignal[] | undefined) =>
    signals?.map(({ receivers: _, ...signal }) => signal) ?? [];
  const before = readDbc(HOST)?.messages ?? [];
  expect(read?.messages).toHaveLength(2);
  for (const message of read?.messages ?? []) {
    const own = before.find(({ name }) => name === message.name);
    expect({ ...message, signals: places(message.signals) }).toEqual({
      ...own,
      sender: "Gateway",
      periodMs: message.periodMs,
      signals: places(own?.signals),
    });
  }
  const log = "(0.1) can0 201#A00F5A0102030405\n(0.2) can0 18FEEF00#FFFF\n";
  const values = (messages: typeof before) => decodeLog({ messages }, log).frames.map((frame) => frame.values);
  expect(values(read?.messages ?? [])).toEqual(values(before));
});
test("the most frequent of its values sets how often a message is sent; what is not to be sent, or cannot be, is in no file", () => {
  const periods = (...choices: [string, RelayChoice][]) => sent(choices)[0]?.messages.map((one) => one.periodMs);
  expect(periods(choice("h Coolant", { rateMs: 20 }))).toEqual([20, 100]);
  expect(periods(choice("h OilPressure", { sent: false }))).toEqual([50]);
  // Without a source it is a value that nobody can make.
  const bare = busSignals.filter(({ name }) => name !== "OilP");
  expect(sent([], bare)[0]?.messages.map(({ name }) => name)).toEqual(["Gauges"]);
  expect(sent([], [])).toEqual([]);
});
test("asked for the other way, the donor's messages are a file of their own", () => {
  const files = sent([choice("d RPM", {}), choice("h EngineSpeed", { sent: false })]);
  expect(files.map(({ side, messages }) => [side, messages.map(({ name }) => name)])).toEqual([
    ["host", ["Gauges", "Alive"]],
    ["donor", ["Engine"]],
  ]);
});
test("a file that was read before places were kept is asked for once more, by its messages", () => {
  const early = busSignals.map((row) => (row.message === "Gauges" ? { ...row, bitPlace: null } : row));
  expect(sent([], early)[0]).toMatchObject({ unplaced: ["Gauges"], messages: [{ name: "Alive" }] });
});
