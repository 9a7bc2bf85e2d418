import type { Quantity } from "../forms";
import type { Line } from "../plan";
import type { SignalPin } from "../signals";
import { type Account, labelOf } from "./account";
import type { Harnesses } from "./harnesses";
import { type Choice, runsBy } from "./types";

/** What can go wrong by the approach itself. Words: core/words/approaches.ts. */
export type Risk =
  | { readonly code: "entitled-calibration" }
  | { readonly code: "module-and-keys"; readonly connectors: readonly string[] }
  | { readonly code: "tuning" }
  | { readonly code: "partner-alone"; readonly connectors: readonly string[] }
  | { readonly code: "engine-through-adapters"; readonly count: number }
  | { readonly code: "no-way-back" }
  | { readonly code: "all-new" }
  | { readonly code: "two-more-connectors"; readonly links: number }
  | { readonly code: "screened-lengthened"; readonly cavities: readonly string[] }
  | { readonly code: "heat-and-water" }
  | { readonly code: "reach-unmeasured"; readonly wires: number }
  /** Nothing is made longer: that both harnesses meet is taken for granted. */
  | { readonly code: "reach-taken" }
  | { readonly code: "facts-missing"; readonly links: number }
  /** A figure rests on a distance that nobody has measured, m. */
  | { readonly code: "reach-assumed"; readonly metres: number };

/** A signal so small, or so fast, that its wire is screened or twisted up to the computer. */
const SCREENED: ReadonlySet<Quantity> = new Set<Quantity>([
  "crankshaft-position",
  "camshaft-position",
  "knock",
  "oxygen",
]);

/** The risks that an approach brings, by what the tables and the account of its work show. */
export function risksOf(
  { approach, lengthens }: Choice,
  { engineComputer, security, partner, isProgrammable }: Harnesses,
  under: readonly SignalPin[],
  lines: readonly Line[],
  account: Account,
): Risk[] {
  const risks: Risk[] = [];
  const hasSecurity = security.size > 0;
  if (approach === "donor-computer" && hasSecurity) risks.push({ code: "entitled-calibration" });
  if (runsBy(approach) === "donor" && approach !== "donor-computer" && hasSecurity)
    risks.push({ code: "module-and-keys", connectors: [...security] });
  if (approach === "programmable") risks.push({ code: "tuning" });
  if (runsBy(approach) !== "donor" && !isProgrammable && partner.size > 0)
    risks.push({ code: "partner-alone", connectors: [...partner] });
  if (runsBy(approach) === "host")
    risks.push({
      code: "engine-through-adapters",
      count: lines.filter(
        ({ adapters, consumer, provider }) =>
          [consumer, provider].some((pin) => pin.side === "host" && engineComputer.host.has(pin.connector)) &&
          adapters.length > 0,
      ).length,
    });
  if (approach === "merged" || approach === "universal") risks.push({ code: "no-way-back" });
  if (approach === "universal") risks.push({ code: "all-new" });
  if (approach === "plug-in") risks.push({ code: "two-more-connectors", links: lines.length });
  if (lengthens === "engine") {
    const cavities = account.engineWires().filter(({ quantity }) => quantity !== null && SCREENED.has(quantity));
    if (cavities.length > 0) risks.push({ code: "screened-lengthened", cavities: cavities.map(labelOf) });
  }
  if (lengthens === "computer")
    risks.push({ code: "heat-and-water" }, { code: "reach-unmeasured", wires: account.engineWires().length });
  const open = lines.filter(({ state }) => state === "open").length;
  if (open > 0) risks.push({ code: "facts-missing", links: open });
  if (lengthens === null) risks.push({ code: "reach-taken" });
  if (account.assumed > 0) risks.push({ code: "reach-assumed", metres: account.reach });
  return under.length === 0 ? [] : risks;
}
