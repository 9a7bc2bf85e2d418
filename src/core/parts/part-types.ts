/** Types of parts as they are called. */
export const PART_TYPES = [
  "computer", "assembly", "battery", "alternator", "starter", "key-switch", "fuse-box", "relay", "flasher", "lamp", "motor", "solenoid", "horn", "heater", "sensor", "sender", "gauge", "switch", "ground-stud", "splice-pack", "in-line", "plug",
] as const;
