import { expose, transfer } from "comlink";
import {
  type Effect,
  type PackedCells,
  PowerAnalysis,
  type PowerEdit,
  type PowerReport,
  packCells,
} from "@/core/power";

/** An {@link Effect} without the key table, which went before. */
export type LaterEffect = Omit<Effect, "report"> & { readonly report: Omit<PowerReport, "rows"> | null };

/** The desk as it is asked from the page: of what is tried, only what is new is sent. */
class RemotePowerAnalysis {
  private readonly desk = new PowerAnalysis();

  load: PowerAnalysis["load"] = (input) => this.desk.load(input);
  expected: PowerAnalysis["expected"] = () => this.desk.expected();
  elementFaults: PowerAnalysis["elementFaults"] = (...asked) => this.desk.elementFaults(...asked);
  path: PowerAnalysis["path"] = (...asked) => this.desk.path(...asked);
  netlist: PowerAnalysis["netlist"] = () => this.desk.netlist();

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
