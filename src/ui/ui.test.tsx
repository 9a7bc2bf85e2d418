import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, test } from "vitest";
import { COLOUR_CODES } from "@/core/intake";
import { Lane, StateMark } from "./marks";
import { Plate } from "./plate";
import { Caution } from "./states";
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
  test("a caution is a note with its word", () =>
    expect(renderToStaticMarkup(<Caution>Hands off.</Caution>)).toMatch(/role="note".*Caution\..*Hands off\./));
});
