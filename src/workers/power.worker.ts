import { expose, transfer } from "comlink";
import type { HarnessFacts } from "@/core/harness";
import {
  type Effect,
  type PackedCells,
  PowerAnalysis,
  type PowerEdit,
  type PowerInput,
  type PowerReport,
  packCells,
} from "@/core/power";
import { type CrankTable, crankTable, type TriedCure, triedCures } from "@/core/transmission";
import { byContent, type Delta, deltaOf, withDelta } from "./delta";

/** An {@link Effect} without the key table, which went before. */
export type LaterEffect = Omit<Effect, "report"> & { readonly report: Omit<PowerReport, "rows"> | null };

/** A plan as it differs from the one before. */
export interface InputDelta {
  readonly harness: Delta<HarnessFacts>;
  readonly rest: Delta<Omit<PowerInput, "harness">>;
}

/** The analysis as it is asked from the page: only what changed crosses, both ways. */
class RemotePowerAnalysis {
  private readonly desk = new PowerAnalysis();

  private input: PowerInput | null = null;
  private told: PowerReport | null = null;

  /** Takes what changed of the plan, solves it, and says what changes by that. */
  load({ harness, rest }: InputDelta): Delta<PowerReport> {
    this.input = { ...withDelta(this.input, rest), harness: withDelta(this.input?.harness ?? null, harness) };
    const report = this.desk.load(this.input);
    const delta = deltaOf(this.told, report, byContent);
    this.told = report;
    return delta;
  }

  expected: PowerAnalysis["expected"] = () => this.desk.expected();
  elementFaults: PowerAnalysis["elementFaults"] = (...asked) => this.desk.elementFaults(...asked);
  path: PowerAnalysis["path"] = (...asked) => this.desk.path(...asked);
  prove: PowerAnalysis["prove"] = (...asked) => this.desk.prove(...asked);
  netlist: PowerAnalysis["netlist"] = () => this.desk.netlist();
  wireAmps: PowerAnalysis["wireAmps"] = (...asked) => this.desk.wireAmps(...asked);
  /** Who may crank when, with some edits carried out; null where one cannot be tried. */
  crank(edits: readonly PowerEdit[]): CrankTable | null {
    const solution = this.desk.solutionWith(edits);
    return solution === null ? null : crankTable(solution);
  }

  crankCures(): readonly TriedCure[] {
    const solution = this.desk.solutionWith([]);
    return solution === null ? [] : triedCures(solution, (edits) => this.desk.solutionWith(edits));
  }

  volts: PowerAnalysis["volts"] = (...asked) => this.desk.volts(...asked);

  /** Cells of the key table with some edits carried out; null where an edit cannot be tried. */
  tryRows(edits: readonly PowerEdit[]): PackedCells | null {
    const rows = this.desk.tryRows(edits);
    if (rows === null) return null;
    const cells = packCells(rows);
    return transfer(cells, [cells.volts.buffer, cells.across.buffer, cells.code.buffer]);
  }

  tryEdits(edits: readonly PowerEdit[]): LaterEffect {
    const { report, ...effect } = this.desk.tryEdits(edits);
    if (report === null) return { ...effect, report };
    const { rows: _, ...rest } = report;
    return { ...effect, report: rest };
  }
}

export type { RemotePowerAnalysis };

/** Solves the plan off the page's own thread. */
expose(new RemotePowerAnalysis());
