"use client";

import { X } from "lucide-react";
import Link from "next/link";
import type { ReactNode } from "react";
import { quantityHead, wireEndText } from "@/core/words";
import { withNeighbours } from "@/job/neighbours";
import { confirmOp } from "@/job/pin-ops";
import { Button } from "@/ui/controls";
import { Plate } from "@/ui/plate";
import { Pictures } from "../pictures/pictures";
import {
  ColourCell,
  DescriptionCell,
  KindCell,
  LengthCell,
  OwnTextCell,
  QuantityCell,
  SizeCell,
} from "../pins/pin-cells";
import { pinEdits } from "../pins/pin-edits";
import { isGuess, isUnknown, type PinView } from "../shell/derive";
import { useJob } from "../shell/job-provider";
import { useCavity } from "./cavity-context";
import { CavityFace } from "./cavity-face";
import { CavityFactFields } from "./cavity-fact-fields";
import { CavityHistory } from "./cavity-history";
import { CavityUses } from "./cavity-uses";

interface Props {
  readonly pin: PinView;
  readonly onClose: () => void;
}

/**
 * All that is known of one cavity: its wire, what it does, its values and how each is known, what needs it, what was
 * found and read at it, and who changed what. Everything can be corrected where it stands.
 */
export function CavityPane({ pin, onClose }: Props) {
  const { row, label, connector } = pin;
  return (
    <section
      aria-label={label}
      tabIndex={0}
      className="min-h-0 overflow-auto border-l border-rule2 bg-sheet p-4 max-lg:border-t-[1.5px] max-lg:border-l-0"
    >
      <div className="mb-2 flex items-start gap-2">
        <Plate side={connector.side} label={label} />
        <h2 className="min-w-0 flex-1 text-base">{quantityHead(row.quantityConfidence < 0.5 ? null : row.quantity)}</h2>
        <button type="button" aria-label="Close" onClick={onClose} className="grid size-10 shrink-0 place-items-center">
          <X size={18} aria-hidden="true" />
        </button>
      </div>
      <Meaning pin={pin} />
      <CavityFace pin={pin} />
      <WireFacts pin={pin} />
      <CavityFactFields pin={pin} />
      <CavityUses pin={pin} />
      <Paper pin={pin} />
      <CavityHistory key={row.id} pinId={row.id} />
    </section>
  );
}

/** The same over whatever screen names the cavity. */
export function CavityDrawer() {
  const job = useJob();
  const { pinId, close } = useCavity();
  const pin = pinId === null ? undefined : job.pinById.get(pinId);
  if (pin === undefined) return null;
  return (
    <aside className="no-print fixed inset-y-0 right-0 z-40 flex w-96 max-w-full flex-col border-l-[1.5px] border-ink bg-sheet shadow-[-8px_0_24px_rgb(0_0_0/0.25)] max-lg:inset-x-0 max-lg:top-auto max-lg:h-[46%] max-lg:w-full max-lg:border-t-[1.5px]">
      <CavityPane pin={pin} onClose={close} />
    </aside>
  );
}

/** What it is and how it works, with what that rests on. */
function Meaning({ pin }: { pin: PinView }) {
  const { document, change } = useJob();
  const { row, label } = pin;
  const edits = pinEdits(pin, document, change);
  const percent = (confidence: number) => `${Math.round(100 * confidence)} %`;
  return (
    <dl>
      <Fact name="What it is">
        <QuantityCell pin={pin} edits={edits} />
        <Why source={row.quantitySource} why={row.quantityWhy} sure={percent(row.quantityConfidence)} />
      </Fact>
      <Fact name="How it works">
        <KindCell pin={pin} edits={edits} />
        <Why source={row.kindSource} why={row.kindWhy} sure={percent(row.kindConfidence)} />
        {isGuess(pin) && !isUnknown(pin) && (
          <Button hotkey="C" onClick={() => change(`Confirm ${label}`, withNeighbours(document, row, confirmOp(row)))}>
            Confirm
          </Button>
        )}
      </Fact>
    </dl>
  );
}

function Why({ source, why, sure }: { source: "given" | "proposed" | "confirmed"; why: string; sure: string }) {
  const words = { given: "read from the pin table", confirmed: "set by you", proposed: `guessed, ${sure}: ${why}` };
  return <span className="block text-[13px] text-ink2">{words[source]}</span>;
}

function WireFacts({ pin }: { pin: PinView }) {
  const { document, change, report } = useJob();
  const edits = pinEdits(pin, document, change);
  const { row } = pin;
  const ends = (report?.ends.get(row.id) ?? []).map(wireEndText);
  return (
    <Group title="Wire">
      <div className="grid grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)_minmax(0,1fr)] gap-2">
        <Column name="Colour">
          <ColourCell pin={pin} edits={edits} />
        </Column>
        <Column name="Size">
          <SizeCell pin={pin} edits={edits} units={document.job.units} isLeft />
        </Column>
        <Column name="Length">
          <LengthCell pin={pin} edits={edits} units={document.job.units} />
        </Column>
      </div>
      <Fact name="Circuit">
        <OwnTextCell name="Circuit" pin={pin} value={row.circuit} empty="none" onSave={edits.circuit} />
      </Fact>
      <Fact name="Runs to">
        <OwnTextCell name="Other end" pin={pin} value={row.otherEnd} empty="not written" onSave={edits.otherEnd} />
        {row.otherEnd !== null && row.ends.length === 0 && (
          <span className="block text-[13px] font-semibold">
            No such place is found: which cavity, splice or ground is it?
          </span>
        )}
      </Fact>
      <Fact name="Leads to">
        {ends.length === 0 ? (
          "other end not known yet"
        ) : (
          <ul>
            {ends.slice(0, MOST_ENDS).map((end) => (
              <li key={end}>{end}</li>
            ))}
            {ends.length > MOST_ENDS && <li className="text-ink2">{ends.length - MOST_ENDS} more</li>}
          </ul>
        )}
      </Fact>
    </Group>
  );
}
const MOST_ENDS = 6;

/** What papers say in their own words, and where it stands. */
function Paper({ pin }: { pin: PinView }) {
  const { document, change, jobId } = useJob();
  const edits = pinEdits(pin, document, change);
  const { row, connector } = pin;
  return (
    <Group title="Paper and notes">
      <Fact name="Paper says">
        <DescriptionCell pin={pin} edits={edits} />
      </Fact>
      <Fact name="Part">
        <OwnTextCell name="Part" pin={pin} value={row.part} empty="not written" onSave={edits.part} />
      </Fact>
      <Fact name="Note">
        <OwnTextCell name="Note" pin={pin} value={row.note || null} empty="none" onSave={edits.note} />
      </Fact>
      {Object.entries(row.extra).map(([header, text]) => (
        <Fact key={header} name={header}>
          {text}
        </Fact>
      ))}
      {connector.place !== null && <Fact name="Place">{connector.place}</Fact>}
      <Pictures subject={`connector:${connector.id}`} of={connector.label} />
      <p className="flex flex-wrap gap-3 text-[13px]">
        <Link className="inline-flex min-h-10 items-center underline" href={`/jobs/${jobId}/pins?pin=${row.id}`}>
          in its pin table
        </Link>
      </p>
    </Group>
  );
}

export function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="mt-3 border-t border-rule pt-2">
      <h3 className="mb-1 text-[13px] font-bold">{title}</h3>
      {children}
    </div>
  );
}

function Column({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div className="min-w-0">
      <span className="text-[13px] text-ink2">{name}</span>
      {children}
    </div>
  );
}

function Fact({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div className="grid grid-cols-[84px_minmax(0,1fr)] items-baseline gap-2 py-0.5">
      <span className="text-[13px] break-words text-ink2">{name}</span>
      <div className="min-w-0 break-words">{children}</div>
    </div>
  );
}
