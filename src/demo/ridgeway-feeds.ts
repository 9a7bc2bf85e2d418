import { type Cavity, LoomRows } from "./ridgeway-rows";

const BOXES = {
  host: { permanent: "Main fuse box", switched: "Ignition fuse box" },
  donor: { permanent: "Battery fuse box", switched: "Engine fuse box" },
} as const;

/** How a vehicle is fed and started: battery, fuse boxes with the relay of their ignition feeds, starter relay, cables. */
export class LoomFeeds extends LoomRows {
  /** The starter relay's way to ground, through a contact that is closed in P and N. */
  protected readonly interlock = this.next();

  protected battery(): void {
    if (this.vehicle.side === "donor") return;
    this.fill("Battery", "Front", [
      ["+", "R1", "Battery positive", "supply-out battery-supply", 50, "maxAmps=400;alive=permanent;volts=12"],
      ["-", "R2G", "Battery negative", "ground ground", 50, "role=power"],
    ]);
    this.fill("Body earth", "Front", [["1", "R2G", "Battery earth to the frame", "ground ground", 50, "role=power"]]);
    // A fuse at the battery, for the cable goes through the bulkhead to the dash.
    const near = 0.4;
    this.fill("Front fuse box", "Front", [
      ["in", "R1", "Main feed", "supply-in battery-supply", 50, "amps=200;alive=permanent", near],
      ["1", "R3", "Main feed", "supply-out battery-supply", 50, "maxAmps=150;alive=permanent;volts=12", near],
    ]);
    // A cable of its own leads there, past all plugs.
    this.fill("Main fuse box", "Dash", [
      ["in", "R4", "Main feed from battery", "supply-in battery-supply", 50, "amps=150;alive=permanent"],
    ]);
  }

  /** What wakes the first computer of each vehicle: it works the relay that brings the other ignition feeds. */
  protected wakeUp(): void {
    const { centre, side } = this.vehicle;
    const wake = this.next();
    if (side === "host")
      this.fill("Ignition switch", centre, [
        [
          "30",
          this.permanentWay("ignition switch", 10, 2.5),
          "Battery feed",
          "supply-in battery-supply",
          2.5,
          PERMANENT,
        ],
        ["15", wake, "Ignition", "supply-out ignition-supply", 2.5, "maxAmps=10;alive=run-crank;volts=12"],
      ]);
    const woken = "amps=0.1;alive=run-crank;minVolts=6";
    this.computerCavity(this.first, wake, `Ignition, wakes ${this.first}`, "supply-in", "ignition-supply", 1, woken);
  }

  /**
   * The start button asks the body's computer, and this the engine's, which works the starter relay; its coil's way to
   * ground is through the range switch.
   */
  protected starting(): void {
    const { centre, side } = this.vehicle;
    const asked = this.next();
    if (side === "host") {
      this.computerCavity(this.first, asked, "Start request", "high-side-out", "starter-request", 0.5, "maxAmps=0.5");
      return;
    }
    const reads = "active=high;pull=down;maxVolts=18";
    this.computerCavity(this.first, asked, "Start request", "logic-in", "starter-request", 0.5, reads);
    const [coil, solenoid] = [this.next(), this.next()];
    const fed = this.permanentWay("starter relay", 30, 6);
    this.fill("Starter relay", centre, [
      ["30", fed, "Battery feed", "supply-in battery-supply", 6, PERMANENT],
      ["86", coil, "Coil control", "load-in starter-relay", 0.75, "ohms=85;otherEnd=ground;inductive=yes"],
      ["85", this.interlock, "Coil, to ground in P and N", "load-in park-neutral", 0.75, "otherEnd=battery"],
      ["87", solenoid, "To the solenoid", "supply-out starter-request", 4, "maxAmps=30;alive=crank;volts=12"],
    ]);
    this.computerCavity(this.first, coil, "Starter relay", "high-side-out", "starter-relay", 0.75, "maxAmps=1");
    this.through("Engine", solenoid, 4);
    this.fill("Starter", "Engine", [
      ["50", solenoid, "Starter solenoid", "load-in starter-request", 4, "amps=10;otherEnd=ground"],
    ]);
  }

  /** The starter's cable, with the alternator's output on it, and the engine's strap. */
  protected engineCables(): void {
    if (this.vehicle.side === "host") return;
    this.fill("Starter", "Engine", [
      ["30", "M1", "Battery cable to starter", "supply-in start-supply", 50, "amps=220;alive=permanent"],
    ]);
    const output = "maxAmps=180;alive=permanent;volts=14.4";
    this.fill("Alternator", "Engine", [["B+", "M1", "Output to battery", "supply-out battery-supply", 50, output]]);
    this.fill("Engine earth", "Engine", [["1", "M2G", "Engine block earth strap", "ground ground", 50, "role=power"]]);
  }

  /** @param amps of its fuse */
  protected feedCircuit(words: string, params: string, amps: number, size: number): string {
    const alive = (/alive=([a-z-]+)/.exec(params)?.[1] ?? "permanent") === "permanent" ? "permanent" : this.switched;
    const box = BOXES[this.vehicle.side][alive === "permanent" ? "permanent" : "switched"];
    if (!this.cavities.has(box)) {
      if (alive !== "permanent") this.relayFor(box);
      else if (this.vehicle.side === "donor") this.donorFeed(box);
    }
    const quantity = alive === "permanent" ? "battery-supply" : alive === "relay" ? "relay-supply" : "ignition-supply";
    const circuit = this.next();
    this.fill(box, this.vehicle.centre, [
      [
        `${this.cavity(box)}`,
        circuit,
        `Fused feed, ${words}`,
        `supply-out ${quantity}`,
        size,
        `maxAmps=${amps};alive=${alive};volts=12`,
      ],
    ]);
    return circuit;
  }

  protected permanentWay(words: string, amps: number, size: number): string {
    return this.feedCircuit(words, PERMANENT, amps, size);
  }

  /** When a vehicle's switched feeds are live. */
  protected get switched(): "relay" | "run" {
    return this.vehicle.side === "donor" ? "relay" : "run";
  }

  /** The computer that wakes first. */
  private get first(): string {
    return this.vehicle.devices[0]?.home ?? "";
  }

  /** The cable that fed the donor's fuse box from its own battery is cut: the swap brings another. */
  private donorFeed(box: string): void {
    const feed: Cavity = [
      "in",
      this.next(),
      "Feed from the battery",
      "supply-in battery-supply",
      70,
      "amps=100;alive=permanent",
    ];
    this.fill(box, this.vehicle.centre, [feed]);
  }

  /** The ignition feeds come through a relay; its coil is worked by the first computer. */
  private relayFor(box: string): void {
    const { centre, side } = this.vehicle;
    const raw = this.permanentWay("ignition relay", 80, 25);
    const coilFeed = this.permanentWay("relay coil", 5, 1);
    const [bus, control] = [this.next(), this.next()];
    // An engine's main relay, or the body's own for its ignition feeds.
    const [works, words, feeds] =
      side === "donor"
        ? (["main-relay", "Main relay control", "relay-supply"] as const)
        : (["relay-supply", "Ignition relay control", "ignition-supply"] as const);
    this.fill(`${box} relay`, centre, [
      ["30", raw, "Relay contact feed", "supply-in battery-supply", 25, PERMANENT],
      ["86", coilFeed, "Relay coil feed", "supply-in battery-supply", 1, PERMANENT],
      ["85", control, "Relay coil control", `load-in ${works}`, 0.75, "ohms=85;otherEnd=battery;inductive=yes"],
      ["87", bus, "Relay output", "supply-out relay-supply", 25, "maxAmps=80;alive=relay"],
    ]);
    this.computerCavity(this.first, control, words, "low-side-out", works, 0.75, "maxAmps=1;clamp=own");
    this.fill(box, centre, [
      ["in", bus, "Feed from the relay", `supply-in ${feeds}`, 25, `amps=60;alive=${this.switched}`],
    ]);
  }
}

const PERMANENT = "alive=permanent";
