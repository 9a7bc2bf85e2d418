import type { Harness, HarnessPart } from "../../harness";
import { USUAL_COIL_OHMS } from "../../parts";
import type { PowerSolution } from "../types";
import { computerGrounds, isSensorGround } from "./computer-grounds";
import { groundTable } from "./grounds";

/** A relay of the tables with its coil's cavities. */
export interface StandingRelay {
  readonly key: string;
  readonly part: string;
  /** Cavities of the coil's ends; null where the part has none for it. */
  readonly coilA: string | null;
  readonly coilB: string | null;
  /** Ω as somebody stated it; null where it is the usual one, which is taken where nobody has. */
  readonly coilOhms: number | null;
}

/** What is to be proved of the tables themselves, whatever is linked. */
export interface StandingPoints {
  readonly groundIds: readonly string[];
  readonly relays: readonly StandingRelay[];
}

/** A stud through which less than this returns in every state shifts nothing that a meter would show, A. */
const TELLING_AMPS = 5;

/**
 * Grounds of computers and the studs that carry current, and every relay: what a first-power sheet reads beside the
 * links. Nothing of a part that has an airbag's cavity is among them.
 */
export function standingPoints(solution: PowerSolution): StandingPoints {
  const { harness } = solution.model.facts;
  const carrying = new Set(
    groundTable(solution)
      .filter(({ amps }) => Object.values(amps).some((one) => Math.abs(one) >= TELLING_AMPS))
      .map(({ key }) => key),
  );
  const open = harness.parts.filter((part) => !hasAirbag(harness, part));
  const openIds = new Set(open.flatMap((part) => part.terminals.map(({ pinId }) => pinId)));
  return {
    groundIds: [
      ...computerGrounds(harness).flatMap(({ pin }) => (isSensorGround(pin) || !openIds.has(pin.id) ? [] : [pin.id])),
      ...open.filter((part) => carrying.has(part.id)).flatMap((part) => firstCavity(part) ?? []),
    ],
    relays: open.flatMap(relaysOf),
  };
}

const hasAirbag = ({ pinById }: Harness, { terminals }: HarnessPart): boolean =>
  terminals.some(({ pinId }) => pinId !== null && pinById.get(pinId)?.quantity === "airbag");

const firstCavity = ({ terminals }: HarnessPart): string | null =>
  terminals.find(({ pinId }) => pinId !== null)?.pinId ?? null;

function relaysOf(part: HarnessPart): StandingRelay[] {
  const cavityOf = (terminal: string) => part.terminals.find(({ name }) => name === terminal)?.pinId ?? null;
  return part.elements.flatMap((element): StandingRelay[] =>
    element.type === "relay"
      ? [
          {
            // It names a reading's step, which the data keeps in 200 characters.
            key: `${part.id}:${element.id.slice(0, 120)}`,
            part: part.label,
            coilA: cavityOf(element.coilA),
            coilB: cavityOf(element.coilB),
            coilOhms: element.coilOhms === USUAL_COIL_OHMS ? null : element.coilOhms,
          },
        ]
      : [],
  );
}
