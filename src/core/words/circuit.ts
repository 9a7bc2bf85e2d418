import { type Expectation, NETLIST_FORMAT, type NetlistFault, type SolveFinding } from "../circuit";
import { NETLIST_KEYS } from "../state";

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

/** What is wrong with a netlist, with the way to put it right. */
export function netlistFaultText(fault: NetlistFault): string {
  const name = `“${fault.element}”`;
  switch (fault.code) {
    case "not-a-netlist":
      return `The format should be “${NETLIST_FORMAT}”.`;
    case "unknown-state":
      return `There is no state “${fault.found}”: choose ${NETLIST_KEYS.join(", ")}.`;
    case "unknown-type":
      return `${name} is of the unknown type “${fault.found}”.`;
    case "duplicate-id":
      return `Two elements are called ${name}.`;
    case "one-node":
      return `Both ends of ${name} are on the node “${fault.node}”.`;
    case "unused-reference":
      return `No element touches the reference “${fault.reference}”.`;
    case "bad-field":
      return badFieldText(fault);
    case "source-loop":
      return `${name} closes a loop of sources without resistance: give one of them its resistance.`;
    case "stranded-current":
      return `The current of ${name} has nowhere to flow: nothing that conducts joins its two ends.`;
    case "no-convergence":
      return `No solution was found: the voltage of ${fault.nodes?.slice(0, 4).join(", ") || "a node"} would not settle. A load may ask for more power than its wires can carry.`;
  }
}

function badFieldText(fault: Extract<NetlistFault, { code: "bad-field" }>): string {
  const { element, index, contact, field, expected, found } = fault;
  const place = [
    ...(index === null ? (element === null ? [] : [`“${element}”`]) : [`elements[${index}]`]),
    ...(contact === null ? [] : [`contact ${contact}`]),
  ].join(", ");
  const what = field ?? "it";
  return `${place === "" ? "" : `${place}: `}${what} should be ${expectationText(expected)}, found ${found ?? "nothing"}.`;
}

function expectationText(expected: Expectation): string {
  switch (expected.type) {
    case "node":
      return "the name of a node";
    case "number":
      return "a number";
    case "over":
      return `a number over ${expected.least}`;
    case "from":
      return `a number from ${expected.least}`;
    case "states":
      return `a list of ${NETLIST_KEYS.join(", ")}`;
    case "boolean":
      return "true or false";
    case "contacts":
      return "a list of contacts";
    case "when":
      return "energised or released";
    case "list":
      return "a list";
    case "element":
      return "an element";
    case "contact":
      return "a contact";
    case "id":
      return "a text without “#”";
    case "at-most":
      return `at most ${expected.field}`;
  }
}
