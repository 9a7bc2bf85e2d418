import type { Vehicle } from "./ridgeway-vehicles";

const IN_LINE_CAVITIES = 32;
const COMPUTER_PLUG = 60;
/** What the devices on one shared fuse take together at most, A at 12 V: with 14.4 V, 0.75 of a 10 A fuse. */
export const FEED_AMPS = 6;

/** One cavity as it is written: with its kind and quantity in one, and how long its wire is where that is not left to chance. */
export type Cavity = readonly [
  cavity: string,
  circuit: string,
  words: string,
  form: `${string} ${string}`,
  sizeMm2: number,
  params?: string,
  lengthM?: number,
];

/** Writes one vehicle's pin table row by row, with the in-line connectors between its zones. */
export class LoomRows {
  readonly rows: string[] = ["connector,cavity,circuit,colour,size,length,description,kind,quantity,params"];
  readonly branchOf = new Map<string, string>();
  readonly mates = new Map<string, string>();
  /** The plugs of each computer. */
  readonly plugs = new Map<string, Set<string>>();
  private circuit = 100;
  protected readonly cavities = new Map<string, number>();
  private readonly lines = new Map<string, { name: string; used: number; count: number }>();
  private readonly shared = new Map<string, { circuit: string; used: number; amps: number }>();
  private readonly random: () => number;

  constructor(
    protected readonly vehicle: Vehicle,
    seed: number,
  ) {
    let state = seed;
    // The minimal standard generator, Park & Miller (1988): enough for colours and lengths, and the same everywhere.
    this.random = () => {
      state = (state * 48271) % 2147483647;
      return state / 2147483647;
    };
  }

  protected next(): string {
    this.circuit += 1;
    return `${this.vehicle.prefix}${this.circuit}`;
  }

  protected row(
    connector: string,
    zone: string,
    cavity: string | number,
    circuit: string,
    words: string,
    kind: string,
    quantity: string,
    size: number,
    params = "",
    lengthM?: number,
  ): void {
    this.branchOf.set(connector, zone);
    const length = (lengthM ?? 0.3 + this.random() * 2.4).toFixed(2);
    this.rows.push(
      [connector, cavity, circuit, this.colour(circuit), size, length, `"${words}"`, kind, quantity, params].join(","),
    );
  }

  protected fill(connector: string, zone: string, cavities: readonly Cavity[]): void {
    for (const [cavity, circuit, words, form, size, params, lengthM] of cavities) {
      const [kind = "", quantity = ""] = form.split(" ");
      this.row(connector, zone, cavity, circuit, words, kind, quantity, size, params, lengthM);
    }
  }

  /** One circuit keeps its colour along its whole way. */
  private readonly colours = new Map<string, string>();
  private colour(circuit: string): string {
    const pick = (list: readonly string[]) => list[Math.floor(this.random() * list.length)] as string;
    const known =
      this.colours.get(circuit) ??
      (/G$/.test(circuit)
        ? "BN"
        : `${pick(["RD", "BU", "GN", "YE", "WH", "GY", "VT", "OG", "PK"])}/${pick(["BK", "WH", "RD", "GN", "BU", "YE"])}`.replace(
            /(..)\/\1/,
            "$1",
          ));
    this.colours.set(circuit, known);
    return known;
  }

  protected cavity(connector: string): number {
    const used = (this.cavities.get(connector) ?? 0) + 1;
    this.cavities.set(connector, used);
    return used;
  }

  /** Carries a circuit from the centre into a zone, through the looms between. */
  protected through(zone: string, circuit: string, size: number): void {
    const way = [
      this.vehicle.centre,
      ...(this.vehicle.between[zone] ?? []),
      ...(zone === this.vehicle.centre ? [] : [zone]),
    ];
    for (let at = 1; at < way.length; at++) this.across(way[at - 1] as string, way[at] as string, circuit, size);
  }

  /** From one loom into the next by an in-line connector's two halves; another one when it is full. */
  private across(near: string, zone: string, circuit: string, size: number): void {
    const way = `${near}/${zone}`;
    const open = this.lines.get(way);
    const line =
      open !== undefined && open.used < IN_LINE_CAVITIES
        ? open
        : { name: `X ${way} ${(open?.count ?? 0) + 1}`, used: 0, count: (open?.count ?? 0) + 1 };
    line.used += 1;
    this.lines.set(way, line);
    const [inner, outer] = [`${line.name} ${near} half`, `${line.name} ${zone} half`];
    this.mates.set(inner, outer).set(outer, inner);
    for (const [half, side] of [
      [inner, near],
      [outer, zone],
    ] as const)
      this.row(half, side, line.used, circuit, "In line", "unknown", "", size);
  }

  protected computerCavity(
    home: string,
    circuit: string,
    words: string,
    kind: string,
    quantity: string,
    size: number,
    params = "",
  ): void {
    const { centre } = this.vehicle;
    const plug = `${home} ${1 + Math.floor((this.cavities.get(home) ?? 0) / COMPUTER_PLUG)}`;
    this.cavity(home);
    this.plugs.set(home, (this.plugs.get(home) ?? new Set()).add(plug));
    this.row(plug, centre, this.cavity(plug), circuit, words, kind, quantity, size, params);
  }

  /** A feed or ground that several devices of a zone share; a new one when it is full. */
  protected share(what: string, zone: string, most: number, make: () => string, amps = 0): string {
    const name = `${what} ${zone}`;
    const known = this.shared.get(name);
    const one =
      known !== undefined && known.used < most && known.amps + amps <= FEED_AMPS
        ? known
        : { circuit: make(), used: 0, amps: 0 };
    one.used += 1;
    one.amps += amps;
    this.shared.set(name, one);
    return one.circuit;
  }
}
