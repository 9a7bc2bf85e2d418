import type { Device } from "./ridgeway-devices";
import { FEED_AMPS, LoomRows } from "./ridgeway-rows";

/** Devices on one fuse, and on one ground. */
const PER_FEED = 5;
const PER_GROUND = 7;

/** Lays one vehicle's wiring: its battery, each device with its feeds and grounds, computers, and the engine's cables. */
export class Loom extends LoomRows {
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
          const [theirs, more] = otherEnd(kind, params);
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

/** Fuse and wire for what takes more than a shared feed has: up to so many amperes of continuous load, 0.75 of the fuse. */
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
/** A contact to the battery is read where it brings current, one to ground where it takes it. */
const READS_BATTERY = ["logic-in", "active=high;pull=down;maxVolts=18"] as const;
const otherEnd = (kind: string, params: readonly string[]): readonly [string, string] =>
  kind === "switch-out" && params.includes("to=battery") ? READS_BATTERY : (OTHER_END[kind] ?? [kind, ""]);
