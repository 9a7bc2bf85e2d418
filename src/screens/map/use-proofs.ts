import { useEffect, useMemo, useState } from "react";
import type { Line } from "@/core/plan";
import type { WayProof } from "@/core/power";
import type { LinkOption } from "@/core/signals";
import { useJob } from "../shell/job-provider";
import { isByHand, isToDecide } from "./use-decide";

/** By a line's key: what the solved plan says of each of its ways, in their order; null of one that offers nothing to solve. */
export type Proofs = ReadonlyMap<string, readonly (WayProof | null)[]>;

const NONE: Proofs = new Map();
const isWeighed = (option: LinkOption) => !isByHand(option);

/**
 * The ways of these lines, each solved in the plan: one link after the other, so that whoever asks something else
 * meanwhile has a turn. Nothing while the plan itself is being solved.
 */
export function useProofs(lines: readonly Line[]): Proofs {
  const { askProofs, power, powerStale } = useJob();
  const open = useMemo(() => lines.filter((line) => isToDecide(line) && line.options.some(isWeighed)), [lines]);
  const [proofs, setProofs] = useState<{ readonly of: object | null; readonly known: Proofs }>({
    of: null,
    known: NONE,
  });
  useEffect(() => {
    if (powerStale || power === null) return;
    let current = true;
    void (async () => {
      for (const line of open) {
        const weighed = line.options.filter(isWeighed);
        const [answer = []] = await askProofs([
          {
            providerId: line.provider.id,
            consumerId: line.consumer.id,
            ways: weighed.map(({ adapters }) => adapters),
          },
        ]);
        if (!current) return;
        const told = line.options.map((option) => answer[weighed.indexOf(option)] ?? null);
        setProofs((before) => ({
          of: power,
          known: new Map(before.of === power ? before.known : NONE).set(line.key, told),
        }));
      }
    })().catch(() => undefined);
    return () => {
      current = false;
    };
    // Who asks is the same as long as the solved plan is.
  }, [open, power, powerStale]);
  return proofs.of === power && !powerStale ? proofs.known : NONE;
}

/**
 * The way of a line that is offered first: the best that does not fail in the solved plan. Null where each of them
 * fails there: then only a person can say so against it.
 */
export function offeredWay(line: Line, proofs: Proofs): LinkOption | null {
  const told = proofs.get(line.key);
  if (told === undefined) return line.options[0];
  const fails = (at: number) => told[at]?.verdict === "fails";
  return line.options.find((option, at) => !fails(at) && (isWeighed(option) || at === 0)) ?? null;
}
