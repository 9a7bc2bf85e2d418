import { expect, test } from "vitest";
import { functionLines } from "@/core/plan";
import { derive } from "@/screens/shell/derive";
import { linnetDocument } from "./linnet";

test("the roadster's pump, fan and warning lamp get the programmable computer's free outputs; its gauges what fits them", () => {
  const document = linnetDocument();
  const { plan } = derive(document);
  const pins = [
    ...plan.lines.flatMap(({ provider, consumer }) => [provider, consumer]),
    ...plan.unmatched.map(({ pin }) => pin),
  ];
  const functions = functionLines(plan, [...new Map(pins.map((pin) => [pin.id, pin])).values()], () => true);
  const outputs = functions.flatMap(({ gaps }) =>
    gaps.flatMap(({ pin, output }) => (output === null ? [] : [`${pin.connector}: ${output.provider.cavity}`])),
  );
  expect(outputs.map((one) => one.split(":")[0]).toSorted()).toEqual([
    "Fuel pump relay",
    "Radiator fan relay",
    "Warning lamps",
  ]);
  expect(new Set(outputs.map((one) => one.split(": ")[1])).size).toBe(3);
  const line = (consumer: string) =>
    plan.lines.find((one) => `${one.consumer.connector}-${one.consumer.cavity}` === consumer);
  expect(line("Rev counter-1")).toMatchObject({ verdict: "direct", provider: { cavity: "12" } });
  expect(line("Temperature gauge-1")?.adapters.map(({ type }) => type)).toEqual(["second-sender"]);
});
