import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, test } from "vitest";
import { COLOUR_CODES } from "@/core/intake";
import { ChoiceCell, TextCell } from "./cell";
import { Button } from "./controls";
import { Grade } from "./grade";
import { Lane, StateMark } from "./marks";
import { NumberWithOrigin } from "./origin";
import { Plate } from "./plate";
import { Segments } from "./segments";
import { Caution, Empty, Trouble } from "./states";
import { Wire } from "./wire";

describe("what a technician reads", () => {
  test("a wire's code always stands beside its swatch; tracer and base are both drawn", () => {
    for (const base of COLOUR_CODES)
      expect(renderToStaticMarkup(<Wire colour={base} base={base} tracer={null} />)).toContain(`>${base}<`);
    const html = renderToStaticMarkup(<Wire colour="yellow/black" base="YE" tracer="BK" />);
    expect(html).toContain(">YE/BK<");
    expect(html).toContain("#f0cf1b");
    expect(html).toContain("#1b1b1b");
    expect(html).toContain("written: yellow/black");
  });
  test("a colour that cannot be read is shown as written, and hatched", () => {
    const html = renderToStaticMarkup(<Wire colour="plaid" base={null} tracer={null} />);
    expect(html).toContain(">plaid<");
    expect(html).toContain("stroke-dasharray");
  });
  test("a plate says its side to those who do not see its shape, and never as markup", () => {
    expect(renderToStaticMarkup(<Plate side="donor" label="C1-23" />)).toMatch(/donor cavity .*C1-23/);
    expect(renderToStaticMarkup(<Plate side="host" label="<b>1" />)).toContain("&lt;b&gt;1");
  });
  test("marks and lanes differ by shape, not by hue alone", () => {
    const marks = (["open", "proposed", "decided", "proven", "blocked", "refused"] as const).map((mark) =>
      renderToStaticMarkup(<StateMark mark={mark} />),
    );
    expect(new Set(marks).size).toBe(6);
    const lanes = (["direct", "adapter", "calibration", "gateway", "impossible", "open"] as const).map((kind) =>
      renderToStaticMarkup(<Lane kind={kind} />),
    );
    expect(new Set(lanes).size).toBe(6);
  });
  test("five grades of evidence differ in their drawing, with the word beside it", () => {
    const grades = (["claimed", "guessed", "read", "measured", "proven"] as const).map((grade) => {
      const html = renderToStaticMarkup(<Grade grade={grade} />);
      expect(html.endsWith(`${grade}</span>`)).toBe(true);
      return html.replaceAll(grade, "");
    });
    expect(new Set(grades).size).toBe(5);
  });
  test("a battery's post is no cavity of either side", () => {
    const html = renderToStaticMarkup(<Plate side="battery" label="Battery negative" />);
    expect(html).not.toMatch(/cavity|host|donor/);
    expect(html).toContain('title="Battery negative"');
  });
  test("trouble is told at once, with the way out; an empty place says what belongs there", () => {
    expect(renderToStaticMarkup(<Trouble title="Not kept">Try again.</Trouble>)).toMatch(
      /^<div role="alert".*Not kept.*Try again\./,
    );
    expect(renderToStaticMarkup(<Empty title="No wire yet">Import a table.</Empty>)).toMatch(
      /<h2[^>]*>No wire yet<\/h2>.*Import/,
    );
  });
  test("a number that rests on something assumed is dotted under, and says that it opens", () => {
    const number = (assumed: boolean) =>
      renderToStaticMarkup(
        <NumberWithOrigin label="Expected" assumed={assumed} origin={<p>By its wires.</p>}>
          35 mΩ
        </NumberWithOrigin>,
      );
    expect(number(true)).toContain("border-dotted");
    expect(number(false)).not.toContain("border-dotted");
    expect(number(false)).toMatch(/<button[^>]*title="Where it comes from".*35 mΩ.*Expected: where it comes from/);
  });
  test("a caution is a note with its word", () =>
    expect(renderToStaticMarkup(<Caution>Hands off.</Caution>)).toMatch(/role="note".*Caution\..*Hands off\./));
});

describe("tables show text, and filters are one control", () => {
  test("a cell is its value as text until somebody edits it, and says what it would edit", () => {
    const html = renderToStaticMarkup(
      <TextCell label="Colour of C1-4" value="RD/YE" show={<span>RD/YE</span>} onSave={() => null} />,
    );
    expect(html).not.toMatch(/<input|<select/);
    expect(html).toContain('aria-label="Colour of C1-4: RD/YE; edit"');
  });
  test("an empty one names what stands there meanwhile", () =>
    expect(
      renderToStaticMarkup(<TextCell label="Note" value="" usual="left inner wing" show="" onSave={() => null} />),
    ).toContain("Note: left inner wing; edit"));
  test("a choice is text as well; what is guessed is dotted under, and nothing else is", () => {
    const cell = (guessed: boolean) =>
      renderToStaticMarkup(
        <ChoiceCell
          label="Kind of C1-4"
          value="feed needed"
          show="feed needed"
          guessed={guessed}
          choices={[{ key: "supply-in", words: "feed needed" }]}
          onChoose={() => undefined}
        />,
      );
    expect(cell(true)).toContain("border-dotted");
    expect(cell(false)).not.toContain("border-dotted");
    expect(cell(true)).not.toMatch(/<select|supply-in/);
  });
  test("one segment is on, each with its count; without segments there is no control", () => {
    const html = renderToStaticMarkup(
      <Segments
        label="Show"
        value="open"
        onChange={() => undefined}
        segments={[
          { key: "all", label: "All" },
          { key: "open", label: "Not known", count: 3 },
        ]}
      />,
    );
    expect(html.match(/aria-pressed="true"/g)).toHaveLength(1);
    expect(html).toMatch(/aria-pressed="true"[^>]*>Not known<span[^>]*>3</);
    expect(renderToStaticMarkup(<Segments label="Table" value={null} onChange={() => undefined} segments={[]} />)).toBe(
      "",
    );
  });
  test("one action is filled, the others are words", () => {
    expect(renderToStaticMarkup(<Button primary>Accept</Button>)).toContain("filled");
    expect(renderToStaticMarkup(<Button>Refuse</Button>)).toMatch(/^(?!.*filled).*underline/);
  });
});
