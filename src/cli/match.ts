import { matchSignals, type SignalPin, writeAdapter } from "@/core/signals";
import { cavityKey, optionText, unmatchedText } from "@/core/words";
import { signalPinsOf } from "@/formats/signal-pins";
import { type ReadFile, UsageError } from "./errors";
import { readTableFile } from "./files";

export const MATCH_HELP = `Usage: npm run -s pantograph -- match DONOR.csv HOST.csv

Prints {"links","unmatchedDonor","unmatchedHost"}: how each signal reaches its counterpart, its verdict and why.
Example: npm run -s pantograph -- match src/demo/heron-donor.csv src/demo/heron-host.csv`;

export function match(args: readonly string[], read: ReadFile): unknown {
  const option = args.find((arg) => arg.startsWith("-"));
  if (option !== undefined) throw new UsageError(`There is no option “${option}”.`);
  const [donorFile, hostFile] = args;
  if (donorFile === undefined || hostFile === undefined || args.length !== 2)
    throw new UsageError("Name two files, the donor's first.");
  const pins = [
    ...signalPinsOf(readTableFile(donorFile, "donor", read).pins, "donor"),
    ...signalPinsOf(readTableFile(hostFile, "host", read).pins, "host"),
  ];
  const { links, unmatched } = matchSignals(pins);
  const ofSide = (side: string) =>
    unmatched
      .filter(({ pin }) => pin.side === side)
      .map(({ pin, reason }) => ({
        connector: pin.connector,
        cavity: pin.cavity,
        quantity: pin.quantity,
        why: unmatchedText(reason, pin),
      }));
  return {
    links: links.map(({ quantity, provider, consumer, options: [best] }) => {
      const [donor, host] = provider.side === "donor" ? [provider, consumer] : [consumer, provider];
      return {
        quantity,
        donor: place(donor),
        host: place(host),
        verdict: best.verdict,
        adapters: best.adapters.map((adapter) => writeAdapter(adapter, cavityKey)),
        why: optionText(best, { provider, consumer }),
      };
    }),
    unmatchedDonor: ofSide("donor"),
    unmatchedHost: ofSide("host"),
  };
}

const place = (pin: SignalPin) => ({ connector: pin.connector, cavity: pin.cavity });
