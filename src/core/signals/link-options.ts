import { type FormField, fieldOf, hasForm } from "../forms";
import { busOptions, gatewayOptions } from "./buses";
import { coilOptions, injectorOptions, lambdaOptions } from "./engine-drives";
import { feedOptions } from "./feeds";
import { frequencyOptions } from "./frequency";
import { groundOptions } from "./grounds";
import { OptionBuilder, rankOptions } from "./option-builder";
import { pickupOptions } from "./pickups";
import { levelOptions, loadOptions, motorOptions } from "./switched";
import type { LinkOption, SignalPin, Surroundings } from "./types";
import { thresholdOptions, valueOptions } from "./values";

/**
 * Every way known from a provider to a consumer, best first; never empty. Chosen from their forms and limits, never
 * from their names. The search over adapter chains of engines.md 3 takes this function's place with the same answer.
 */
export function linkOptions(
  provider: SignalPin,
  consumer: SignalPin,
  around: Surroundings,
): readonly [LinkOption, ...LinkOption[]] {
  const options = rankOptions(optionsByForm(provider, consumer, around));
  return options as [LinkOption, ...LinkOption[]];
}

function optionsByForm(provider: SignalPin, consumer: SignalPin, around: Surroundings): LinkOption[] {
  if (hasForm(provider, "ground") && hasForm(consumer, "ground")) return groundOptions(provider, consumer);
  if (hasForm(provider, "supply-out") && hasForm(consumer, "supply-in")) return feedOptions(provider, consumer, around);
  if (hasForm(provider, "low-side-out", "high-side-out", "switch-out", "supply-out")) {
    if (hasForm(consumer, "load-in")) return loadOptions(provider, consumer, around);
    if (hasForm(consumer, "logic-in")) return levelOptions(provider, consumer);
  }
  if (hasForm(provider, "motor-out") && hasForm(consumer, "motor-in")) return motorOptions(provider, consumer, around);
  if (hasForm(provider, "frequency-out") && hasForm(consumer, "frequency-in"))
    return frequencyOptions(provider, consumer);
  if (hasForm(provider, "resistive-out", "analogue-out", "pwm-out")) {
    if (hasForm(consumer, "resistive-in", "analogue-in", "pwm-in")) return valueOptions(provider, consumer, around);
    if (hasForm(consumer, "load-in", "logic-in")) return thresholdOptions(consumer);
  }
  if (hasForm(provider, "reluctor-out", "hall-out") && hasForm(consumer, "reluctor-in", "hall-in", "frequency-in"))
    return pickupOptions(provider, consumer, around);
  if (hasForm(provider, "injector-out") && hasForm(consumer, "injector-in"))
    return injectorOptions(provider, consumer, around);
  if (hasForm(provider, "coil-out") && hasForm(consumer, "coil-in")) return coilOptions(provider, consumer, around);
  if (hasForm(provider, "lambda-out") && hasForm(consumer, "lambda-in"))
    return lambdaOptions(provider, consumer, around);
  if (hasForm(provider, "can", "lin", "serial") && hasForm(consumer, "can", "lin", "serial"))
    return provider.form.kind === consumer.form.kind ? busOptions(provider, consumer) : [notYet(provider, consumer)];
  if (hasForm(provider, "can")) return gatewayOptions(provider, consumer);
  return [notYet(provider, consumer)];
}

/** What would have to be known of a family of forms before its link can be worked out. */
const FACTS_OF_FORM: Readonly<Record<string, readonly FormField[]>> = {
  resistive: ["curve"],
  analogue: ["range", "curve"],
  pwm: ["hz", "curve"],
  reference: ["volts", "maxAmps"],
  lambda: ["band"],
  can: ["bitrate", "messages"],
  lin: ["messages"],
  serial: ["messages"],
  injector: ["drive", "ohms"],
  coil: ["drive"],
  motor: ["drive"],
  reluctor: ["pattern"],
  hall: ["pattern"],
};

function notYet(provider: SignalPin, consumer: SignalPin): LinkOption {
  const builder = new OptionBuilder();
  for (const pin of [provider, consumer]) {
    const { form } = pin;
    if (form.kind === "unknown") builder.lack(pin, "kind");
    const family = form.kind.replace(/-(out|in)$/, "");
    for (const fact of FACTS_OF_FORM[family] ?? []) if (fieldOf(form, fact) === null) builder.lack(pin, fact);
  }
  return builder.manual({ code: "no-method", provider: provider.form.kind, consumer: consumer.form.kind });
}
