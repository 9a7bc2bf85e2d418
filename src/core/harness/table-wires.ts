import type { Side } from "../forms";
import { Groups } from "../groups";
import type { CavityFacts, ToldEnd } from "../parts";
import type { WireFacts } from "./types";

/** What a pin table says of a cavity's wire; `carries` is false where it says that the cavity is spare. */
export type ToldCavity = Pick<
  CavityFacts,
  "id" | "connectorId" | "circuit" | "colour" | "colourBase" | "colourTracer" | "sizeMm2" | "lengthM" | "ends"
> & {
  readonly carries: boolean;
  /** It says something of where its wire goes, be it found or not. */
  readonly saysWhere?: boolean;
};

interface TableConnector {
  readonly id: string;
  readonly side: Side;
  readonly branchId: string | null;
}

/**
 * The wires that pin tables speak of. A row that says where its wire goes has that wire, with its own colour and size; the same wire told
 * from both ends is one. For all others circuits are looked at, by each branch of each side: a circuit of two cavities is one wire between them; of
 * more, a wire from each to their splice; of one, a wire of which the other end is not shown, as is that of a cavity
 * with a colour or a size and no circuit. What of a circuit is joined by told ends counts as one, and splices of one
 * circuit are one. A wire has the id of the cavity that it starts at (with a number behind it for a second one), so
 * that what is decided of it outlives a new import.
 */
export function tableWires(cavities: readonly ToldCavity[], connectors: readonly TableConnector[]): WireFacts[] {
  return new Tables(cavities, connectors).wires();
}

type SpliceKey = string;
const MOST_LABEL = 200;

class Tables {
  private readonly branchOf: ReadonlyMap<string, string>;
  private readonly cavities: readonly ToldCavity[];
  private readonly numberOf: ReadonlyMap<string, number>;
  /** Cavities by their places in the list, splices that are named behind them. */
  private readonly copper: Groups;
  private readonly splices = new Map<SpliceKey, { readonly number: number; readonly label: string }>();
  private readonly targeted = new Set<string>();
  private readonly started = new Map<string, number>();
  private labels: ReadonlyMap<number, string> = new Map();

  constructor(cavities: readonly ToldCavity[], connectors: readonly TableConnector[]) {
    this.branchOf = new Map(connectors.map(({ id, side, branchId }) => [id, JSON.stringify([side, branchId])]));
    this.cavities = cavities.filter((one) => this.branchOf.has(one.connectorId));
    this.numberOf = new Map(this.cavities.map((one, at) => [one.id, at]));
    for (const cavity of this.cavities)
      for (const end of this.endsOf(cavity)) {
        if ("pinId" in end) this.targeted.add(end.pinId);
        else {
          const key = this.keyOf(cavity, end.splice);
          if (!this.splices.has(key))
            this.splices.set(key, { number: this.cavities.length + this.splices.size, label: end.splice });
        }
      }
    this.copper = new Groups(this.cavities.length + this.splices.size);
  }

  wires(): WireFacts[] {
    const told = this.cavities.flatMap((cavity) => this.endsOf(cavity).map((end) => ({ cavity, end })));
    for (const { cavity, end } of told) this.copper.join(this.number(cavity.id), this.numberOfEnd(cavity, end));
    const circuits = this.circuits();
    if (this.splices.size > 0) this.joinSplices(circuits);
    this.labels = this.spliceLabels();
    return [
      ...this.toldWires(told),
      ...this.cavities.filter((cavity) => this.isAlone(cavity)).map((cavity) => this.wireFrom(cavity, "open")),
      ...circuits.flatMap((members) => this.circuitWires(members)),
    ];
  }

  /** Ends that are there; a wire to the cavity itself is no wire. */
  private endsOf(cavity: ToldCavity): readonly ToldEnd[] {
    return cavity.ends.length === 0
      ? cavity.ends
      : cavity.ends.filter((end) => "splice" in end || (end.pinId !== cavity.id && this.numberOf.has(end.pinId)));
  }

  private circuits(): ToldCavity[][] {
    const circuits = new Map<string, ToldCavity[]>();
    for (const cavity of this.cavities) {
      if (cavity.circuit === null) continue;
      const name = JSON.stringify([this.branchOf.get(cavity.connectorId), cavity.circuit]);
      const members = circuits.get(name);
      if (members === undefined) circuits.set(name, [cavity]);
      else members.push(cavity);
    }
    return [...circuits.values()];
  }

  /** Several splices of one circuit are one copper. */
  private joinSplices(circuits: readonly (readonly ToldCavity[])[]): void {
    const labels = this.spliceLabels();
    for (const members of circuits) {
      const groups = members.map(({ id }) => this.copper.of(this.number(id))).filter((group) => labels.has(group));
      for (const group of groups) this.copper.join(groups[0] as number, group);
    }
  }

  /** The splices of each group of copper, by name. */
  private spliceLabels(): Map<number, string> {
    const labels = new Map<number, string>();
    for (const { number, label } of this.splices.values()) {
      const group = this.copper.of(number);
      const before = labels.get(group);
      labels.set(group, before === undefined ? label : `${before} + ${label}`.slice(0, MOST_LABEL));
    }
    return labels;
  }

  private toldWires(told: readonly { readonly cavity: ToldCavity; readonly end: ToldEnd }[]): WireFacts[] {
    const laid = new Set<string>();
    return told.flatMap(({ cavity, end }) => {
      if ("splice" in end) return [this.wireFrom(cavity, "splice")];
      const other = this.cavities[this.number(end.pinId)] as ToldCavity;
      if (laid.has(JSON.stringify([other.id, cavity.id]))) return [];
      laid.add(JSON.stringify([cavity.id, other.id]));
      // What the other row says is of this wire where it has no other.
      const isIts = this.endsOf(other).every((its) => "pinId" in its && its.pinId === cavity.id);
      return [isIts ? this.wireBetween(cavity, other) : { ...this.wireFrom(cavity, "open"), ...toCavity(other) }];
    });
  }

  /** On no circuit, with a wire of which nothing says where it goes. */
  private isAlone(cavity: ToldCavity): boolean {
    return (
      cavity.circuit === null &&
      cavity.carries &&
      (cavity.colour !== null || cavity.sizeMm2 !== null || cavity.saysWhere === true) &&
      !this.isTold(cavity)
    );
  }

  private isTold = (cavity: ToldCavity) => this.targeted.has(cavity.id) || this.endsOf(cavity).length > 0;

  private circuitWires(members: readonly ToldCavity[]): WireFacts[] {
    const groups = new Map<number, ToldCavity[]>();
    for (const cavity of members) {
      const group = this.copper.of(this.number(cavity.id));
      const own = groups.get(group);
      if (own === undefined) groups.set(group, [cavity]);
      else own.push(cavity);
    }
    const [one, two, ...more] = groups.values();
    if (one === undefined) return [];
    if (two === undefined)
      return one.length > 1 || this.isTold(one[0] as ToldCavity) ? [] : [this.wireFrom(one[0] as ToldCavity, "open")];
    const starts = [one, two, ...more].map(
      (group) => group.find((cavity) => !this.isTold(cavity)) ?? (group[0] as ToldCavity),
    );
    if (more.length === 0 && starts.every((cavity) => !this.isTold(cavity)))
      return [this.wireBetween(starts[0] as ToldCavity, starts[1] as ToldCavity)];
    const label = members.map((cavity) => this.spliceOf(cavity)).find((found) => found !== null) ?? null;
    return starts
      .filter((cavity) => this.spliceOf(cavity) === null)
      .map((cavity) => ({ ...this.wireFrom(cavity, "splice"), splice: label }));
  }

  /**
   * A wire between two cavities is as thick as the thinner is said to be, and as long as the longer: tables give each
   * end its own row.
   */
  private wireBetween(one: ToldCavity, two: ToldCavity): WireFacts {
    const { colour, colourBase, colourTracer } = one.colour === null ? two : one;
    return {
      ...this.wireFrom(one, "open"),
      ...toCavity(two),
      colour,
      colourBase,
      colourTracer,
      sizeMm2: least(one.sizeMm2, two.sizeMm2),
      lengthM: most(one.lengthM, two.lengthM),
    };
  }

  private wireFrom(cavity: ToldCavity, endsAt: "splice" | "open"): WireFacts {
    const { id, circuit, colour, colourBase, colourTracer, sizeMm2, lengthM } = cavity;
    const before = this.started.get(id) ?? 0;
    this.started.set(id, before + 1);
    return {
      id: before === 0 ? id : `${id}-${before + 1}`,
      fromPinId: id,
      endsAt,
      toPinId: null,
      splice: endsAt === "splice" ? this.spliceOf(cavity) : null,
      circuit,
      colour,
      colourBase,
      colourTracer,
      sizeMm2,
      lengthM,
      origin: "table",
    };
  }

  /** The splices that a cavity is joined with; null where none has a name. */
  private spliceOf = ({ id }: ToldCavity): string | null => this.labels.get(this.copper.of(this.number(id))) ?? null;
  private number = (id: string): number => this.numberOf.get(id) as number;
  private numberOfEnd = (cavity: ToldCavity, end: ToldEnd): number =>
    "pinId" in end ? this.number(end.pinId) : (this.splices.get(this.keyOf(cavity, end.splice))?.number as number);
  private keyOf = (cavity: ToldCavity, splice: string): SpliceKey =>
    JSON.stringify([this.branchOf.get(cavity.connectorId), splice]);
}

const toCavity = ({ id }: ToldCavity) => ({ endsAt: "cavity", toPinId: id }) as const;
const least = (a: number | null, b: number | null) => (b === null ? a : a === null ? b : Math.min(a, b));
const most = (a: number | null, b: number | null) => (b === null ? a : a === null ? b : Math.max(a, b));
