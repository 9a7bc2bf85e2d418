import type { Side } from "@/core/forms";
import { emptyDocument } from "@/job/document";
import type { BranchRow, ConnectorRow, JobDocument } from "@/job/schema";
import { inStep } from "@/job/table-wires";
import { type Device, DONOR_DEVICES, HOST_DEVICES } from "./ridgeway-devices";
import { withTable, withWire } from "./sample-job";

/** The large sample: generated, so that it can be as large as real ones are; the same at every run. */
const SEED = 2013;
const IN_LINE_CAVITIES = 32;
/** Devices on one fuse, and what they take together for good at most, A: 0.75 of a 10 A fuse. */
const PER_FEED = 5;
const FEED_AMPS = 7.5;
const PER_GROUND = 7;
const COMPUTER_PLUG = 60;

interface Vehicle {
  readonly side: Side;
  /** The zone in which its computers and fuse boxes are. */
  readonly centre: string;
  /** Looms that a circuit passes between the centre and a zone. */
  readonly between: Readonly<Record<string, readonly string[]>>;
  readonly devices: readonly Device[];
  readonly prefix: string;
  readonly origins: Readonly<Record<string, string>>;
}

const VEHICLES: readonly Vehicle[] = [
  {
    side: "donor",
    centre: "Engine bay",
    between: { Engine: ["Bulkhead"], Transmission: ["Bulkhead", "Tunnel"] },
    devices: DONOR_DEVICES,
    prefix: "E",
    origins: {
      Engine: "2016 Orvane Mastiff 3.0 V6 diesel",
      Transmission: "2015 Orvane Mastiff, eight-speed automatic",
      "Engine bay": "2016 Orvane Mastiff 3.0 V6 diesel",
    },
  },
  {
    side: "host",
    centre: "Dash",
    between: {
      Doors: ["Sill"],
      Tail: ["Sill", "Frame"],
      Cabin: ["Sill"],
      Roof: ["Pillar"],
      Chassis: ["Frame"],
      Front: ["Wing"],
      Seats: ["Floor"],
    },
    devices: HOST_DEVICES,
    prefix: "R",
    origins: { Cabin: "Expedition body, built 2014", Roof: "Expedition body, built 2014" },
  },
];

/** Makes one vehicle's pin table row by row, with the in-line connectors between its zones. */
class Loom {
  readonly rows: string[] = ["connector,cavity,circuit,colour,size,length,description,kind,quantity,params"];
  readonly branchOf = new Map<string, string>();
  readonly mates = new Map<string, string>();
  private circuit = 100;
  private readonly cavities = new Map<string, number>();
  private readonly lines = new Map<string, { name: string; used: number; count: number }>();
  private readonly shared = new Map<string, { circuit: string; used: number; amps: number }>();
  private readonly random: () => number;

  constructor(
    private readonly vehicle: Vehicle,
    seed: number,
  ) {
    let state = seed;
    // The minimal standard generator, Park & Miller (1988): enough for colours and lengths, and the same everywhere.
    this.random = () => {
      state = (state * 48271) % 2147483647;
      return state / 2147483647;
    };
  }

  run(): void {
    this.battery();
    for (const device of this.vehicle.devices) {
      const names =
        typeof device.copies === "number"
          ? Array.from({ length: device.copies }, (_, at) => (device.copies === 1 ? "" : ` ${at + 1}`))
          : device.copies.map((copy) => ` ${copy}`);
      for (const name of names) this.fit(`${device.name}${name}`, device);
    }
    for (const home of new Set(this.vehicle.devices.map((device) => device.home))) this.power(home);
    this.engineCables();
  }

  private next(): string {
    this.circuit += 1;
    return `${this.vehicle.prefix}${this.circuit}`;
  }

  private row(
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

  private cavity(connector: string): number {
    const used = (this.cavities.get(connector) ?? 0) + 1;
    this.cavities.set(connector, used);
    return used;
  }

  /** Carries a circuit from the centre into a zone, through the looms between. */
  private through(zone: string, circuit: string, size: number): void {
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

  private computerCavity(
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
    this.row(plug, centre, this.cavity(plug), circuit, words, kind, quantity, size, params);
  }

  /** A feed or ground that several devices of a zone share; a new one when it is full. */
  private share(what: string, zone: string, most: number, make: () => string, amps = 0): string {
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

  private battery(): void {
    if (this.vehicle.side === "donor") return;
    this.row(
      "Battery",
      "Front",
      "+",
      "R1",
      "Battery positive",
      "supply-out",
      "battery-supply",
      50,
      "maxAmps=400;alive=permanent;volts=12",
    );
    this.row("Battery", "Front", "-", "R2G", "Battery negative", "ground", "ground", 50, "role=power");
    this.row("Body earth", "Front", 1, "R2G", "Battery earth to the frame", "ground", "ground", 50, "role=power");
    // A fuse at the battery, for the cable goes through the bulkhead to the dash.
    const fused = [
      ["in", "R1", "supply-in", "amps=200;alive=permanent"],
      ["1", "R3", "supply-out", "maxAmps=100;alive=permanent;volts=12"],
    ] as const;
    for (const [cavity, circuit, kind, params] of fused)
      this.row("Front fuse box", "Front", cavity, circuit, "Main feed", kind, "battery-supply", 35, params, 0.4);
    this.through("Front", "R3", 35);
    this.row(
      "Main fuse box",
      "Dash",
      "in",
      "R3",
      "Main feed from battery",
      "supply-in",
      "battery-supply",
      35,
      "amps=200;alive=permanent",
    );
  }

  /** The starter's cable, with the alternator's output on it, and the engine's strap. */
  private engineCables(): void {
    if (this.vehicle.side === "host") return;
    this.row(
      "Starter",
      "Engine",
      "30",
      "M1",
      "Battery cable to starter",
      "supply-in",
      "start-supply",
      50,
      "amps=220;alive=permanent",
    );
    this.row(
      "Alternator",
      "Engine",
      "B+",
      "M1",
      "Output to battery",
      "supply-out",
      "battery-supply",
      35,
      "maxAmps=180;alive=permanent;volts=14.4",
    );
    this.row("Engine earth", "Engine", 1, "M2G", "Engine block earth strap", "ground", "ground", 50, "role=power");
  }

  /** @param amps of its fuse */
  private feedCircuit(words: string, params: string, amps: number, size: number): string {
    const alive = /alive=([a-z-]+)/.exec(params)?.[1] ?? "permanent";
    const circuit = this.next();
    const box =
      this.vehicle.side === "donor" ? "Engine fuse box" : alive === "permanent" ? "Main fuse box" : "Ignition fuse box";
    if (box !== "Main fuse box" && !this.cavities.has(box)) this.relayFor(box);
    this.row(
      box,
      this.vehicle.centre,
      this.cavity(box),
      circuit,
      `Fused feed, ${words}`,
      "supply-out",
      alive === "permanent" ? "battery-supply" : alive === "relay" ? "relay-supply" : "ignition-supply",
      size,
      `maxAmps=${amps};alive=${this.vehicle.side === "donor" ? "relay" : alive};volts=12`,
    );
    return circuit;
  }

  /** The ignition feeds come through a relay; its coil is worked by the first computer. */
  private relayFor(box: string): void {
    const { centre, side } = this.vehicle;
    const [bus, coil, control, coilFeed] = [this.next(), this.next(), this.next(), this.next()];
    const label = `${box} relay`;
    if (side === "host") {
      const raw = this.next();
      this.row(
        "Main fuse box",
        centre,
        this.cavity("Main fuse box"),
        raw,
        "Fused feed, ignition relay",
        "supply-out",
        "battery-supply",
        16,
        "maxAmps=60;alive=permanent;volts=12",
      );
      this.row(
        "Main fuse box",
        centre,
        this.cavity("Main fuse box"),
        coilFeed,
        "Fused feed, relay coil",
        "supply-out",
        "battery-supply",
        1,
        "maxAmps=5;alive=permanent;volts=12",
      );
      this.row(label, centre, "30", raw, "Relay contact feed", "supply-in", "battery-supply", 16, "alive=permanent");
      this.row(label, centre, "86", coilFeed, "Relay coil feed", "supply-in", "battery-supply", 1, "alive=permanent");
    } else {
      this.row(
        label,
        centre,
        "30",
        coil,
        "Relay contact feed",
        "supply-in",
        "battery-supply",
        16,
        "amps=45;alive=permanent",
      );
      this.row(
        label,
        centre,
        "86",
        coilFeed,
        "Relay coil feed",
        "supply-in",
        "battery-supply",
        1,
        "amps=0.2;alive=permanent",
      );
    }
    this.row(
      label,
      centre,
      "85",
      control,
      "Relay coil control",
      "load-in",
      "main-relay",
      0.75,
      "ohms=85;otherEnd=battery;inductive=yes",
    );
    this.computerCavity(
      this.vehicle.devices[0]?.home ?? "",
      control,
      "Main relay control",
      "low-side-out",
      "main-relay",
      0.75,
      "maxAmps=1;clamp=own",
    );
    this.row(label, centre, "87", bus, "Relay output", "supply-out", "relay-supply", 16, "maxAmps=60;alive=relay");
    this.row(
      box,
      centre,
      "in",
      bus,
      "Feed from the relay",
      "supply-in",
      "relay-supply",
      16,
      `amps=60;alive=${side === "donor" ? "relay" : "run"}`,
    );
  }

  private groundCircuit(zone: string, size = 6): string {
    const circuit = `${this.next()}G`;
    this.row(
      `Ground stud ${zone} ${circuit}`,
      zone,
      1,
      circuit,
      "Ground stud",
      "ground",
      "ground",
      size,
      "role=chassis",
    );
    return circuit;
  }

  private fit(name: string, device: Device): void {
    const { zone, home } = device;
    const heavy = Math.max(0, ...device.pins.map((pin) => ownFeedOf(pin)?.size ?? 0));
    device.pins.forEach((pin, at) => {
      const [role, kind = "", quantity = "", ...rest] = pin.split(" ");
      const [words = "", ...params] = rest.join(" ").split(";");
      const written = params.join(";");
      const told = `${words}, ${name}`;
      const put = (circuit: string, size: number) =>
        this.row(name, zone, at + 1, circuit, told, kind, quantity, size, written);
      switch (role) {
        case "feed": {
          const alive = /alive=([a-z-]+)/.exec(written)?.[1] ?? "run";
          // What takes more has a fuse and a size of its own.
          const own = ownFeedOf(pin);
          const lay = (fuse: number, size: number) => {
            const circuit = this.feedCircuit(zone, written, fuse, size);
            this.through(zone, circuit, size);
            return circuit;
          };
          return own === undefined
            ? put(
                this.share(`feed ${alive}`, zone, PER_FEED, () => lay(10, 2.5), ampsOf(pin)),
                1,
              )
            : put(lay(own.fuse, own.size), own.size);
        }
        case "ground":
          if (heavy > 0) return put(this.groundCircuit(zone, heavy), heavy);
          return put(
            this.share("ground", zone, PER_GROUND, () => this.groundCircuit(zone)),
            1,
          );
        case "high":
        case "low": {
          // The looms meet at a splice pack; within a loom, the nodes are on one splice.
          const pack = `Splice pack ${quantity.replaceAll("-", " ")} ${role}`;
          const joined = this.share(`bus ${role} ${quantity}`, zone, 1000, () => {
            const circuit = this.next();
            this.row(pack, this.vehicle.centre, this.cavity(pack), circuit, words, kind, quantity, 0.35, written);
            this.through(zone, circuit, 0.35);
            return circuit;
          });
          this.share(`bus at ${home} ${role} ${quantity}`, home, 1000, () => {
            const circuit = this.next();
            this.row(pack, this.vehicle.centre, this.cavity(pack), circuit, words, kind, quantity, 0.35, written);
            this.computerCavity(home, circuit, words, kind, quantity, 0.35, written);
            return circuit;
          });
          return put(joined, 0.35);
        }
        default: {
          const circuit = this.next();
          put(circuit, 0.5);
          this.through(zone, circuit, 0.5);
          const [theirs, more] = OTHER_END[kind] ?? [kind, ""];
          this.computerCavity(home, circuit, told, theirs, quantity, 0.5, more);
        }
      }
    });
  }

  /** A computer's own feeds and grounds. */
  private power(home: string): void {
    const { centre, side } = this.vehicle;
    const permanent = side === "donor" ? this.next() : this.feedCircuit(home, "alive=permanent", 10, 2.5);
    this.computerCavity(
      home,
      permanent,
      `Permanent live, ${home}`,
      "supply-in",
      "battery-supply",
      2.5,
      "amps=5;alive=permanent;minVolts=6",
    );
    const switched = this.feedCircuit(home, side === "donor" ? "alive=relay" : "alive=run", 15, 4);
    this.computerCavity(
      home,
      switched,
      `Switched feed, ${home}`,
      "supply-in",
      side === "donor" ? "relay-supply" : "ignition-supply",
      4,
      `amps=10;alive=${side === "donor" ? "relay" : "run"};minVolts=6`,
    );
    for (const at of [1, 2])
      this.computerCavity(
        home,
        this.share(`power ground ${home} ${at}`, centre, 9, () => this.groundCircuit(centre)),
        `Power earth ${at}, ${home}`,
        "ground",
        "ground",
        2.5,
        "role=power",
      );
  }
}

/** Fuse and wire for what takes more than a shared feed has: up to so many amperes for good, at 0.75 of the fuse. */
const OWN_FEEDS = [
  { most: 11.25, fuse: 15, size: 4 },
  { most: 15, fuse: 20, size: 6 },
  { most: 22.5, fuse: 30, size: 10 },
  { most: 45, fuse: 60, size: 16 },
] as const;

const ampsOf = (pin: string): number => Number(/amps=([\d.]+)/.exec(pin)?.[1] ?? 3);
const ownFeedOf = (pin: string) =>
  pin.startsWith("feed ") ? OWN_FEEDS.find(({ most }) => ampsOf(pin) > FEED_AMPS && ampsOf(pin) <= most) : undefined;

/** What the computer has at the other end of a device's wire. */
const OTHER_END: Readonly<Record<string, readonly [string, string]>> = {
  "load-in": ["high-side-out", "maxAmps=8"],
  "switch-out": ["logic-in", "active=low;pull=up"],
  "resistive-out": ["analogue-in", "range=0..5"],
  "analogue-out": ["analogue-in", "range=0.5..4.5"],
  "hall-out": ["hall-in", ""],
  "pwm-in": ["pwm-out", "hz=200"],
  "pwm-out": ["pwm-in", ""],
  "logic-in": ["low-side-out", "maxAmps=0.2;clamp=own"],
  "low-side-out": ["logic-in", "active=low;pull=up"],
  "injector-in": ["injector-out", ""],
  "motor-in": ["motor-out", ""],
  "lambda-out": ["lambda-in", ""],
  "knock-out": ["knock-in", ""],
  "reference-in": ["reference-out", "volts=5"],
  ground: ["ground", "role=sensor-return"],
  serial: ["serial", ""],
};

/** Rows of one table at most; a larger one comes in parts. */
const TABLE_ROWS = 19_000;

/** As many of each device: a vehicle that no workshop has, for what must stay quick when jobs grow. */
const manifold = (vehicle: Vehicle, times: number): Vehicle => ({
  ...vehicle,
  devices: vehicle.devices.map((device) => ({
    ...device,
    copies:
      typeof device.copies === "number"
        ? device.copies * times
        : Array.from({ length: times }, () => device.copies as readonly string[]).flatMap((names, at) =>
            names.map((name) => (at === 0 ? name : `${name} ${at + 1}`)),
          ),
  })),
});

/**
 * The large sample: an expedition truck and a diesel engine, some 3,600 cavities.
 *
 * @param times how many times as many devices; 10 makes 36,000 cavities
 */
export function ridgewayDocument(times = 1): JobDocument {
  let document = emptyDocument({
    name: "Ridgeway",
    host: "2013 Brannock Ridgeway expedition truck, CAN",
    donor: "2016 Orvane Mastiff 3.0 V6 diesel, eight-speed automatic",
    approach: "merged",
    units: "metric",
    wishes:
      "Everything in the cabin stays as it is. Cruise, both fuel tanks and the axle locks must work. No warning lamp left on.",
  });
  const branches: BranchRow[] = [];
  for (const one of VEHICLES) {
    const vehicle = times === 1 ? one : manifold(one, times);
    const loom = new Loom(vehicle, SEED);
    loom.run();
    const [head, ...rows] = loom.rows;
    for (let from = 0; from < rows.length; from += TABLE_ROWS) {
      const table = [head, ...rows.slice(from, from + TABLE_ROWS)].join("\n");
      document = withTable(document, vehicle.side, new TextEncoder().encode(`${table}\n`), `Ridgeway, ${vehicle.side}`);
    }
    const zones = [...new Set(loom.branchOf.values())];
    branches.push(
      ...zones.map(
        (zone, position): BranchRow => ({
          id: `${vehicle.side}-${zone.toLowerCase().replaceAll(" ", "-")}`,
          side: vehicle.side,
          label: `${zone} harness`,
          origin: vehicle.origins[zone] ?? (vehicle.side === "host" ? "2013 Brannock Ridgeway" : ""),
          diagram: `${vehicle.side === "host" ? "Brannock Ridgeway" : "Orvane Mastiff"} wiring, ${zone}`,
          note: "",
          position,
        }),
      ),
    );
    const idOf = new Map(
      document.connectors.filter((row) => row.side === vehicle.side).map((row) => [row.label, row.id]),
    );
    document = {
      ...document,
      connectors: document.connectors.map((row): ConnectorRow => {
        if (row.side !== vehicle.side) return row;
        const zone = loom.branchOf.get(row.label) ?? vehicle.centre;
        const mate = loom.mates.get(row.label);
        return {
          ...row,
          branchId: `${vehicle.side}-${zone.toLowerCase().replaceAll(" ", "-")}`,
          mateId: mate === undefined ? null : (idOf.get(mate) ?? null),
          place: `${zone.toLowerCase()}, ${row.label.toLowerCase()}`,
          gender: mate === undefined ? null : document.connectors.indexOf(row) % 2 === 0 ? "male" : "female",
        };
      }),
    };
  }
  let made = 0;
  const makeId = () => {
    made += 1;
    return `cable-${made}`;
  };
  document = withWire(
    // Connectors were laid to their branches by hand, which parts circuits.
    inStep({ ...document, branches }),
    "Battery-+",
    "Starter-30",
    { colour: "RD", sizeMm2: 70, lengthM: 1.6 },
    makeId,
  );
  return withWire(document, "Body earth-1", "Engine earth-1", { colour: "BK", sizeMm2: 50, lengthM: 0.7 }, makeId);
}
