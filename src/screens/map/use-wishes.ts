import { useMemo } from "react";
import { type FunctionLine, type WishLine, wishLines } from "@/core/plan";
import { useJob } from "../shell/job-provider";

/** The owner's wishes in their order, each with where it stands. */
export function useWishes(functions: readonly FunctionLine[]): readonly WishLine[] {
  const { wishes } = useJob().document;
  return useMemo(
    () =>
      wishLines(
        wishes.toSorted((a, b) => a.position - b.position),
        functions,
      ),
    [wishes, functions],
  );
}
