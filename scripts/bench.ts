import { cpus } from "node:os";
import { buildHarness, FUNCTIONS, type HarnessFacts, sliceHarness } from "@/core/harness";
import { readConcepts } from "@/core/intake";
import { plainBest, plainPhrases } from "../tests/support/plain-reading";
import { stopsOneByOne } from "../tests/support/plain-slicer";
import { matchSignals, type SignalPin } from "@/core/signals";
import { readPinTable, writePinTable } from "@/formats/pin-table";
import { signalPinsOf } from "@/formats/signal-pins";
import { heronTables } from "@/demo/heron";
import { ridgewayDocument } from "@/demo/ridgeway";
import { harnessFacts } from "@/job/harness-facts";
import { pinTableCsv } from "@/formats/plan-csv";

/** Times the work of engines.md's table beside a plain method in the same run; medians of several rounds after a warm-up. */
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
    return copy === 0 ? pin : { ...pin, connector: `${pin.connector} ${copy}`, circuit: pin.circuit === null ? null : `${pin.circuit}-${copy}` };
  });
  return new TextEncoder().encode(writePinTable(copies));
}

function median(work: () => unknown): number {
  work();
  const times = Array.from({ length: ROUNDS }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  });
  return times.toSorted((a, b) => a - b)[Math.floor(ROUNDS / 2)] as number;
}

function print(name: string, ms: number, reach: number, plainName: string, plainMs: number): void {
  console.log(`${name}\n  ${ms.toFixed(1)} ms (to reach: ${reach} ms) | ${plainName}: ${plainMs.toFixed(1)} ms | ratio ${(plainMs / ms).toFixed(2)}`);
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
print("read and classify 2 × 1,000 rows", fast, 150, "every phrase and rule for every row, without reading the table", plain);

const [bigDonor, bigHost] = [readPinTable(tableOf("donor", 600), "donor"), readPinTable(tableOf("host", 600), "host")];
if (!bigDonor.ok || !bigHost.ok) throw new Error("the tables made for the bench cannot be read");
const pins = [...signalPinsOf(bigDonor.table.pins, "donor"), ...signalPinsOf(bigHost.table.pins, "host")];
/** Every pair of pins weighed by itself, with no index by quantity: what a first draft would do. */
const allPairs = (all: readonly SignalPin[]) => {
  let links = 0;
  for (const consumer of all) for (const provider of all) if (provider.side !== consumer.side && provider.quantity === consumer.quantity && provider.quantity !== null) links += matchSignals([provider, consumer]).links.length;
  return links;
};
print(`match a job of 2 × 600 signals (${matchSignals(pins).links.length} links)`, median(() => matchSignals(pins)), 200, "each pair by itself", median(() => allPairs(pins)));

/** The large sample grown to 3,000 wires by a second vehicle's worth of cabin beside it, sliced for every function of the catalogue. */
const large = harnessFacts(ridgewayDocument());
const twice = <T extends { readonly id: string }>(rows: readonly T[], keep: number, more: (row: T) => T): T[] => [...rows, ...rows.slice(0, keep).map(more)];
const grown: HarnessFacts = {
  ...large,
  branches: twice(large.branches, large.branches.length, (row) => ({ ...row, id: `${row.id}-b` })),
  connectors: twice(large.connectors, large.connectors.length, (row) => ({ ...row, id: `${row.id}-b`, label: `${row.label} b`, branchId: row.branchId === null ? null : `${row.branchId}-b`, mateId: row.mateId === null ? null : `${row.mateId}-b` })),
  pins: twice(large.pins, Math.round(large.pins.length / 2), (row) => ({ ...row, id: `${row.id}-b`, connectorId: `${row.connectorId}-b` })),
};
const harness = buildHarness(grown);
const every = new Set(FUNCTIONS.map((one) => one.key));
const sliced = sliceHarness(harness, every);
/** Each function's demands tried again with each wire taken out, one at a time; for three functions only, and counted up to all. */
const some = { needs: sliced.needs.slice(0, 3) };
const start = performance.now();
stopsOneByOne(harness, some);
const oneByOne = ((performance.now() - start) / some.needs.reduce((sum, need) => sum + need.demands.length, 0)) * sliced.needs.reduce((sum, need) => sum + need.demands.length, 0);
print(`slice a harness of ${harness.wires.length} wires for ${sliced.needs.length} functions`, median(() => sliceHarness(harness, every)), 50, "one wire at a time, reckoned up from three functions", oneByOne);
