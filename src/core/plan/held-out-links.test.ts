import { expect, test } from "vitest";
import { HELD_OUT_JOBS, type HeldOutJob } from "../../../tests/support/held-out-links";
import { pinsFrom } from "../../../tests/support/pins";
import { deriveLines, type Line } from "./lines";

const labelOf = ({ connector, cavity }: Line["provider"]) => `${connector}-${cavity}`;

/** What is proposed for a pair, in the words of the cases; null where it is no line. */
function madeOf(line: Line | undefined): readonly string[] {
  if (line === undefined) return ["nothing"];
  if (line.state === "open") return ["?", ...line.adapters.map(({ type }) => type)];
  if (line.state === "blocked") return ["blocked"];
  return line.adapters.length === 0 ? ["wire"] : line.adapters.map(({ type }) => type);
}

function judged({ name, pins, links, never }: HeldOutJob) {
  const { lines } = deriveLines(pinsFrom(pins), []);
  const expected = links
    .trim()
    .split("\n")
    .map((one) => /^\s*(\S+) > (\S+): (\S+)$/.exec(one)?.slice(1) as [string, string, string]);
  const wrong = expected.flatMap(([from, to, ways]) => {
    const made = madeOf(lines.find((one) => labelOf(one.provider) === from && labelOf(one.consumer) === to));
    return ways.split("|").some((way) => made.includes(way))
      ? []
      : [`${name}: ${from} > ${to}: ${ways}, not ${made.join(" ")}`];
  });
  const proposed = lines.filter(({ state }) => state === "proposed");
  const unsafe = never.flatMap((rule) => {
    const [pair = "", way] = rule.split(": ");
    const [from = "", to = ""] = pair.split(">").map((one) => one.trim());
    return proposed
      .filter(
        (one) =>
          labelOf(one.provider).startsWith(from) &&
          labelOf(one.consumer).startsWith(to) &&
          (way === undefined || madeOf(one).includes(way)),
      )
      .map((one) => `${name}: ${labelOf(one.provider)} > ${labelOf(one.consumer)}: ${madeOf(one).join(" ")} (${rule})`);
  });
  return { count: expected.length, wrong, unsafe };
}

test("links that were mapped by hand before anything was matched: 95 of 100 are proposed so, and none is unsafe", () => {
  const all = HELD_OUT_JOBS.map(judged);
  const wrong = all.flatMap((one) => one.wrong);
  const count = all.reduce((sum, one) => sum + one.count, 0);
  expect(all.flatMap((one) => one.unsafe)).toEqual([]);
  expect(wrong.length / count, wrong.join("\n")).toBeLessThanOrEqual(0.05);
});
