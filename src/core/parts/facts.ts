import type { Form, Quantity, Side } from "../forms";
import type { ColourCode } from "../intake";
import type { ElementSpec } from "./elements";

/** A part is of the donor, of the host, or brought in by the swap. */
export type PartSide = Side | "added";

/** A part of a harness with an origin of its own. Circuit numbers are joined within a branch and never beyond. */
export interface BranchFacts {
  readonly id: string;
  readonly side: Side;
  readonly label: string;
}

export interface ConnectorFacts {
  readonly id: string;
  readonly side: Side;
  readonly label: string;
  readonly place: string | null;
  readonly branchId: string | null;
  /** The half that it plugs into, where it joins two harnesses. */
  readonly mateId: string | null;
}

/** Where a table says that a cavity's wire goes: to a cavity, or to a splice that has a name. */
export type ToldEnd = { readonly pinId: string } | { readonly splice: string };

export interface CavityFacts {
  readonly id: string;
  readonly connectorId: string;
  readonly cavity: string;
  readonly circuit: string | null;
  readonly colour: string | null;
  readonly colourBase: ColourCode | null;
  readonly colourTracer: ColourCode | null;
  /** mm² */
  readonly sizeMm2: number | null;
  /** m */
  readonly lengthM: number | null;
  readonly description: string | null;
  readonly form: Form;
  readonly quantity: Quantity | null;
  readonly index: string | null;
  /** Where its own row says that its wire goes, as far as that is found. */
  readonly ends: readonly ToldEnd[];
  /** What its row says of its wire's end, where no such place is found. */
  readonly openEnd?: string;
}

export interface PartFacts {
  readonly id: string;
  readonly side: PartSide;
  readonly type: string;
  readonly label: string;
  readonly terminals: readonly { readonly name: string; readonly pinId: string | null }[];
  readonly elements: readonly ElementSpec[];
}

/** What is wrong with a part as someone wrote it. */
export type PartFault =
  | {
      readonly code: "unknown-terminal";
      readonly element: string;
      readonly terminal: string;
      readonly known: readonly string[];
    }
  | { readonly code: "repeated-element"; readonly element: string }
  | { readonly code: "shorted-element"; readonly element: string };
