"use client";

import { useMemo } from "react";
import { type Move, proposeMoves } from "@/core/moves";
import type { SignalPin } from "@/core/signals";
import { cavityLabel, count, MOVE_HOW_WORDS, moveFaultText, moveWhyText, quantityHead } from "@/core/words";
import { chooseMoveOps, chosenMoves, isMoveDone, tickMoveOps } from "@/job/move-ops";
import type { StandInRow } from "@/job/schema";
import { signalPinsIn } from "@/job/signal-pins";
import { Plate } from "@/ui/plate";
import { Wire } from "@/ui/wire";
import { useJob } from "../shell/job-provider";

/** One exchange as a bench card: every cavity once, in the new plug's order, with its wire on both sides, to be ticked. */
export function MoveCard({ row }: { row: StandInRow }) {
  const job = useJob();
  const { document } = job;
  const pins = useMemo(() => signalPinsIn(document), [document]);
  const of = (ids: readonly string[]) => pins.filter(({ id }) => ids.includes(job.pinById.get(id)?.connector.id ?? ""));
  const [from, to] = [of(row.fromIds), of(row.toIds)];
  const { moves, faults } = proposeMoves(from, to, chosenMoves(document, row.id));
  const done = moves.filter((move) => isMoveDone(document, row.id, move)).length;
  const counts = (["stays", "moves", "added", "sealed", "common", "capped"] as const).flatMap((how) => {
    const many = moves.filter((move) => move.how === how).length;
    return many === 0 ? [] : [`${many} ${MOVE_HOW_WORDS[how]}`];
  });
  return (
    <>
      <h2 className="text-lg">
        {names(row.fromIds, document.connectors)} becomes {names(row.toIds, document.connectors)}
      </h2>
      <p className="text-[13px]" role="status">
        {count(moves.length, "line")}: {counts.join(", ")}. {done} of {moves.length} done.
      </p>
      {faults.map((fault) => (
        <p key={JSON.stringify(fault)} role="alert" className="mt-1 font-semibold text-stop">
          {moveFaultText(fault)}
        </p>
      ))}
      <table className="mt-2 w-full text-left">
        <thead className="text-[13px] text-ink2">
          <tr className="border-b-[1.5px] border-rule2">
            <th className="w-12 py-1 font-semibold">Done</th>
            <th className="font-semibold">Out of</th>
            <th className="font-semibold">Wire</th>
            <th className="font-semibold">Into</th>
            <th className="font-semibold">Wire there</th>
            <th className="font-semibold">Signal</th>
            <th className="font-semibold">What becomes of it</th>
            <th className="no-print font-semibold">Otherwise</th>
          </tr>
        </thead>
        <tbody>
          {moves.map((move) => (
            <Line key={`${move.from?.id ?? "new"} ${move.to?.id ?? ""}`} move={move} row={row} targets={to} />
          ))}
        </tbody>
      </table>
    </>
  );
}

const names = (ids: readonly string[], connectors: readonly { readonly id: string; readonly label: string }[]) =>
  ids.map((id) => connectors.find((one) => one.id === id)?.label ?? "?").join(" and ");

function Line({ move, row, targets }: { move: Move; row: StandInRow; targets: readonly SignalPin[] }) {
  const job = useJob();
  const { document } = job;
  const { from, to, how } = move;
  const done = isMoveDone(document, row.id, move);
  const name = cavityLabel((from ?? to) as SignalPin);
  const isSure = move.why !== "ambiguous";
  const byHand = from !== null && chosenMoves(document, row.id).has(from.id);
  return (
    <tr
      className={`border-t border-rule align-middle ${done ? "text-ink2" : ""}`}
      data-move={`${from?.cavity ?? ""}>${to?.cavity ?? ""}`}
    >
      <td className="py-0.5">
        <label className="inline-flex size-10 items-center justify-center">
          <input
            type="checkbox"
            className="size-5"
            aria-label={`${name} done`}
            checked={done}
            onChange={(event) =>
              job.change(
                `${name}: ${event.target.checked ? "done" : "not done"}`,
                (person) => tickMoveOps(document, row.id, move, event.target.checked, person),
                { quiet: true },
              )
            }
          />
        </label>
      </td>
      <td>{from === null ? "–" : <Plate side={from.side} label={cavityLabel(from)} />}</td>
      <td>{from === null ? "" : <Colour pin={from} />}</td>
      <td>
        {to === null ? (
          move.joins === null ? (
            "–"
          ) : (
            <Plate side={move.joins.side} label={cavityLabel(move.joins)} />
          )
        ) : (
          <Plate side={to.side} label={cavityLabel(to)} />
        )}
      </td>
      <td>{to === null ? "" : <Colour pin={to} />}</td>
      <td className="pr-2 text-[13px]">{quantityHead(((to ?? from) as SignalPin).quantity)}</td>
      <td className="pr-2">
        <strong className={isSure ? "" : "text-stop"}>{MOVE_HOW_WORDS[how]}</strong>
        <span className="block text-[13px]">{moveWhyText(move)}</span>
      </td>
      <td className="no-print w-40">
        {from !== null && (
          <select
            aria-label={`Where ${name} goes`}
            className="field"
            value={byHand ? (to?.id ?? "cap") : ""}
            onChange={(event) => {
              const value = event.target.value;
              job.change(`${name}: another cavity`, (person) =>
                chooseMoveOps(
                  document,
                  row.id,
                  from.id,
                  value === "" ? undefined : value === "cap" ? null : value,
                  person,
                ),
              );
            }}
          >
            <option value="">as worked out</option>
            <option value="cap">cap it</option>
            {targets.map((one) => (
              <option key={one.id} value={one.id}>
                into {one.cavity}
              </option>
            ))}
          </select>
        )}
      </td>
    </tr>
  );
}

function Colour({ pin }: { pin: SignalPin }) {
  const row = useJob().pinById.get(pin.id)?.row;
  return row === undefined || row.colour === null ? (
    <span className="text-[13px] text-ink2">no colour</span>
  ) : (
    <Wire colour={row.colour} base={row.colourBase} tracer={row.colourTracer} />
  );
}
