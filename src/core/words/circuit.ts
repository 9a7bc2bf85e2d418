import type { SolveFinding } from "../circuit";

/** A finding of a solved netlist, with the netlist's own names. */
export function solveFindingText(finding: SolveFinding): string {
  switch (finding.code) {
    case "over-rating":
      return `“${finding.element}” carries ${finding.amps.toPrecision(3)} A and is rated for ${finding.ratedAmps} A.`;
    case "undefined-voltage":
      return `Only diodes that do not conduct hold ${finding.nodes.slice(0, 4).join(", ")}: the voltage there is undefined.`;
    case "buzzing":
      return `“${finding.element}” never settles: when it pulls in, it cuts the feed of its own coil.`;
  }
}
