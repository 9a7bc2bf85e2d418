"use client";

import { Command } from "cmdk";
import { useMemo, useState } from "react";
import { directionOf } from "@/core/forms";
import { optionsBetween, type SignalPin } from "@/core/signals";
import { chainText, KIND_WORDS, optionText, VERDICT_WORDS } from "@/core/words";
import { acceptWayOps } from "@/job/decide";
import { signalPinsIn } from "@/job/signal-pins";
import { Button } from "@/ui/controls";
import { Dialog } from "@/ui/dialog";
import { Plate } from "@/ui/plate";
import { useJob } from "../shell/job-provider";

const MOST = 30;

/** Pairs two cavities by hand: the first, its counterpart on the other side, then what is reckoned for the pair. */
export function PairDialog({
  start,
  onClose,
  onPaired,
}: {
  start: string | null;
  onClose: () => void;
  onPaired: (key: string) => void;
}) {
  const job = useJob();
  const pins = useMemo(() => signalPinsIn(job.document), [job.document]);
  const [first, setFirst] = useState(pins.find((pin) => pin.id === start) ?? null);
  const [second, setSecond] = useState<SignalPin | null>(null);
  const joined = job.plan.lines
    .filter((line) => line.state === "decided")
    .map(({ provider, consumer }) => ({ provider, consumer }));
  const ends = first && second && inOrder(first, second);
  const options = ends && optionsBetween(ends.provider, ends.consumer, pins, joined);
  const pair = (at: number) => {
    const option = options?.[at];
    if (!ends || option === undefined) return;
    const { provider, consumer } = ends;
    const byHand =
      option.verdict === "manual" || option.verdict === "impossible" || provider.quantity !== consumer.quantity;
    job.change(
      `Pair ${name(provider)} with ${name(consumer)}`,
      acceptWayOps(job.document, { provider, consumer, option, byHand }),
    );
    onPaired(`${provider.id}>${consumer.id}`);
  };
  const others = pins.filter((pin) =>
    first === null ? directionOf(pin.form.kind) !== "none" : pin.side !== first.side && fits(first, pin),
  );
  const ranked =
    first === null
      ? others
      : others.toSorted((a, b) => Number(b.quantity === first.quantity) - Number(a.quantity === first.quantity));
  return (
    <Dialog
      open
      onClose={onClose}
      title={
        first === null
          ? "Pair by hand: choose a cavity"
          : second === null
            ? "Choose its counterpart"
            : "What the pair needs"
      }
      wide
    >
      {first !== null && (
        <p className="mb-3 flex flex-wrap items-center gap-3">
          <Plate side={first.side} label={name(first)} />
          {second === null ? (
            <span className="text-ink2">
              {KIND_WORDS[first.form.kind]}, to be joined to the {first.side === "donor" ? "host" : "donor"}
            </span>
          ) : (
            <>
              <span aria-hidden="true">—</span>
              <Plate side={second.side} label={name(second)} />
            </>
          )}
        </p>
      )}
      {second === null ? (
        <PinPicker
          key={first?.id ?? "first"}
          pins={ranked}
          onPick={(pin) => (first === null ? setFirst(pin) : setSecond(pin))}
        />
      ) : (
        <ol className="space-y-3">
          {options?.map((option, at) => (
            <li
              key={`${option.verdict} ${chainText(option.adapters)}`}
              className="flex items-start justify-between gap-4 border-t border-rule pt-3"
            >
              <div className="min-w-0">
                <p className="font-semibold">
                  {VERDICT_WORDS[option.verdict]}
                  {option.adapters.length > 0 ? `: ${chainText(option.adapters)}` : ""}
                </p>
                <p className="text-[13px] text-ink2">{optionText(option, inOrder(first as SignalPin, second))}</p>
              </div>
              <Button primary={at === 0} disabled={option.reason.code === "leaves"} onClick={() => pair(at)}>
                {option.verdict === "manual" || option.verdict === "impossible" ? "Pair by hand" : "Pair"}
              </Button>
            </li>
          ))}
        </ol>
      )}
    </Dialog>
  );
}

function PinPicker({ pins, onPick }: { pins: readonly SignalPin[]; onPick: (pin: SignalPin) => void }) {
  const job = useJob();
  const [query, setQuery] = useState("");
  const terms = query
    .toLowerCase()
    .split(/\s+/)
    .filter((term) => term !== "");
  const text = (pin: SignalPin) =>
    `${name(pin)} ${KIND_WORDS[pin.form.kind]} ${pin.quantity ?? ""} ${pin.circuit ?? ""} ${job.pinById.get(pin.id)?.row.description ?? ""}`.toLowerCase();
  const found = pins.filter((pin) => terms.every((term) => text(pin).includes(term)));
  return (
    <Command shouldFilter={false} label="Choose a cavity">
      <Command.Input
        autoFocus
        value={query}
        onValueChange={setQuery}
        placeholder="cavity, circuit, word of its description"
        className="field"
      />
      <Command.List className="mt-2 max-h-[40vh] overflow-auto">
        <Command.Empty className="py-4 text-center text-ink2">No cavity fits.</Command.Empty>
        {found.slice(0, MOST).map((pin) => (
          <Command.Item
            key={pin.id}
            value={pin.id}
            onSelect={() => onPick(pin)}
            className="flex min-h-11 cursor-pointer items-center gap-3 px-2 data-[selected=true]:bg-fill"
          >
            <Plate side={pin.side} label={name(pin)} />
            <span className="text-[13px] text-ink2">{KIND_WORDS[pin.form.kind]}</span>
            <span className="min-w-0 flex-1 truncate">{job.pinById.get(pin.id)?.row.description}</span>
          </Command.Item>
        ))}
        {found.length > MOST && (
          <p className="px-2 py-2 text-[13px] text-ink2">{found.length - MOST} more; type another word.</p>
        )}
      </Command.List>
    </Command>
  );
}

const name = (pin: SignalPin) => `${pin.connector}-${pin.cavity}`;

/** One end gives and the other takes, or both share. */
function fits(a: SignalPin, b: SignalPin): boolean {
  const [one, other] = [directionOf(a.form.kind), directionOf(b.form.kind)];
  return one === "shared"
    ? other === "shared" && a.form.kind === b.form.kind
    : (one === "provider" && other === "consumer") || (one === "consumer" && other === "provider");
}

/** Grounds come from the host, buses from the donor; else the form says who gives. */
function inOrder(a: SignalPin, b: SignalPin): { provider: SignalPin; consumer: SignalPin } {
  const provides = (pin: SignalPin) =>
    directionOf(pin.form.kind) === "shared"
      ? (pin.form.kind === "ground") === (pin.side === "host")
      : directionOf(pin.form.kind) === "provider";
  return provides(a) ? { provider: a, consumer: b } : { provider: b, consumer: a };
}
