import type { Side } from "@/core/forms";
import { type Device, namesOf } from "./ridgeway-devices";
import { DONOR_DEVICES } from "./ridgeway-donor";
import { HOST_DEVICES } from "./ridgeway-host";

/** One of the two vehicles, by what is fitted to it. */
export interface Vehicle {
  readonly side: Side;
  /** The zone in which its computers and fuse boxes are. */
  readonly centre: string;
  /** Looms that a circuit passes between the centre and a zone. */
  readonly between: Readonly<Record<string, readonly string[]>>;
  readonly devices: readonly Device[];
  readonly prefix: string;
  readonly origins: Readonly<Record<string, string>>;
}

export const VEHICLES: readonly Vehicle[] = [
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

/**
 * So many of each device, those of each time with computers of their own: a vehicle that no workshop has, for what must
 * stay quick when jobs grow.
 */
export const manifold = (vehicle: Vehicle, times: number): Vehicle => ({
  ...vehicle,
  devices: Array.from({ length: times }, (_, time) => vehicle.devices.map((device) => another(device, time))).flat(),
});

const another = ({ copies, home, ...device }: Device, time: number): Device => ({
  ...device,
  home: time === 0 ? home : `${home} ${String.fromCharCode(65 + time)}`,
  copies: namesOf(copies, time),
});
