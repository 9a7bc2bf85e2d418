import { feedWays } from "./feeds";
import { frequencyWays } from "./frequency";
import { groundWays } from "./grounds";
import { Reckoner, rankWays } from "./reckon";
import { levelWays, loadWays, motorWays } from "./switched";
import { label, type SignalPin, type Surroundings, type Way } from "./types";

/**
 * Every way known from a provider to a consumer, best first; never empty. Chosen from their forms and limits, never from
 * their names. The search over adapter chains of engines.md 3 takes this function's place with the same answer.
 */
export function waysAcross(provider: SignalPin, consumer: SignalPin, around: Surroundings): readonly [Way, ...Way[]] {
  const ways = rankWays(waysByForm(provider, consumer, around));
  return ways as [Way, ...Way[]];
}

function waysByForm(provider: SignalPin, consumer: SignalPin, around: Surroundings): Way[] {
  const switched = provider.kind === "low-side-out" || provider.kind === "high-side-out" || provider.kind === "switch-out" || provider.kind === "supply-out";
  if (provider.kind === "ground" && consumer.kind === "ground") return groundWays(provider, consumer);
  if (provider.kind === "supply-out" && consumer.kind === "supply-in") return feedWays(provider, consumer, around);
  if (switched && consumer.kind === "load-in") return loadWays(provider, consumer, around);
  if (switched && consumer.kind === "logic-in") return levelWays(provider, consumer);
  if (provider.kind === "motor-out" && consumer.kind === "motor-in") return motorWays(provider, consumer, around);
  if (provider.kind === "frequency-out" && consumer.kind === "frequency-in") return frequencyWays(provider, consumer);
  return [notYet(provider, consumer)];
}

/** What would have to be known of a form before its link can be reckoned. */
const FACTS_OF_FORM: Readonly<Record<string, readonly string[]>> = {
  resistive: ["curve"], analogue: ["range", "curve"], pwm: ["hz", "curve"], reference: ["volts", "maxAmps"], lambda: ["band"], can: ["bitrate", "messages"],
  lin: ["messages"], serial: ["messages"], injector: ["drive", "ohms"], coil: ["drive"], motor: ["drive"], reluctor: ["pattern"], hall: ["pattern"],
};

function notYet(provider: SignalPin, consumer: SignalPin): Way {
  const reckon = new Reckoner();
  for (const pin of [provider, consumer]) {
    if (pin.kind === "unknown") reckon.lack(pin, "kind");
    const form = pin.kind.replace(/-(out|in)$/, "");
    for (const fact of FACTS_OF_FORM[form] ?? []) if (pin.params[fact] === undefined) reckon.lack(pin, fact);
  }
  return reckon.manual(`${provider.kind} of ${label(provider)} into ${consumer.kind} of ${label(consumer)}: a person must choose the adapter`);
}
