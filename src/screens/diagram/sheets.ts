import type { Paper } from "../shell/paper";
import type { Drawn } from "./layout";

/** Papers with their short and long edge, mm (ISO 216; ANSI A). */
export const PAPER_MM: Readonly<Record<Paper, readonly [short: number, long: number]>> = {
  A4: [210, 297],
  A3: [297, 420],
  Letter: [215.9, 279.4],
};

/** Of the page's edge, and of what stands above the drawing, mm. */
const MARGIN_MM = 12;
const HEAD_MM = 14;
/** What is 13 px high on the screen is 2.4 mm on paper then: smaller is not read in a vehicle. */
const LEAST_SCALE = 0.7;
const PX_PER_MM = 96 / 25.4;

/** Where a wire leaves a sheet: the same letter stands on the sheet where it goes on. */
export interface Mark {
  readonly letter: string;
  readonly x: number;
  readonly y: number;
  /** The number of the sheet on which it goes on. */
  readonly to: number;
  /** 0 at the edge; further in where it would lie on another. */
  readonly row: number;
}

/** A part of the drawing on a paper of its own; its place and size in the drawing's units. */
export interface Sheet {
  readonly number: number;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly marks: readonly Mark[];
}

export interface Sheets {
  readonly isLandscape: boolean;
  /** Size on paper over size in the drawing. */
  readonly scale: number;
  readonly sheets: readonly Sheet[];
}

/**
 * A drawing on papers of a size: on one where it can still be read so small, else on as few as carry it, cut between its
 * parts where there is room to, with a mark wherever a wire goes on elsewhere.
 */
export function sheetsOf(drawn: Drawn, paper: Paper): Sheets {
  const [short, long] = PAPER_MM[paper];
  const ways = [false, true].map((isLandscape) => {
    const [across, down] = isLandscape ? [long, short] : [short, long];
    const room = {
      width: (across - 2 * MARGIN_MM) * PX_PER_MM,
      height: (down - 2 * MARGIN_MM - HEAD_MM) * PX_PER_MM,
    };
    const whole = Math.min(1, room.width / drawn.width, room.height / drawn.height);
    const scale = Math.max(whole, LEAST_SCALE);
    const columns = cutsOf(
      drawn.width,
      room.width / scale,
      drawn.boxes.map(({ x, width }) => [x - AROUND, x + width + AROUND]),
    );
    const rows = cutsOf(
      drawn.height,
      room.height / scale,
      drawn.boxes.map(({ y, height }) => [y - AROUND, y + height + AROUND]),
    );
    return { isLandscape, scale, columns, rows };
  });
  const [upright, across] = ways as [(typeof ways)[0], (typeof ways)[0]];
  const many = ({ columns, rows }: (typeof ways)[0]) => (columns.length - 1) * (rows.length - 1);
  const isBetter = many(across) < many(upright) || (many(across) === many(upright) && across.scale > upright.scale);
  const { isLandscape, scale, columns, rows } = isBetter ? across : upright;
  return { isLandscape, scale, sheets: sheetsAt(drawn, columns, rows) };
}

/** What is written at a part's cavities stays on its sheet, px. */
const AROUND = 24;

type Range = readonly [from: number, to: number];

/**
 * From 0 to the whole, at most a paper's room apart: as far on as no part is cut, or, where that is less than half a
 * paper, through the part.
 */
function cutsOf(whole: number, room: number, boxes: readonly Range[]): number[] {
  const cuts = [0];
  for (let from = 0; whole - from > room + ROUNDING; ) {
    let at = from + room;
    for (let moved = true; moved; ) {
      moved = false;
      for (const [low, high] of boxes)
        if (low < at && at < high) {
          at = low;
          moved = true;
        }
    }
    if (at < from + room / 2) at = from + room;
    cuts.push(at);
    from = at;
  }
  return [...cuts, whole];
}
const ROUNDING = 1e-6;

function sheetsAt({ lines }: Drawn, columns: readonly number[], rows: readonly number[]): Sheet[] {
  const across = columns.length - 1;
  const numberAt = (x: number, y: number) => 1 + placeOf(rows, y) * across + placeOf(columns, x);
  const marks = new Map<number, Omit<Mark, "row">[]>();
  let count = 0;
  for (const { points } of lines)
    for (const [at, from] of points.slice(0, -1).entries())
      for (const [x, y, isDown] of crossings(from, points[at + 1] as Point, columns, rows)) {
        const [one, other] = isDown
          ? [numberAt(x, y - STEP), numberAt(x, y + STEP)]
          : [numberAt(x - STEP, y), numberAt(x + STEP, y)];
        const letter = letterOf(count++);
        for (const [sheet, to] of [
          [one, other],
          [other, one],
        ] as const)
          marks.set(sheet, [...(marks.get(sheet) ?? []), { letter, x, y, to }]);
      }
  return rows.slice(0, -1).flatMap((y, row) =>
    columns.slice(0, -1).map((x, column) => {
      const number = 1 + row * across + column;
      return {
        number,
        x,
        y,
        width: (columns[column + 1] as number) - x,
        height: (rows[row + 1] as number) - y,
        marks: inRows(marks.get(number) ?? []),
      };
    }),
  );
}

/** Room that a mark takes, px. */
const MARK = { width: 58, height: 22 } as const;

/** Marks beside each other: one that would lie on another goes a row further in. */
function inRows(marks: readonly Omit<Mark, "row">[]): Mark[] {
  const placed: Mark[] = [];
  for (const mark of marks.toSorted((a, b) => a.x - b.x || a.y - b.y)) {
    const isTaken = (row: number) =>
      placed.some(
        (one) => one.row === row && Math.abs(one.x - mark.x) < MARK.width && Math.abs(one.y - mark.y) < MARK.height,
      );
    let row = 0;
    while (isTaken(row)) row += 1;
    placed.push({ ...mark, row });
  }
  return placed.toSorted((a, b) => a.letter.length - b.letter.length || a.letter.localeCompare(b.letter));
}

/** To either side of a cut. */
const STEP = 0.5;
type Point = readonly [x: number, y: number];

const placeOf = (cuts: readonly number[], value: number) =>
  Math.max(0, Math.min(cuts.length - 2, cuts.filter((cut) => cut <= value).length - 1));

/** Where a stretch of a wire, upright or level, crosses the cuts between sheets. */
function crossings(
  [x1, y1]: Point,
  [x2, y2]: Point,
  columns: readonly number[],
  rows: readonly number[],
): (readonly [x: number, y: number, isDown: boolean])[] {
  const between = (cut: number, a: number, b: number) => Math.min(a, b) < cut && cut < Math.max(a, b);
  return [
    ...columns.slice(1, -1).flatMap((cut) => (between(cut, x1, x2) ? [[cut, y1, false] as const] : [])),
    ...rows.slice(1, -1).flatMap((cut) => (between(cut, y1, y2) ? [[x1, cut, true] as const] : [])),
  ];
}

/** `A` … `Z`, `AA` … */
const letterOf = (count: number): string =>
  (count < 26 ? "" : letterOf(Math.floor(count / 26) - 1)) + String.fromCharCode(65 + (count % 26));
