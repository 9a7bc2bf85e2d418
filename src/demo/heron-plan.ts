import { fuseBox, LIBRARY, type Part } from "@/core/parts";
import type { Adapter } from "@/core/signals";
import { placePartOps } from "@/job/harness-ops";
import { writtenAdapters } from "@/job/links";
import type { JobDocument, LinkRow, PinRow } from "@/job/schema";
import { carryOut } from "@/job/table-wires";
import { pinOf, withWire } from "./sample-job";

/**
 * What someone has added and decided on the Heron so far: the donor's main relay, an ignition relay, the alternator's
 * cable. Three things are as they should not be, and the Power stage finds them: the engine computer is fed from a key
 * terminal that drops out while cranking, the charge lamp holds the ignition relay when the key is off, and a sensor's
 * return shares the starter's ground.
 */
export function withPlan(document: JobDocument): JobDocument {
  return new Plan(document).build();
}

class Plan {
  private count = 0;
  constructor(private document: JobDocument) {}

  build(): JobDocument {
    this.place(fuses([30, 20, 5]), "Main fuses", "beside the battery");
    this.place(relay(), "Main relay", "left of the glove box");
    this.place(relay(), "Ignition relay", "left of the glove box");
    this.wire("Battery-+", "Main fuses-feed", "RD", 10, 0.8);
    this.wire("Main fuses-1", "Main relay-30", "RD", 4, 1.2);
    this.wire("Main fuses-3", "Main relay-86", "RD", 0.75, 1.2);
    this.wire("Main relay-85", "C1-5", "BN/RD", 0.5, 0.4);
    this.wire("Main relay-87", "C1-3", "RD/YE", 4, 0.4);
    this.wire("Main fuses-2", "Ignition relay-30", "RD", 4, 1.2);
    this.wire("KEY-15", "Ignition relay-86", "WH", 0.75, 1.1);
    this.wire("Ignition relay-85", "G3-1", "BK", 0.75, 0.6);
    this.wire("Alternator-B+", "Starter-30", "RD", 25, 0.9);
    this.form("Ignition relay-87", {
      kind: "supply-out",
      quantity: "ignition-supply",
      params: { alive: "run-crank", maxAmps: "20", volts: "12" },
    });
    this.form("Alternator-B+", { params: { maxAmps: "110", volts: "14.4" } });
    this.link(
      "Ignition relay-87",
      "T1-2",
      "ignition-supply",
      "Fed through the ignition relay: the key's terminal is not rated for both computers",
    );
    this.link(
      "Ignition relay-87",
      "Security module-2",
      "ignition-supply",
      "Fed through the ignition relay: the key's terminal is not rated for both computers",
    );
    this.refuse(
      "C1-22",
      "Starter relay-86",
      "starter-relay",
      "The key works the starter relay; a driver that sinks would short it",
    );
    this.link(
      "KEY-IG",
      "C1-2",
      "ignition-supply",
      "The old coil's feed is beside the computer",
      "taken because the wire reaches",
    );
    for (const consumer of ["C1-6", "C1-7", "Coil 1-3", "Coil 2-3", "Coil 3-3", "Coil 4-3"])
      this.refuse("G3-1", consumer, "ground", "Grounded at the engine block by the donor's own splice");
    this.wire("C2-2", "Engine earth-1", "BK/YE", 1, 0.6);
    return this.document;
  }

  private id = () => {
    this.count += 1;
    return `plan-${this.count}`;
  };

  private pin = (label: string): PinRow => pinOf(this.document, label);

  private place(part: Part, label: string, place: string): void {
    this.document = carryOut(
      this.document,
      placePartOps(this.document, part, { side: "added", label, place }, this.id),
    );
  }

  private wire(from: string, to: string, colour: string, sizeMm2: number, lengthM: number): void {
    this.document = withWire(this.document, from, to, { colour, sizeMm2, lengthM }, this.id);
  }

  private form(label: string, to: Partial<PinRow>): void {
    const { id } = this.pin(label);
    this.document = {
      ...this.document,
      pins: this.document.pins.map((row) => (row.id === id ? { ...row, ...to } : row)),
    };
  }

  private link(
    provider: string,
    consumer: string,
    quantity: LinkRow["quantity"],
    why: string,
    note = "",
    adapters: readonly Adapter[] = [],
  ): void {
    this.add({
      providerId: this.pin(provider).id,
      consumerId: this.pin(consumer).id,
      quantity,
      decision: "accepted",
      verdict: "direct",
      adapters: writtenAdapters(adapters),
      why,
      byHand: true,
      note,
    });
  }

  private refuse(provider: string, consumer: string, quantity: LinkRow["quantity"], why: string): void {
    this.add({
      providerId: this.pin(provider).id,
      consumerId: this.pin(consumer).id,
      quantity,
      decision: "refused",
      verdict: "direct",
      adapters: [],
      why,
      byHand: true,
      note: "",
    });
  }

  private add(row: Omit<LinkRow, "id">): void {
    this.document = { ...this.document, links: [...this.document.links, { id: this.id(), ...row }] };
  }
}

/** A fuse box whose ways are rated one by one, A. */
function fuses(ratings: readonly number[]): Part {
  const box = fuseBox(ratings.length);
  return {
    ...box,
    elements: box.elements.map((element, at) =>
      element.type === "fuse"
        ? { ...element, amps: ratings[at] as number, ohms: 0.1 / (ratings[at] as number) }
        : element,
    ),
  };
}

function relay(): Part {
  const found = LIBRARY.find((part) => part.name === "Relay, 4 pins, diode across the coil");
  if (found === undefined) throw new Error("the library has no relay of four pins with a diode");
  return found;
}
