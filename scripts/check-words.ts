import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { parseSync, Visitor } from "oxc-parser";

/**
 * Looks through every text that a person may read (strings of more than one word, templates, markup, the README) for
 * words that the trade does not use, for identifiers that stand where words should, and through comments for the
 * stranger of those words. Each has the word to say instead (docs/glossary.md).
 */
const INSTEAD: readonly (readonly [RegExp, string])[] = [
  [/\b(lives|live[sd]? for good)\b/i, "live"],
  [/\bmust live\b/i, "must be live"],
  [/\bfed back\b/i, "back-fed"],
  [/\b(lies|lie|lay) (too far )?off\b/i, "ground offset"],
  [/\bbears?\b/i, "is rated for"],
  [/\bfor good\b/i, "continuous"],
  [/\b(at|when) switching on\b/i, "inrush"],
  [/\bsaves? its wire\b|\bwire burns\b(?! before)/i, "protects its wire"],
  [/\bmelts?\b/i, "blows"],
  [/\bharmed\b/i, "damaged"],
  [/\bcopper alone\b/i, "wire only"],
  [/\bjust (turned )?off\b/i, "key off, engine coasting"],
  [/\bplugs? (is |are )?joined\b/i, "connected"],
  [/\bleans? on\b/i, "depends on"],
  [/\bcures? it\b|\bnothing new comes\b/i, "clears this finding, adds none"],
  [/\brainy night\b/i, "all lamps and wipers on (night, rain)"],
  [/\bdebts?\b/i, "temporary fix"],
  [/\blook-?alikes?\b/i, "confusable connectors"],
  [/\bto choose\b/i, "needs a decision"],
  [/\btak(e|en|ing)\b.{0,30}\bout\b/i, "remove"],
  [/\btold as\b|\bnobody (has )?(said|told|entered)\b/i, "not known yet, set by you"],
  [/\b(waits?|waiting) for your yes\b/i, "waiting for your approval"],
  [/\bopen end\b/i, "other end not known yet"],
  [/\bhangs?\b/i, "is connected to"],
  [/\blooms?\b/i, "harness"],
  [/\bBattery-[-+]/i, "Battery negative, Battery positive"],
  [/\bways out\b/i, "what you can do, cures"],
  [
    /\b(supply|low-side|high-side|switch|logic|load|frequency|analogue|resistive|pwm|reference|reluctor|hall|knock|lambda|injector|coil|motor)-(in|out)\b/,
    "the kind in words",
  ],
  [
    /\b(pulsesPerRev|pulsesPerKm|pulsesPerShaftRev|minVolts|maxAmps|onOhms|pullOhms|feedVolts|otherEnd)\b/,
    "the value in words",
  ],
];

/** What comments say as plainly as screens; the rest of the list would ban words that are plain there. */
const IN_COMMENTS: readonly (readonly [RegExp, string])[] = [
  [/\b(hangs?|hung|hanging)\b/i, "is connected to"],
  [/\blooms?\b/i, "harness"],
  [/\bleans? on\b/i, "depends on"],
  [/\bmelts?\b/i, "blows"],
  [/\bharmed\b/i, "damaged"],
  [/\bcopper alone\b/i, "wire only"],
];

const root = path.join(import.meta.dirname, "..");
const faults: string[] = [];

function check(text: string, where: string, list = INSTEAD): void {
  for (const [pattern, say] of list) {
    const found = pattern.exec(text);
    if (found !== null) faults.push(`${where}: “${text.trim().slice(0, 80)}” says “${found[0]}”; say: ${say}`);
  }
}

/** Texts that are code to a machine: what is looked for in a table, not what is shown. */
const NOT_SHOWN = /src\/(core\/intake\/|demo\/|cli\/|formats\/.*headers)|\.test\.tsx?$/;

for (const name of readdirSync(path.join(root, "src"), { recursive: true, encoding: "utf8" })) {
  const file = path.join("src", name);
  if (!/\.tsx?$/.test(name) || NOT_SHOWN.test(file)) continue;
  const source = readFileSync(path.join(root, file), "utf8");
  const place = (start: number) => `${file}:${source.slice(0, start).split("\n").length}`;
  const classes = new Set<number>();
  const parsed = parseSync(file, source);
  new Visitor({
    JSXAttribute: ({ name: attribute, value }) => {
      if (attribute.type === "JSXIdentifier" && attribute.name === "className" && value) classes.add(value.start);
    },
    JSXText: ({ value, start }) => check(value.replace(/\s+/g, " "), place(start)),
    Literal: ({ value, start }) => {
      if (typeof value === "string" && /\s/.test(value) && !classes.has(start)) check(value, place(start));
    },
    TemplateLiteral: ({ quasis, start }) => check(quasis.map((one) => one.value.cooked).join("…"), place(start)),
  }).visit(parsed.program);
  for (const { value, start } of parsed.comments) check(value.replace(/\s+/g, " "), place(start), IN_COMMENTS);
}
for (const file of ["README.md"])
  readFileSync(path.join(root, file), "utf8")
    .split("\n")
    .forEach((line, at) => check(line, `${file}:${at + 1}`));

if (faults.length > 0) {
  console.error(faults.join("\n"));
  process.exit(1);
}
console.log("Every text speaks in the trade's words.");
