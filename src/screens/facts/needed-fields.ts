import type { PinView } from "../shell/derive";
import { useJob } from "../shell/job-provider";

/** Fields of a cavity without which the map's best option for it cannot be judged. */
export function useNeededFields({ row }: PinView): readonly string[] {
  const { plan } = useJob();
  const fields = plan.lines
    .filter(({ provider, consumer }) => provider.id === row.id || consumer.id === row.id)
    .flatMap(({ options: [option] }) => option.missing)
    .filter(({ at }) => at.pinId === row.id)
    .flatMap(({ fact }) =>
      typeof fact === "object" ? [fact.wanted] : fact === "kind" ? [] : fact === "amps-or-ohms" ? ["amps"] : [fact],
    );
  return [...new Set(fields)];
}
