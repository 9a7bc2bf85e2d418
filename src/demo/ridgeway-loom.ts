import { type Device, namesOf } from "./ridgeway-devices";
import { LoomFeeds } from "./ridgeway-feeds";
import { type Cavity, FEED_AMPS } from "./ridgeway-rows";

/** Devices on one fuse, and on one ground. */
const PER_FEED = 5;
const PER_GROUND = 7;

/** Lays one vehicle's wiring: its battery, each device with its feeds and grounds, computers, and the engine's cables. */
export class Loom extends LoomFeeds {
  run(): void {
    this.battery();
    for (const device of this.vehicle.devices) {
      for (const name of namesOf(device.copies)) this.fit(name === "" ? device.name : `${device.name} ${name}`, device);
    }
    for (const home of new Set(this.vehicle.devices.map((device) => device.home))) this.power(home);
    this.wakeUp();
    this.starting();
    this.engineCables();
  }

  private groundCircuit(zone: string, size = 6): string {
    const circuit = `${this.next()}G`;
    const ground: Cavity = ["1", circuit, "Ground stud", "ground ground", size, "role=chassis"];
    this.fill(`${zone} stud ${circuit}`, zone, [ground]);
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
          // What the fuse of a feed protects is no thinner than that allows.
          const size = params.includes("to=battery") ? 1 : 0.5;
          put(circuit, size);
          this.through(zone, circuit, size);
          const [theirs, more] = otherEnd(kind, quantity, params);
          this.computerCavity(home, circuit, told, theirs, quantity, size, more);
        }
      }
    });
  }

  /** What a computer brings to its loads while the engine runs or starts, A. */
  private drivenAmps(home: string): number {
    return this.vehicle.devices
      .filter((device) => device.home === home)
      .flatMap(({ pins, copies }) =>
        pins.filter((pin) => DRIVEN.test(pin)).map((pin) => ampsOf(pin) * namesOf(copies).length),
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
