import { buildHarness, type HarnessFacts } from "../harness";
import type { KeyPosition } from "../state";
import type { Units } from "../units";
import { type EditFault, editFacts, editFault } from "./edits";
import type { Finding } from "./findings";
import { buildModel } from "./model/model";
import { proveWays, type WayProof, type WeighedLink } from "./proof";
import { type PowerReport, reportPower } from "./report";
import type { SettingKey } from "./settings";
import { settingsOf } from "./settings";
import { type DrawnPath, drawnPath } from "./solved/drawn-path";
import { type ElementFault, elementFaults } from "./solved/element-faults";
import { voltsAt } from "./solved/flow";
import { netlistOf, solvePower } from "./solved/solve";
import { type ExpectedVolts, expectedVolts } from "./tables/expected";
import { type KeyRow, keyTable } from "./tables/keys";
import { type StandingPoints, standingPoints } from "./tables/standing";
import { NOTHING_TRIED, type PowerEdit } from "./tried";
import type { Fill, PowerFacts, PowerLink, PowerSolution } from "./types";

/** What the solution is made from, as plain data. */
export interface PowerInput {
  /** With its links joined, proposed ones among them. */
  readonly harness: HarnessFacts;
  readonly links: readonly PowerLink[];
  readonly gone: readonly string[];
  /** None where it is not said. */
  readonly fills?: readonly Fill[];
  readonly units: Units;
  readonly settings: readonly { readonly key: SettingKey; readonly value: number; readonly origin: string }[];
}

export const factsOf = ({ harness, links, gone, fills = [], units, settings }: PowerInput): PowerFacts => ({
  harness: buildHarness(harness),
  links,
  gone: new Set(gone),
  fills,
  units,
  settings: settingsOf(settings),
  tried: NOTHING_TRIED,
});

/** What an edit would change: findings that go, that stay changed, and that come. */
export interface Effect {
  readonly fault: EditFault | null;
  readonly gone: readonly string[];
  readonly come: readonly Finding[];
  readonly report: PowerReport | null;
}

/** What a meter should read, and what the tables have to be read beside the links. */
export interface Expectations {
  readonly volts: readonly ExpectedVolts[];
  readonly standing: StandingPoints;
}

/** The last thing that was tried, solved. */
interface Tried {
  readonly name: string;
  readonly solution: PowerSolution;
  readonly rows: readonly KeyRow[];
}

const NOT_LOADED = "load the job before asking of it";

/** Keeps the plan's solution between questions. */
export class PowerAnalysis {
  private facts: PowerFacts | null = null;
  private solution: PowerSolution | null = null;
  private report: PowerReport | null = null;
  private tried: Tried | null = null;

  /** Takes the job, solves it in every state, and says what came of it. */
  load(input: PowerInput): PowerReport {
    this.facts = factsOf(input);
    this.tried = null;
    this.solution = solvePower(buildModel(this.facts));
    this.report = reportPower(this.solution);
    return this.report;
  }

  /** What a meter should read, with tolerance; asked for after the report, for it solves the plan twice more. */
  expected(): Expectations {
    if (this.solution === null) throw new Error(NOT_LOADED);
    return { volts: expectedVolts(this.solution), standing: standingPoints(this.solution) };
  }

  /**
   * Volts of every feed and consumer with some edits carried out: the part of {@link tryEdits} that is seen first. Null
   * where an edit cannot be tried.
   */
  tryRows(edits: readonly PowerEdit[]): readonly KeyRow[] | null {
    if (edits.some((edit) => editFault(edit) !== null)) return null;
    return this.triedWith(edits).rows;
  }

  /** What some edits together would change. Nothing is kept of them but the last answer. */
  tryEdits(edits: readonly PowerEdit[]): Effect {
    const before = this.report;
    if (before === null) throw new Error(NOT_LOADED);
    const fault = edits.map((edit) => editFault(edit)).find((one) => one !== null) ?? null;
    if (fault !== null) return { fault, gone: [], come: [], report: null };
    const tried = this.triedWith(edits);
    const report = reportPower(tried.solution, tried.rows);
    const keys = new Set(before.findings.map((finding) => finding.key));
    const now = new Set(report.findings.map((finding) => finding.key));
    return {
      fault: null,
      gone: before.findings.filter((finding) => !now.has(finding.key)).map((finding) => finding.key),
      come: report.findings.filter((finding) => !keys.has(finding.key)),
      report,
    };
  }

  /** The plan with some edits carried out, solved; as it is where there are none. Null where one cannot be tried. */
  solutionWith(edits: readonly PowerEdit[]): PowerSolution | null {
    if (this.solution === null) throw new Error(NOT_LOADED);
    if (edits.length === 0) return this.solution;
    return edits.some((edit) => editFault(edit) !== null) ? null : this.triedWith(edits).solution;
  }

  private triedWith(edits: readonly PowerEdit[]): Tried {
    if (this.facts === null || this.solution === null) throw new Error(NOT_LOADED);
    const name = JSON.stringify(edits);
    if (this.tried?.name === name) return this.tried;
    const solution = solvePower(buildModel(edits.reduce(editFacts, this.facts), this.solution.model), this.solution);
    this.tried = { name, solution, rows: keyTable(solution) };
    return this.tried;
  }

  /** What the solved plan says of each way of some links, each link weighed by itself beside all the others. */
  prove(links: readonly WeighedLink[]): readonly (readonly WayProof[])[] {
    const { solution } = this;
    if (solution === null) throw new Error(NOT_LOADED);
    return links.map((link) => proveWays(solution, link));
  }

  /** Volts at cavities in one state, against the battery's negative, as the plan is solved; null where one floats or is not in it. */
  volts(state: KeyPosition, pinIds: readonly string[]): readonly (readonly [pinId: string, volts: number | null])[] {
    const { solution } = this;
    if (solution === null) throw new Error(NOT_LOADED);
    return pinIds.map((pinId) => {
      const node = solution.model.nodeOfPin.get(pinId);
      return [pinId, node === undefined ? null : (voltsAt(solution, state, node) ?? null)];
    });
  }

  /** Currents through wires in one state, A, whichever way, as the plan is solved; null where one is not in it. */
  wireAmps(
    state: KeyPosition,
    wireIds: readonly string[],
  ): readonly (readonly [wireId: string, amps: number | null])[] {
    const { solution } = this;
    if (solution === null) throw new Error(NOT_LOADED);
    const solved = solution.states.get(state);
    return wireIds.map((wireId) => {
      const amps = solved?.amps.get(wireId);
      return [wireId, amps === undefined ? null : Math.abs(amps)];
    });
  }

  /** Which single faults would bring a reading about. */
  elementFaults(pinId: string, state: KeyPosition, volts: number): ElementFault[] {
    if (this.solution === null) throw new Error(NOT_LOADED);
    return elementFaults(this.solution, pinId, state, volts);
  }

  /**
   * The current path through a node, as a drawing has it; through the tried plan where edits are given and were tried
   * last.
   */
  path(state: KeyPosition, node: string, edits: readonly PowerEdit[] = []): DrawnPath {
    const tried = edits.length > 0 && this.tried?.name === JSON.stringify(edits) ? this.tried.solution : this.solution;
    if (tried === null) throw new Error(NOT_LOADED);
    return drawnPath(tried, state, node);
  }

  /** The netlist of contracts/netlist.md, to be kept or solved elsewhere. */
  netlist() {
    if (this.solution === null) throw new Error(NOT_LOADED);
    return netlistOf(this.solution);
  }
}
