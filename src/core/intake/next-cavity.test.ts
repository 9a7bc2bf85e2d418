import { expect, test } from "vitest";
import { nextCavity } from "./next-cavity";

test.each([
  ["1", "2"],
  ["9", "10"],
  ["09", "10"],
  ["099", "100"],
  ["A7", "A8"],
  ["B19", "B20"],
  ["A", "B"],
  ["h", "j"],
  ["1A", "1B"],
  ["Z", ""],
  ["+", ""],
  ["", ""],
  ["87a", "87b"],
])("%s is followed by %s", (label, next) => expect(nextCavity(label)).toBe(next));
test("I is left out, but where the connector has one", () => expect(nextCavity("H", true)).toBe("I"));
