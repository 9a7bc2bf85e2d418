import { cpus } from "node:os";
import { type Netlist, Network, Predictor } from "@/core/circuit";
import { FUNCTIONS } from "@/core/functions";
import { buildHarness, type HarnessFacts, tableWires } from "@/core/harness";
import { readConcepts } from "@/core/intake";
import { deriveLines } from "@/core/plan";
import { buildModel, factsOf, networkIn, PowerAnalysis, type PowerEdit, settingOf, solvePower } from "@/core/power";
import { matchSignals, type SignalPin } from "@/core/signals";
import { sliceHarness } from "@/core/slice";
import { KEY_POSITIONS, NETLIST_KEYS, type NetlistKey, usualState } from "@/core/state";
import { heronTables } from "@/demo/heron";
import { ridgewayDocument } from "@/demo/ridgeway";
import { readPinTable, writePinTable } from "@/formats/pin-table";
import { pinTableCsv } from "@/formats/plan-csv";
import { signalPinsOf } from "@/formats/signal-pins";
import { harnessFacts } from "@/job/harness-facts";
import { decisionsOf } from "@/job/links";
import { powerInputOf } from "@/job/power-facts";
import { signalPinsIn } from "@/job/signal-pins";
import { vehicleNetlist } from "../tests/support/networks";
import { plainBest, plainPhrases } from "../tests/support/plain-reading";
import { stopsOneByOne } from "../tests/support/plain-slicer";

/**
 * Times the work of engines.md's table beside a plain method in the same run; medians of several rounds after a
 * warm-up.
 */
const ROUNDS = 9;

const heron = heronTables();

/** A side's table of `rows` rows, made of the sample's, connector by connector under new names. */
function tableOf(side: "donor" | "host", rows: number): Uint8Array {
  const result = readPinTable(new TextEncoder().encode(pinTableCsv(heron, side)), side);
  if (!result.ok) throw new Error(result.refusal.message);
  const { pins } = result.table;
  const copies = Array.from({ length: rows }, (_, at) => {
    const pin = pins[at % pins.length] as (typeof pins)[number];
    const copy = Math.floor(at / pins.length);
    return copy === 0
      ? pin
      : {
          ...pin,
          connector: `${pin.connector} ${copy}`,
          circuit: pin.circuit === null ? null : `${pin.circuit}-${copy}`,
        };
  });
  return new TextEncoder().encode(writePinTable(copies));
}

/** Rounds before the clock is looked at: the runtime compiles what it meets often. */
const WARM = 5;

function median(work: () => unknown): number {
  for (let round = 0; round < WARM; round++) work();
  const times = Array.from({ length: ROUNDS }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  });
  return times.toSorted((a, b) => a - b)[Math.floor(ROUNDS / 2)] as number;
}

function print(name: string, ms: number, reach: number, plainName: string, plainMs: number): void {
  console.log(
    `${name}\n  ${ms.toFixed(1)} ms (to reach: ${reach} ms) | ${plainName}: ${plainMs.toFixed(1)} ms | ratio ${(plainMs / ms).toFixed(2)}`,
  );
}

console.log(`${cpus().length} cores, Node.js ${process.version}, median of ${ROUNDS} rounds`);

const [donor, host] = [tableOf("donor", 1000), tableOf("host", 1000)];
const tables = () => [readPinTable(donor, "donor"), readPinTable(host, "host")] as const;
/** The two costly steps alone, every phrase and every rule for each row and its label: what the fast way saves. */
const readOnce = tables();
const plainly = () => {
  for (const result of readOnce) {
    if (!result.ok) continue;
    for (const pin of result.table.pins) {
      for (const text of [pin.description ?? "", pin.connector]) {
        plainPhrases(text);
        plainBest(readConcepts(text).concepts);
      }
    }
  }
};
const [fast, plain] = [median(tables), median(plainly)];
print(
  "read and classify 2 × 1,000 rows",
  fast,
  150,
  "every phrase and rule for every row, without reading the table",
  plain,
);

const signalsOf = (rows: number) => {
  const [donor, host] = [readPinTable(tableOf("donor", rows), "donor"), readPinTable(tableOf("host", rows), "host")];
  if (!donor.ok || !host.ok) throw new Error("the tables made for the bench cannot be read");
  return [...signalPinsOf(donor.table.pins, "donor"), ...signalPinsOf(host.table.pins, "host")];
};
const pins = signalsOf(600);
/** Every pair of pins weighed by itself, with no index by quantity: what a first draft would do. */
const allPairs = (all: readonly SignalPin[]) => {
  let links = 0;
  for (const consumer of all)
    for (const provider of all)
      if (provider.side !== consumer.side && provider.quantity === consumer.quantity && provider.quantity !== null)
        links += matchSignals([provider, consumer]).links.length;
  return links;
};
print(
  `match a job of 2 × 600 signals (${matchSignals(pins).links.length} links)`,
  median(() => matchSignals(pins)),
  200,
  "each pair by itself",
  median(() => allPairs(pins)),
);
const many = signalsOf(5000);
print(
  `match a job of 2 × 5,000 signals (${matchSignals(many).links.length} links)`,
  median(() => matchSignals(many)),
  3000,
  "a hundredth of the pairs, each by itself",
  median(() => allPairs(many.filter((_, at) => at % 10 === 0))),
);

/**
 * The large sample grown to 3,000 wires by a second vehicle's worth of cabin beside it, sliced for every function of
 * the catalogue.
 */
const large = harnessFacts(ridgewayDocument());
const twice = <T extends { readonly id: string }>(rows: readonly T[], keep: number, more: (row: T) => T): T[] => [
  ...rows,
  ...rows.slice(0, keep).map(more),
];
const grownTables = {
  branches: twice(large.branches, large.branches.length, (row) => ({ ...row, id: `${row.id}-b` })),
  connectors: twice(large.connectors, large.connectors.length, (row) => ({
    ...row,
    id: `${row.id}-b`,
    label: `${row.label} b`,
    branchId: row.branchId === null ? null : `${row.branchId}-b`,
    mateId: row.mateId === null ? null : `${row.mateId}-b`,
  })),
  pins: twice(large.pins, Math.round(large.pins.length / 2), (row) => ({
    ...row,
    id: `${row.id}-b`,
    connectorId: `${row.connectorId}-b`,
  })),
};
const grown: HarnessFacts = {
  ...large,
  ...grownTables,
  wires: [
    ...tableWires(
      grownTables.pins.map((pin) => ({ ...pin, carries: pin.form.kind !== "spare" })),
      grownTables.connectors,
    ),
    ...large.wires.filter((wire) => wire.origin === "added"),
  ],
};
const harness = buildHarness(grown);
const every = new Set(FUNCTIONS.map((one) => one.key));
const sliced = sliceHarness(harness, every);
/**
 * Each function's demands tried again with each wire taken out, one at a time; for three functions only, and counted up
 * to all.
 */
const some = { needs: sliced.needs.slice(0, 3) };
const start = performance.now();
stopsOneByOne(harness, some);
const oneByOne =
  ((performance.now() - start) / some.needs.reduce((sum, need) => sum + need.demands.length, 0)) *
  sliced.needs.reduce((sum, need) => sum + need.demands.length, 0);
print(
  `slice a harness of ${harness.wires.length} wires for ${sliced.needs.length} functions`,
  median(() => sliceHarness(harness, every)),
  50,
  "one wire at a time, reckoned up from three functions",
  oneByOne,
);

/**
 * A dense solution of the same linear network by Gauss elimination: what a first draft would do. The network's loads
 * are taken as resistors.
 */
function denseSolve(netlist: Netlist): number[] {
  const nodes = [
    ...new Set(
      netlist.elements.flatMap((element) =>
        element.type === "relay" ? [element.coilA, element.coilB] : [element.a, element.b],
      ),
    ),
  ].filter((node) => node !== netlist.reference);
  const at = new Map(nodes.map((node, index) => [node, index]));
  const size = nodes.length;
  const matrix = Array.from({ length: size }, () => new Float64Array(size + 1));
  const stamp = (a: string, b: string, siemens: number, amps = 0) => {
    const [i, j] = [at.get(a), at.get(b)];
    const add = (row: number, column: number, value: number) => {
      const cells = matrix[row] as Float64Array;
      cells[column] = (cells[column] as number) + value;
    };
    if (i !== undefined) {
      add(i, i, siemens);
      add(i, size, amps);
    }
    if (j !== undefined) {
      add(j, j, siemens);
      add(j, size, -amps);
    }
    if (i !== undefined && j !== undefined) {
      add(i, j, -siemens);
      add(j, i, -siemens);
    }
  };
  for (const element of netlist.elements) {
    switch (element.type) {
      case "resistor":
      case "fuse":
        stamp(element.a, element.b, 1 / element.ohms);
        break;
      case "switch":
        stamp(element.a, element.b, element.closedIn.includes("run") ? 1 / element.ohms : 1e-9);
        break;
      case "source":
        stamp(element.a, element.b, 1 / element.ohms, element.volts / element.ohms);
        break;
      case "relay":
        stamp(element.coilA, element.coilB, 1 / element.coilOhms);
        break;
      case "lamp":
        stamp(element.a, element.b, element.ratedWatts / element.ratedVolts ** 2);
        break;
      case "power":
        stamp(element.a, element.b, element.watts / 144);
        break;
      default:
        stamp(element.a, element.b, 1);
    }
  }
  for (let column = 0; column < size; column++) {
    const own = matrix[column] as Float64Array;
    if (Math.abs(own[column] as number) < 1e-15) own[column] = 1e-9;
    for (let row = column + 1; row < size; row++) {
      const other = matrix[row] as Float64Array;
      const factor = (other[column] as number) / (own[column] as number);
      if (factor === 0) continue;
      for (let cell = column; cell <= size; cell++)
        other[cell] = (other[cell] as number) - factor * (own[cell] as number);
    }
  }
  const volts = new Array<number>(size).fill(0);
  for (let row = size - 1; row >= 0; row--) {
    const own = matrix[row] as Float64Array;
    let sum = own[size] as number;
    for (let cell = row + 1; cell < size; cell++) sum -= (own[cell] as number) * (volts[cell] as number);
    volts[row] = sum / (own[row] as number);
  }
  return volts;
}

function once(work: () => unknown): number {
  const began = performance.now();
  work();
  return performance.now() - began;
}

function networkOf(netlist: Netlist): Network {
  const built = Network.build(netlist);
  if (!built.ok) throw new Error(built.fault.code);
  return built.network;
}

const [bigNet, jobNet] = [vehicleNetlist(2000), vehicleNetlist(600)];
/** What such a network and its solution keep in memory, before anything large comes and goes. */
const held = () => {
  for (let round = 0; round < 3; round++) globalThis.gc?.();
  const { heapUsed, arrayBuffers } = process.memoryUsage();
  return heapUsed + arrayBuffers;
};
const [COPIES, heapBefore] = [10, held()];
const kept = Array.from({ length: COPIES }, () => {
  const network = networkOf(bigNet);
  return { network, solved: network.solve("run") };
});
const memory = `  memory of one such network and its solution: ${((held() - heapBefore) / COPIES / 1e6).toFixed(1)} MB, over ${kept.length} of them (to stay under: 50 MB)`;
/** Each solved once: a network that was solved before begins where it ended. */
const fresh = () => {
  const made = Array.from({ length: WARM + ROUNDS }, () => networkOf(bigNet));
  return () => made.pop() as Network;
};
const [toSolve, toChange] = [fresh(), fresh()];
const big = networkOf(bigNet);
print(
  `one DC solution of 2,000 nodes, relays and nonlinear loads settled`,
  median(() => toSolve().solve("run")),
  10,
  "dense elimination, loads as resistors, once",
  once(() => denseSolve(bigNet)),
);
console.log(memory);
const wires = bigNet.elements.filter((element) => element.type === "resistor").map((element) => element.id);
const predictor = Predictor.make(big, "run");
if ("code" in predictor) throw new Error(predictor.code);
let turn = 0;
const oneChange = () => {
  turn += 1;
  return predictor.predict([{ id: wires[(turn * 37) % wires.length] as string, ohms: 0.5 }]).volts("battery+");
};
for (let warm = 0; warm < 200; warm++) oneChange();
print(
  "a re-solve of it after one change",
  median(() => {
    for (let many = 0; many < 20; many++) oneChange();
  }) / 20,
  1,
  "the same network solved from nothing",
  median(() => toChange().solve("run", { changes: [{ id: wires[5] as string, ohms: 0.5 }] })),
);

/**
 * 1,000 faults on a network as large as the Heron's: every wire and fuse open, then poor joints, in each of five
 * states.
 */
const job = networkOf(jobNet);
const faulty = jobNet.elements
  .filter((element) => element.type === "resistor" || element.type === "fuse")
  .map((element) => element.id);
const faults = Array.from({ length: 1000 }, (_, at) => [
  { id: faulty[at % faulty.length] as string, ohms: at < faulty.length ? Number.POSITIVE_INFINITY : 2 },
]);
const predictAll = () => {
  let sum = 0;
  for (const state of NETLIST_KEYS) {
    const desk = Predictor.make(job, state);
    if ("code" in desk) throw new Error(desk.code);
    for (const fault of faults) sum += desk.predict(fault).volts("battery+") ?? 0;
  }
  return sum;
};
predictAll();
const predicted = Math.min(once(predictAll), once(predictAll), once(predictAll));
const anew = once(() => {
  for (let at = 0; at < 50; at++)
    networkOf({ ...jobNet }).solve(NETLIST_KEYS[at % 5] as NetlistKey, {
      changes: faults[(at * 17) % 1000] as [{ id: string; ohms: number }],
    });
});
print(
  `1,000 single faults × 5 states predicted, 600 nodes`,
  predicted,
  1000,
  "each anew, reckoned up from 50",
  anew * 100,
);

const desk = new PowerAnalysis();
const input = powerInputOf(ridgewayDocument());
let report = desk.load(input);
const loaded = median(() => {
  report = desk.load(input);
});
/** Never the same twice: what was tried last is kept. */
let turnOf = 0;
const another = () => {
  turnOf += 1;
  return turnOf;
};
const colder = (): PowerEdit => ({ type: "setting", key: "battery-c", value: 40 - (another() % 60) });
const relinked = (): PowerEdit => {
  const at = another() % (input.links.length - 1);
  return {
    type: "relink",
    consumerId: input.links[at]?.consumerId as string,
    providerId: input.links[at + 1]?.providerId as string,
  };
};
console.log(
  `(the large sample: ${report.elements} elements, ${report.rows.length} feeds and consumers, six states, ${report.findings.length} findings)`,
);
for (const [name, edit] of [
  ["a colder battery", colder],
  ["another feed", relinked],
] as const) {
  print(
    `what if, ${name}: volts in all states`,
    median(() => desk.tryRows([edit()])),
    100,
    "the job loaded and solved from its tables",
    loaded,
  );
  print(
    `what if, ${name}: and all findings`,
    median(() => desk.tryEdits([edit()])),
    100,
    "the job loaded and solved from its tables",
    loaded,
  );
}

/**
 * 10,000 faults of the large sample in each of the six states: every wire, fuse and contact open, then poor, over and
 * over.
 */
const solution = solvePower(buildModel(factsOf(input)));
const troubled = solution.model.elements.flatMap(({ element }) =>
  element.type === "resistor" || element.type === "fuse" || element.type === "switch" ? [element.id] : [],
);
const FAULTS = 10_000;
const allFaults = () => {
  let sum = 0;
  for (const state of KEY_POSITIONS) {
    const network = networkIn(solution, state);
    const found = network === null ? null : Predictor.make(network, settingOf(solution.model, usualState(state)));
    if (found === null || "code" in found) throw new Error(`no predictor for ${state}`);
    for (let at = 0; at < FAULTS; at++) {
      const id = troubled[at % troubled.length] as string;
      const ohms = at < troubled.length ? Number.POSITIVE_INFINITY : 2 + Math.floor(at / troubled.length);
      sum += found.predict([{ id, ohms }]).volts("battery-positive") ?? 0;
    }
  }
  return sum;
};
print(
  "10,000 faults × 6 states of the large sample predicted, best of five",
  Math.min(...Array.from({ length: 5 }, () => once(allFaults))),
  1000,
  "the job loaded and solved from its tables, once",
  loaded,
);

const tenfold = ridgewayDocument(10);
const [tenfoldPins, ownPins] = [signalPinsIn(tenfold), signalPinsIn(ridgewayDocument())];
print(
  `match a job of ${tenfold.pins.length} cavities, ten times the large sample`,
  median(() => deriveLines(tenfoldPins, decisionsOf(tenfold))),
  100,
  "the large sample itself",
  median(() => deriveLines(ownPins, [])),
);
