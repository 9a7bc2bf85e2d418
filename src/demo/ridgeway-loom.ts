import type { Device } from "./ridgeway-devices";
import { FEED_AMPS, LoomRows } from "./ridgeway-rows";

/** Devices on one fuse, and on one ground. */
const PER_FEED = 5;
const PER_GROUND = 7;

/** Lays one vehicle's wiring: its battery, each device with its feeds and grounds, computers, and the engine's cables. */
export class Loom extends LoomRows {
  /** The starter relay's way to ground, through a contact that is closed in P and N. */
  private readonly interlock = this.next();

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
    this.wakeUp();
    this.starting();
    this.engineCables();
  }

  /** What wakes the first computer of each vehicle: it works the relay that brings the other ignition feeds. */
  private wakeUp(): void {
    const { centre, side } = this.vehicle;
    const first = this.vehicle.devices[0]?.home ?? "";
    const wake = this.next();
    if (side === "host") {
      const fed = this.permanentWay("ignition switch", 15, 2.5);
      this.row(
        "Ignition switch",
        centre,
        "30",
        fed,
        "Battery feed",
        "supply-in",
        "battery-supply",
        2.5,
        "alive=permanent",
      );
      this.row(
        "Ignition switch",
        centre,
        "15",
        wake,
        "Ignition",
        "supply-out",
        "ignition-supply",
        2.5,
        "maxAmps=10;alive=run-crank;volts=12",
      );
    }
    this.computerCavity(
      first,
      wake,
      `Ignition, wakes ${first}`,
      "supply-in",
      "ignition-supply",
      1,
      "amps=0.1;alive=run-crank;minVolts=6",
    );
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
      ["1", "R3", "supply-out", "maxAmps=150;alive=permanent;volts=12"],
    ] as const;
    for (const [cavity, circuit, kind, params] of fused)
      this.row("Front fuse box", "Front", cavity, circuit, "Main feed", kind, "battery-supply", 50, params, 0.4);
    // A cable of its own leads there, past all plugs.
    this.row(
      "Main fuse box",
      "Dash",
      "in",
      "R4",
      "Main feed from battery",
      "supply-in",
      "battery-supply",
      50,
      "amps=150;alive=permanent",
    );
  }

  /**
   * The start button asks the body's computer, and this the engine's, which works the starter relay; its coil's way to
   * ground is through the range switch.
   */
  private starting(): void {
    const { centre, side } = this.vehicle;
    const asked = this.next();
    if (side === "host") {
      this.computerCavity(
        "Body computer",
        asked,
        "Start request to the engine",
        "high-side-out",
        "starter-request",
        0.5,
        "maxAmps=0.5",
      );
      return;
    }
    const relay = (
      cavity: string,
      circuit: string,
      words: string,
      kind: string,
      quantity: string,
      size: number,
      params = "",
    ) => this.row("Starter relay", centre, cavity, circuit, words, kind, quantity, size, params);
    const read = "active=high;pull=down;maxVolts=18";
    this.computerCavity("Engine computer", asked, "Start request", "logic-in", "starter-request", 0.5, read);
    const [coil, solenoid] = [this.next(), this.next()];
    relay(
      "30",
      this.permanentWay("starter relay", 30, 6),
      "Battery feed",
      "supply-in",
      "battery-supply",
      6,
      "alive=permanent",
    );
    relay(
      "86",
      coil,
      "Coil, from the engine computer",
      "load-in",
      "starter-relay",
      0.75,
      "ohms=85;otherEnd=ground;inductive=yes",
    );
    this.computerCavity("Engine computer", coil, "Starter relay", "high-side-out", "starter-relay", 0.75, "maxAmps=1");
    relay("85", this.interlock, "Coil, to ground in P and N", "load-in", "park-neutral", 0.75, "otherEnd=battery");
    relay(
      "87",
      solenoid,
      "To the starter solenoid",
      "supply-out",
      "starter-request",
      4,
      "maxAmps=30;alive=crank;volts=12",
    );
    this.through("Engine", solenoid, 4);
    this.row(
      "Starter",
      "Engine",
      "50",
      solenoid,
      "Starter solenoid",
      "load-in",
      "starter-request",
      4,
      "amps=10;otherEnd=ground",
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
      50,
      "maxAmps=180;alive=permanent;volts=14.4",
    );
    this.row("Engine earth", "Engine", 1, "M2G", "Engine block earth strap", "ground", "ground", 50, "role=power");
  }

  /** @param amps of its fuse */
  private feedCircuit(words: string, params: string, amps: number, size: number): string {
    const alive = (/alive=([a-z-]+)/.exec(params)?.[1] ?? "permanent") === "permanent" ? "permanent" : this.switched;
    const box = BOXES[this.vehicle.side][alive === "permanent" ? "permanent" : "switched"];
    if (!this.cavities.has(box)) {
      if (alive !== "permanent") this.relayFor(box);
      else if (this.vehicle.side === "donor") this.donorFeed(box);
    }
    const quantity = alive === "permanent" ? "battery-supply" : alive === "relay" ? "relay-supply" : "ignition-supply";
    return this.way(box, `Fused feed, ${words}`, quantity, size, `maxAmps=${amps};alive=${alive};volts=12`);
  }

  /** When a vehicle's switched feeds are live. */
  private get switched(): "relay" | "run" {
    return this.vehicle.side === "donor" ? "relay" : "run";
  }

  /** A fuse of a box, and the circuit behind it. */
  private way(box: string, words: string, quantity: string, size: number, params: string): string {
    const circuit = this.next();
    this.row(box, this.vehicle.centre, this.cavity(box), circuit, words, "supply-out", quantity, size, params);
    return circuit;
  }

  private permanentWay(words: string, amps: number, size: number): string {
    return this.feedCircuit(words, "alive=permanent", amps, size);
  }

  /** The cable that fed the donor's fuse box from its own battery is cut: the swap brings another. */
  private donorFeed(box: string): void {
    this.row(
      box,
      this.vehicle.centre,
      "in",
      this.next(),
      "Feed from the battery",
      "supply-in",
      "battery-supply",
      35,
      "amps=100;alive=permanent",
    );
  }

  /** The ignition feeds come through a relay; its coil is worked by the first computer. */
  private relayFor(box: string): void {
    const { centre, side } = this.vehicle;
    const label = `${box} relay`;
    const raw = this.permanentWay("ignition relay", 80, 25);
    const coilFeed = this.permanentWay("relay coil", 5, 1);
    const [bus, control] = [this.next(), this.next()];
    // An engine's main relay, or the body's own for its ignition feeds.
    const works = side === "donor" ? "main-relay" : "relay-supply";
    this.row(label, centre, "30", raw, "Relay contact feed", "supply-in", "battery-supply", 25, "alive=permanent");
    this.row(label, centre, "86", coilFeed, "Relay coil feed", "supply-in", "battery-supply", 1, "alive=permanent");
    this.row(
      label,
      centre,
      "85",
      control,
      "Relay coil control",
      "load-in",
      works,
      0.75,
      "ohms=85;otherEnd=battery;inductive=yes",
    );
    this.computerCavity(
      this.vehicle.devices[0]?.home ?? "",
      control,
      side === "donor" ? "Main relay control" : "Ignition relay control",
      "low-side-out",
      works,
      0.75,
      "maxAmps=1;clamp=own",
    );
    this.row(label, centre, "87", bus, "Relay output", "supply-out", "relay-supply", 25, "maxAmps=80;alive=relay");
    this.row(
      box,
      centre,
      "in",
      bus,
      "Feed from the relay",
      "supply-in",
      side === "donor" ? "relay-supply" : "ignition-supply",
      25,
      `amps=60;alive=${this.switched}`,
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
                ampsOf(pin) < 3 ? 1 : 2.5,
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
        case "interlock":
          put(this.interlock, 0.75);
          return this.through(zone, this.interlock, 0.75);
        default: {
          const circuit = this.next();
          put(circuit, 0.5);
          this.through(zone, circuit, 0.5);
          const [theirs, more] = otherEnd(kind, quantity, params);
          this.computerCavity(home, circuit, told, theirs, quantity, 0.5, more);
        }
      }
    });
  }

  /** What a computer brings to its loads while the engine runs or starts, A. */
  private drivenAmps(home: string): number {
    return this.vehicle.devices
      .filter((device) => device.home === home)
      .flatMap(({ pins, copies }) =>
        pins
          .filter((pin) => DRIVEN.test(pin))
          .map((pin) => ampsOf(pin) * (typeof copies === "number" ? copies : copies.length)),
      )
      .reduce((sum, amps) => sum + amps, 0);
  }

  /** A computer's own feeds and grounds. */
  private power(home: string): void {
    const { centre, side } = this.vehicle;
    // A computer of the engine has its permanent live from the vehicle that it is in.
    const permanent = side === "donor" ? this.next() : this.permanentWay(home, 10, 2.5);
    this.computerCavity(
      home,
      permanent,
      `Permanent live, ${home}`,
      "supply-in",
      "battery-supply",
      2.5,
      "amps=1;alive=permanent;minVolts=6",
    );
    const { fuse, size } = ownFeedFor(this.drivenAmps(home) + LOGIC_AMPS) ?? { fuse: 15, size: 4 };
    const switched = this.feedCircuit(home, `alive=${this.switched}`, fuse, size);
    this.computerCavity(
      home,
      switched,
      `Switched feed, ${home}`,
      "supply-in",
      side === "donor" ? "relay-supply" : "ignition-supply",
      size,
      `amps=${LOGIC_AMPS};alive=${this.switched};minVolts=6`,
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

/** Fuse and wire for what takes more than a shared feed has, up to so many amperes at 12 V: with 14.4 V, 0.75 of the fuse. */
const OWN_FEEDS = [
  { most: 9, fuse: 15, size: 4 },
  { most: 12, fuse: 20, size: 6 },
  { most: 18, fuse: 30, size: 10 },
  { most: 36, fuse: 60, size: 16 },
] as const;

/** What a computer feeds without being asked by the driver. */
const DRIVEN = /^signal load-in (glow-plug|fuel-pump|ac-clutch) .*otherEnd=ground/;
/** What a computer takes itself from its switched feed, A; what it works comes on top. */
const LOGIC_AMPS = 2;
const BOXES = {
  host: { permanent: "Main fuse box", switched: "Ignition fuse box" },
  donor: { permanent: "Battery fuse box", switched: "Engine fuse box" },
} as const;

const ampsOf = (pin: string): number => Number(/amps=([\d.]+)/.exec(pin)?.[1] ?? 3);
const ownFeedFor = (amps: number) => OWN_FEEDS.find(({ most }) => amps > FEED_AMPS && amps <= most);
const ownFeedOf = (pin: string) => (pin.startsWith("feed ") ? ownFeedFor(ampsOf(pin)) : undefined);

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
/** A contact to the battery is read where it brings current, one to ground where it takes it. */
const READS_BATTERY = ["logic-in", "active=high;pull=down;maxVolts=18"] as const;
/** What a relay feeds, its computer works from the ground side; what turns both ways has both its ends there. */
const WORKS_GROUND = ["low-side-out", "maxAmps=3;clamp=own"] as const;
/** An alternator's lamp terminal rises to the battery's volts as it charges. */
const READS_LAMP = ["logic-in", "active=low;pull=up;maxVolts=18"] as const;
const otherEnd = (kind: string, quantity: string, params: readonly string[]): readonly [string, string] => {
  if (quantity === "charge-warning") return READS_LAMP;
  if (kind === "switch-out" && params.includes("to=battery")) return READS_BATTERY;
  if (kind === "load-in" && params.includes("otherEnd=battery")) return WORKS_GROUND;
  return OTHER_END[kind] ?? [kind, ""];
};
