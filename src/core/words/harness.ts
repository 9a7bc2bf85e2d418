import type { ColourLikeness, VariantDifference } from "../compare";
import { functionName } from "../functions";
import type { HarnessProblem } from "../harness";
import type { Point } from "../points";
import type { BenchTask, Guard, InventoryName, Stop, TriageChoice, TriageReason, WireEnd } from "../slice";
import type { Units } from "../units";
import { sizeWords } from "./measures";
import { count, listed } from "./numbers";
import { partFaultText } from "./parts";
import { cavityLabel, pointText, wireText } from "./points";

/** A problem as it is shown: where, what, and the way out. */
export interface ProblemWords {
  readonly where: string;
  readonly message: string;
  readonly cure: string;
}

export function harnessProblemWords(problem: HarnessProblem, units: Units): ProblemWords {
  switch (problem.code) {
    case "loop":
      return problem.by === "itself"
        ? {
            where: problem.connector,
            message: "The connector is said to plug into itself.",
            cure: "Choose the other half, or none.",
          }
        : {
            where: wireText(problem),
            message: `${problem.by === "mate" ? "Plugged together" : "With this wire"}, the wiring of ${problem.circuit === null ? "one circuit" : `circuit ${problem.circuit}`} forms a closed loop.`,
            cure: "Put the halves of an in-line connector into branches of their own, or remove the wire that is entered twice.",
          };
    case "mate-twice":
      return {
        where: `${problem.connector} and ${problem.other}`,
        message: `${problem.other} is said to plug into another connector as well.`,
        cure: "A half has one mate: correct one of the two.",
      };
    case "unequal-mate":
      return {
        where: `${problem.connector} and ${problem.other}`,
        message: `${problem.cavities} cavities meet ${problem.otherCavities}${unopposedText(problem)}.`,
        cure: "Check whether they are two halves of one connector; if so, add the cavities that a pin table left out.",
      };
    case "conflict":
      return problem.of === "mate"
        ? {
            where: `${problem.connector} and ${problem.other}`,
            message: `The two sides differ in size at ${problem.sizes
              .slice(0, 6)
              .map((one) => `${one.cavity} (${sizeWords(one.hereMm2, units)} meets ${sizeWords(one.thereMm2, units)})`)
              .join(", ")}.`,
            cure: "Measure both; the thinner one sets the fuse.",
          }
        : {
            where: wireText(problem),
            message: `Circuit ${problem.circuit ?? "without a number"}: the ${problem.differs.what} is ${endsText(problem, units)}.`,
            cure: "Look at both ends. Where both are right there is a joint between them: note it.",
          };
    case "same-cavity":
      return {
        where: pointText(problem.at),
        message: "An added wire has both of its ends in this one cavity.",
        cure: "Move one end to the right cavity, or remove the wire.",
      };
    case "other-end-differs":
      return {
        where: pointText(problem.at),
        message: `Its row says that its wire goes to ${pointText(problem.names)}, and the row of that cavity says ${listed(problem.says.map(pointText))}. Both wires are drawn.`,
        cure: "Unplug both ends and look for continuity, then correct the row that is wrong. Where two wires share the cavity, write both ends in its row.",
      };
    case "end-claimed-twice":
      return {
        where: pointText(problem.at),
        message: `The rows of ${listed(problem.by.map(pointText))} all send their wires to it.`,
        cure: "Look how many wires are in the cavity, then correct the row that is wrong or write all ends in the row of the cavity.",
      };
    case "ends-at-itself":
      return {
        where: pointText(problem.at),
        message: "Its row says that its wire ends in the same cavity. No wire is drawn.",
        cure: "Correct where the wire goes.",
      };
    case "ends-not-found":
      return {
        where: problem.connector,
        message: `${problem.ends.length === 1 ? "A wire goes" : `${problem.ends.length} wires go`} to a place that no table has: ${firstOf(
          problem.ends.map(({ cavity, written }) => `${cavity} “${written}”`),
        )}.`,
        cure: "Import the table that has the other ends, or correct in the cavity where its wire goes. Until then the wire ends nowhere, and what it feeds is not judged.",
      };
    case "halves-not-told":
      return {
        where: `${problem.connector} and ${problem.other}`,
        message: "They are called as two halves of one connector, with the same cavities.",
        cure: "If they plug into each other, say so on one of them: each cavity then carries on into the other half. If they are two plugs, rename one.",
      };
    case "missing-terminal":
      return { where: problem.part, message: partFaultText(problem.fault), cure: "Open the part and correct it." };
    case "repeated-terminal":
      return {
        where: problem.part,
        message: `Two of its terminals are called “${problem.terminal}”.`,
        cure: "Give each terminal a name of its own.",
      };
    case "dangling":
      return {
        where: problem.part,
        message: `Its terminal ${problem.terminal} was on a cavity that is no longer there.`,
        cure: "Choose the cavity that it is on now, or none.",
      };
    case "no-feed":
      return {
        where: problem.part,
        message: `No cavity shown feeds ${problem.ways.length === 1 ? "way" : "ways"} ${problem.ways.join(", ")}; until one does, ${problem.ways.length === 1 ? "it is" : "they are"} assumed live.`,
        cure: "Find the cavity that feeds them and enter it as a feed needed that is live at the same time, or write the box's elements.",
      };
  }
}

const firstOf = (things: readonly string[]) =>
  things.length <= 5 ? listed(things) : `${things.slice(0, 4).join(", ")} and ${things.length - 4} more`;

function endsText({ differs }: Extract<HarnessProblem, { of: "wire" }>, units: Units): string {
  const [one, two] =
    differs.what === "colour"
      ? [differs.one, differs.two]
      : [sizeWords(differs.oneMm2, units), sizeWords(differs.twoMm2, units)];
  return `${one} at one end and ${two} at the other`;
}

const functions = (keys: readonly string[]) => listed(keys.map(functionName));

/** Why a wire is proposed to be kept, moved, capped or removed. */
export function triageText(reason: TriageReason): string {
  switch (reason.code) {
    case "guarded":
      return guardText(reason.guard);
    case "moves":
      return `Needed by ${functions(reason.by)}, and its connector moves to another place (${reason.place}): measure whether it reaches, and lengthen it if not.`;
    case "shared":
    case "needed":
      return `${reason.code === "shared" ? "Shared" : "Needed"} by ${functions(reason.by)}${reason.secondWay ? "; there is a second way" : ""}${reason.endUnknown ? "; other end not known yet" : ""}.`;
    case "only-dropped":
      return `Only ${functions(reason.by)} ${reason.by.length === 1 ? "needs" : "need"} it, and ${reason.by.length === 1 ? "it is" : "they are"} not kept.`;
    case "no-path":
      return "No function has a path through it.";
    case "dead":
      return "Dead: no current can flow, nothing uses it at its other end.";
    case "end-unknown":
      return "Other end not known yet: cap it off and leave it in the harness until someone knows what it feeds.";
    case "use-unknown":
      return "Not known yet what it does: cap it off and leave it in the harness until it is known.";
  }
}

const GUARD_NAMES: Readonly<Record<Guard, string>> = {
  airbag: "airbag circuit",
  "sensor-ground": "sensor ground",
  screen: "screen of a signal",
  "main-relay": "main relay control",
  "charging-cable": "charging cable",
  "brake-input": "brake input",
  interlock: "interlock",
  "ground-strap": "ground strap",
  "end-unknown": "other end not known",
};
export const guardName = (guard: Guard): string => GUARD_NAMES[guard];

/** Why a removal is refused, and what may be done instead. */
export function guardedCutsText(
  cuts: readonly { readonly guard: Guard; readonly fault: "never" | "with-others" | "no-reason" }[],
): { readonly message: string; readonly hint: string } {
  const names = listed([...new Set(cuts.map(({ guard }) => guardName(guard)))]);
  const message = `Not removed: ${names}.`;
  if (cuts.some(({ fault }) => fault === "never"))
    return { message, hint: "An airbag circuit is left to those licensed for it." };
  return { message, hint: "Each goes only by itself, with a reason that stays in the job." };
}

/** Why a wire is never offered for removal, and what to do before it is decided on all the same. */
export function guardText(guard: Guard): string {
  switch (guard) {
    case "airbag":
      return "Airbag circuit: left to those licensed for it, and never cut or probed here.";
    case "sensor-ground":
      return "Sensor ground: every sensor on it reads wrong without it. Decided on by itself alone.";
    case "screen":
      return "Screen of a signal: without it the signal picks up noise. Decided on by itself alone.";
    case "main-relay":
      return "Main relay control: without it the computer and all that it feeds are dead. Decided on by itself alone.";
    case "charging-cable":
      return "Charging cable: an alternator that loses it while it turns destroys itself and what it feeds. Decided on by itself alone.";
    case "brake-input":
      return "Brake input: brake lamps and computers rest on it. Decided on by itself alone.";
    case "interlock":
      return "Interlock: it keeps the engine from being cranked in gear. Decided on by itself alone.";
    case "ground-strap":
      return "Ground strap between block, body and battery: without it the starter's current finds thinner ways. Decided on by itself alone.";
    case "end-unknown":
      return "Its other end is not known: find it before it is cut.";
  }
}

export const CHOICE_WORDS: Readonly<Record<TriageChoice, string>> = {
  keep: "keep",
  remove: "remove",
  lengthen: "lengthen",
  move: "move",
  park: "cap off",
};

/** What a function is left without: `Horn-1 has no feed`. */
export function stopText({ purpose, at, from, to }: Stop): string {
  switch (purpose) {
    case "feed":
      return `${pointText(at)} has no feed`;
    case "return":
      return `${pointText(at)} has no ground`;
    case "signal":
      return `${pointText(from)} no longer reaches ${pointText(to)}`;
  }
}

/** One thing to do at the bench. */
export function taskText({ choice, from, to }: BenchTask): string {
  const [at, end] = [pointText(from), to.type === "open-end" ? "its other end" : pointText(to)];
  switch (choice) {
    case "remove":
      return `Remove the wire from ${at} to ${end}`;
    case "park":
      return `Cap off the wire at ${at} and tape it back into the harness`;
    case "lengthen":
      return `Lengthen the wire at ${at} towards ${end}`;
    case "move":
      return `Move the wire at ${at} to its new cavity`;
    case "keep":
      return `Keep the wire at ${at}`;
  }
}

/** Where a wire leads. */
export const wireEndText = ({ by, to }: WireEnd): string =>
  to.type !== "open-end" ? pointText(to) : by === "join" ? "a link of the plan" : "other end not known yet";

/** What is connected to a loose end. */
export const connectedText = (points: readonly Point[]): string =>
  listed(points.map((point) => (point.type === "open-end" ? "an end not known yet" : pointText(point))));

export function inventoryName(what: InventoryName): string {
  return what.type === "fuse" ? `${what.part}, fuse ${what.fuse}, ${what.ratedAmps} A` : what.label;
}

const LIKENESS: Readonly<Record<Exclude<ColourLikeness, "none">, string>> = {
  turned: "base and tracer are swapped: easily confused",
  "tracer-there-only": "the same base, a tracer there only: look at the whole length",
  "tracer-here-only": "the same base, a tracer here only: look at the whole length",
  "other-tracer": "the same base, another tracer: look at the whole length",
};

/** How a place differs between two tables; empty where it does not. */
export function differenceText(difference: VariantDifference, units: Units): string {
  switch (difference.type) {
    case "same":
      return "";
    case "colour":
      return difference.likeness === "none"
        ? `${difference.here ?? "no colour"} here, ${difference.there ?? "no colour"} there`
        : LIKENESS[difference.likeness];
    case "size": {
      const size = (mm2: number | null) => (mm2 === null ? "no size" : sizeWords(mm2, units));
      return `${size(difference.hereMm2)} here, ${size(difference.thereMm2)} there: the thinner one sets the fuse`;
    }
    case "use":
      return difference.sameColour
        ? "the same colour with another use: the colour alone would mislead"
        : "another use in the other table";
    case "moved": {
      const to = cavityLabel(difference.to);
      return difference.leaves === "swapped"
        ? `swapped with ${to}: both plugs fit, and each would get the other's wire`
        : `${to} in the other table; this cavity ${difference.leaves === "empty" ? "is empty there" : "has another use there"}`;
    }
    case "only-here":
      return "the other table has nothing at this cavity";
    case "only-there":
      return difference.from === null
        ? "no such cavity in this job's table"
        : `it is ${cavityLabel(difference.from)} in this job's table`;
  }
}

/** `3 cavities` */
export const cavities = (many: number): string => count(many, "cavity", "cavities");

/** What has nothing opposite, as far as there is room to name it. */
const unopposedText = ({
  connector,
  unopposed,
}: {
  readonly connector: string;
  readonly unopposed: readonly string[];
}) =>
  unopposed.length === 0
    ? ""
    : `; ${unopposed.slice(0, 6).join(", ")} of ${connector} ${unopposed.length === 1 ? "has" : "have"} no opposite`;
