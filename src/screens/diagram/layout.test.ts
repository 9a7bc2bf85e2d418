import ELK from "elkjs/lib/elk.bundled.js";
import { beforeAll, describe, expect, test } from "vitest";
import { buildHarness } from "@/core/harness";
import { circuitOf, sliceByChoice } from "@/core/slice";
import { heronDocument } from "@/demo/heron";
import { ridgewayDocument } from "@/demo/ridgeway";
import { harnessFacts } from "@/job/harness-facts";
import type { JobDocument } from "@/job/schema";
import { circuitGraph, type Drawn, type DrawnLink, drawnCircuit, MOST_PARTS } from "./layout";

const draw = async (document: JobDocument, key: string, links: readonly DrawnLink[] = []) => {
  const harness = buildHarness(harnessFacts(document));
  const also = links.flatMap(({ from, to }) => [from, to]);
  const circuit = circuitOf(harness, sliceByChoice(harness, new Map()), { type: "function", key }, also);
  const graph = circuitGraph(
    circuit,
    links,
    ({ wire }) => wire?.colour ?? "",
    ({ label }) => [label],
  );
  return { circuit, drawn: drawnCircuit(await new ELK().layout(graph), circuit, links, ({ label }) => [label]) };
};

const pinOf = (document: JobDocument, connector: string, cavity: string) => {
  const id = document.connectors.find(({ label }) => label === connector)?.id;
  return document.pins.find((pin) => pin.connectorId === id && pin.cavity === cavity)?.id ?? "";
};

/** Pairs of boxes that lie on each other. */
const overlaps = ({ boxes }: Drawn) =>
  boxes.flatMap((one, at) =>
    boxes
      .slice(at + 1)
      .filter(
        (other) =>
          one.x < other.x + other.width &&
          other.x < one.x + one.width &&
          one.y < other.y + other.height &&
          other.y < one.y + one.height,
      )
      .map((other) => `${one.id} on ${other.id}`),
  );

/** Wires with a piece that goes neither straight across nor straight down. */
const askew = ({ lines }: Drawn) =>
  lines
    .filter(({ points }) =>
      points.slice(1).some(([x, y], at) => {
        const [fromX, fromY] = points[at] as readonly [number, number];
        return Math.abs(x - fromX) > 0.5 && Math.abs(y - fromY) > 0.5;
      }),
    )
    .map(({ id }) => id);

/** Wires that pass through the middle of a part. */
const behindParts = ({ lines, boxes }: Drawn) =>
  lines
    .filter(({ points }) =>
      points.slice(1).some(([x, y], at) => {
        const [fromX, fromY] = points[at] as readonly [number, number];
        return boxes.some(
          (box) =>
            box.type === "part" &&
            Math.min(x, fromX) < box.x + box.width - 2 &&
            Math.max(x, fromX) > box.x + 2 &&
            Math.min(y, fromY) < box.y + box.height / 2 &&
            Math.max(y, fromY) > box.y + box.height / 2,
        );
      }),
    )
    .map(({ id }) => id);

describe("the drawing of a function", () => {
  const heron = heronDocument();
  const [from, to] = [pinOf(heron, "C1", "23"), pinOf(heron, "IP", "1")];
  const link: DrawnLink = { id: "tacho", from, to, chain: "pull-up 2.2 kΩ to 12 V", isDecided: false };
  let tacho: Awaited<ReturnType<typeof draw>>;
  beforeAll(async () => {
    tacho = await draw(heron, "tachometer", [link]);
  });

  test("runs from top to bottom: the battery above everything that it feeds, grounds below it; no box on another", () => {
    const { drawn } = tacho;
    const battery = drawn.boxes.find(({ part }) => part?.type === "battery");
    expect(battery?.y).toBeLessThan(60);
    for (const box of drawn.boxes) if (box.type === "ground") expect(box.y).toBeGreaterThan(battery?.y ?? Number.NaN);
    expect(overlaps(drawn)).toEqual([]);
  });
  test("has the grounds through which its current returns, and nothing that lies on a way round", async () => {
    const { circuit } = await draw(heron, "charging");
    const labels = circuit.parts.map(({ label }) => label);
    expect(labels).toEqual(expect.arrayContaining(["Battery", "Alternator", "Engine computer", "G1", "Engine earth"]));
    for (const other of ["Hazard switch", "Flasher relay"]) expect(labels).not.toContain(other);
  });
  test("a cavity to which wires come and from which others go on stands above and below in its part, by the same name", async () => {
    const { drawn } = await draw(ridgewayDocument(), "turn-signals");
    const twice = drawn.boxes.flatMap(({ ports }) =>
      ports.filter((port) => ports.filter(({ pinId }) => pinId === port.pinId).length === 2),
    );
    expect(twice.length).toBeGreaterThan(20);
    for (const port of twice) expect(port.cavity).not.toBe("");
    // A stud is one point, whatever straps lead on from it.
    const { boxes } = (await draw(ridgewayDocument(), "starting")).drawn;
    for (const { type, ports } of boxes) if (type === "ground") expect(ports.length).toBeLessThanOrEqual(1);
    for (const { ports } of drawn.boxes)
      for (const one of ports)
        expect(ports.filter(({ pinId, isTop }) => pinId === one.pinId && isTop === one.isTop)).toHaveLength(1);
  });
  test("what is written at a cavity leaves what is written at the next one to be read", async () => {
    const { drawn } = await draw(heron, "charging");
    let near = 0;
    for (const { ports } of drawn.boxes)
      for (const [at, one] of ports.entries())
        for (const other of ports.slice(at + 1)) {
          const isNear = one.isTop === other.isTop && Math.abs(one.x - other.x) < 55;
          if (isNear) expect(one.isFurther, `${one.cavity} and ${other.cavity}`).toBe(!other.isFurther);
          near += Number(isNear);
        }
    expect(near).toBeGreaterThan(3);
  });
  test("every piece of wire goes straight across or straight down, and every run is drawn", () => {
    const { circuit, drawn } = tacho;
    for (const { points } of drawn.lines)
      for (const [at, [x, y]] of points.entries()) {
        const [px, py] = points[at - 1] ?? [x, y];
        expect(Math.abs(x - px) < 0.01 || Math.abs(y - py) < 0.01).toBe(true);
      }
    const drawnIds = new Set(drawn.lines.flatMap(({ run }) => run?.id ?? []));
    expect(circuit.runs.filter(({ id, type }) => type === "wire" && !drawnIds.has(id))).toEqual([]);
  });
  test("the link goes through its adapter, from the ends of the wires that are there, and is told as not decided", () => {
    const { drawn } = tacho;
    expect(drawn.boxes.filter(({ type }) => type === "adapter").map(({ text }) => text.join(""))).toEqual([
      "pull-up 2.2 kΩ to 12 V",
    ]);
    const own = drawn.lines.filter((line) => line.link !== null);
    expect(own).toHaveLength(2);
    expect(own.every((line) => line.link?.isDecided === false)).toBe(true);
    expect(drawn.boxes.filter(({ type }) => type === "joint")).toHaveLength(2);
  });
  test("every function of the samples that is not too large is laid out, straps and in-line connectors among them: no wire runs askew, or behind a part", async () => {
    let many = 0;
    for (const document of [heron, ridgewayDocument()]) {
      const harness = buildHarness(harnessFacts(document));
      const slice = sliceByChoice(harness, new Map());
      for (const { def } of slice.needs) {
        const circuit = circuitOf(harness, slice, { type: "function", key: def.key });
        if (circuit.parts.length > MOST_PARTS) continue;
        const graph = circuitGraph(
          circuit,
          [],
          () => "",
          ({ label }) => [label],
        );
        const drawn = drawnCircuit(await new ELK().layout(graph), circuit, [], ({ label }) => [label]);
        expect(askew(drawn), def.key).toEqual([]);
        expect(behindParts(drawn), def.key).toEqual([]);
        many += 1;
      }
    }
    expect(many).toBeGreaterThan(50);
  });
  test("a function of thirty parts and more of the large sample is laid out without a box on another", async () => {
    const { drawn } = await draw(ridgewayDocument(), "turn-signals");
    const parts = drawn.boxes.filter(({ type }) => type === "part").length;
    expect(parts).toBeGreaterThanOrEqual(30);
    expect(parts).toBeLessThan(MOST_PARTS);
    expect(overlaps(drawn)).toEqual([]);
    // Names of grounds stand beside their sign, and within the drawing.
    for (const { type, text, ports } of drawn.boxes)
      if (type === "ground" && text.length > 0)
        expect((ports[0]?.x ?? 0) + 20 + 7.8 * text.join(" ").length).toBeLessThan(drawn.width);
  });
});
