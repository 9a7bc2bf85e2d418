"use client";

import type { ConfusablePair } from "@/core/compare";
import type { AlikeRow } from "@/job/schema";
import { TapThrough } from "../shell/tap-through";
import { pairKey } from "./confusable-list";
import { PairSummary } from "./confusable-pair";

interface Props {
  readonly pairs: readonly ConfusablePair[];
  readonly told: ReadonlyMap<string, AlikeRow>;
  readonly current: ConfusablePair | undefined;
  readonly onMove: (by: number) => void;
  readonly onTell: (pair: ConfusablePair, state: AlikeRow["state"]) => void;
  readonly onClose: () => void;
}

/** Confusable connectors one pair at a time. */
export function ConfusableOneByOne({ pairs, told, current, onMove, onTell, onClose }: Props) {
  const state = current === undefined ? undefined : told.get(pairKey(current))?.state;
  const tell = (next: AlikeRow["state"]) => () => {
    if (current === undefined) return;
    onTell(current, next);
    onMove(1);
  };
  return (
    <TapThrough
      label="Confusable connectors"
      at={current === undefined ? 0 : pairs.indexOf(current)}
      of={pairs.length}
      onMove={onMove}
      onClose={onClose}
      answers={[
        { label: "Flag both", hotkey: "F", isOn: state === "flagged", onTap: tell("flagged") },
        { label: "Checked at installation", hotkey: "C", isOn: state === "checked", onTap: tell("checked") },
        { label: "Later", hotkey: "L", onTap: () => onMove(1) },
      ]}
    >
      {current === undefined ? (
        <p className="text-center">No pair of connectors can be confused.</p>
      ) : (
        <PairSummary pair={current} />
      )}
    </TapThrough>
  );
}
