/** A usual relay with its coil at 86 and 85 and one contact, as it stands in a part's elements. */
export const RELAY = {
  id: "K",
  type: "relay",
  coilA: "86",
  coilB: "85",
  coilOhms: 85,
  pullInVolts: 7,
  dropOutVolts: 3,
  contacts: [{ a: "30", b: "87", when: "energised", ohms: 0.01 }],
} as const;
