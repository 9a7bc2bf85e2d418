import { CONTACT_PART } from "../../signals";
import type { RelayRow } from "../tables/relays";
import { atElement, type Item, type PowerSolution } from "../types";
import type { Finding } from "./types";

export function relayFindings(solution: PowerSolution, rows: readonly RelayRow[]): Finding[] {
  const strained = rows.filter((row) => row.contactAmps > CONTACT_PART * row.contactRating);
  return [
    ...chattering(solution),
    ...rows.flatMap((row) => weakCoil(solution, row)),
    ...strained.map((row) => strainedContact(solution, row)),
  ];
}

/** Relays that never settle, all together: one pulls the next. */
function chattering({ model, states }: PowerSolution): Finding[] {
  const all = [...states].flatMap(([state, { findings }]) =>
    findings.flatMap((finding) => {
      const planned = finding.code === "buzzing" ? model.elementOf.get(finding.element) : undefined;
      // What stands for a computer being awake is no relay that one could hear.
      return planned === undefined ||
        (planned.origin.type === "part" && ["awake", "start-input"].includes(planned.origin.role))
        ? []
        : [{ state, node: finding.nodes[0] ?? null, planned }];
    }),
  );
  const [first] = all;
  if (first === undefined) return [];
  const others = new Map<string, Item>(
    all
      .filter(({ planned }) => planned !== first.planned)
      .map(({ planned }) => [planned.element.id, atElement(planned)]),
  );
  return [
    {
      code: "relay-buzz",
      key: "buzz",
      severity: "fault",
      state: first.state,
      amount: { value: 0, limit: null, unit: "V" },
      node: first.node,
      pinId: null,
      at: atElement(first.planned),
      also: [...others.values()],
      cures: [{ code: "coil-before-contact", edit: null }],
    },
  ];
}

/** A relay whose coil has enough when cold and too little when warm: it is let go in the state that it is needed in. */
function weakCoil({ model }: PowerSolution, row: RelayRow): Finding[] {
  const { key, weakest, warmPullInVolts, pullInVolts } = row;
  if (weakest === null || weakest.volts >= warmPullInVolts) return [];
  const element = model.elementOf.get(key)?.element;
  return [
    {
      code: "relay-coil",
      key: `coil ${key}`,
      severity: "fault",
      volts: weakest.volts,
      pullInVolts,
      warmPullInVolts,
      state: weakest.state,
      amount: { value: weakest.volts, limit: warmPullInVolts, unit: "V" },
      node: element?.type === "relay" ? element.coilA : null,
      pinId: null,
      at: atElement(row),
      also: [],
      cures: [{ code: "better-coil-feed", edit: null }],
    },
  ];
}

function strainedContact({ model }: PowerSolution, row: RelayRow): Finding {
  const element = model.elementOf.get(row.key)?.element;
  const { contactAmps: amps, contactRating: ratedAmps, isRatingAssumed: isAssumed } = row;
  return {
    code: "relay-contact",
    key: `contact ${row.key}`,
    severity: amps > ratedAmps && !isAssumed ? "fault" : "note",
    amps,
    ratedAmps,
    isAssumed,
    state: "running",
    amount: { value: amps, limit: ratedAmps, unit: "A" },
    node: element?.type === "relay" ? (element.contacts[0]?.b ?? null) : null,
    pinId: null,
    at: atElement(row),
    also: [],
    cures: [{ code: "stronger-contact", edit: null }],
  };
}
