"use client";

import { Minus, Plus } from "lucide-react";
import Link from "next/link";
import { useSearchParams } from "next/navigation";
import { useEffect, useMemo, useState } from "react";
import { assumedFace } from "@/job/harness-ops";
import type { ConnectorRow, Face } from "@/job/schema";
import { Button, buttonLook } from "@/ui/controls";
import { type FaceSide, seenColumn } from "@/ui/face-drawing";
import { SearchField } from "@/ui/search-field";
import { Segments } from "@/ui/segments";
import { Empty } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { PrintButton } from "../shell/print-button";
import { ScreenHead } from "../shell/screen-head";
import { CavityFacts } from "./cavity-facts";
import { FacePane } from "./face-pane";

const ZOOM = { least: 3, most: 20, start: 8 } as const;

/** A connector as it is held in the hand: which side one looks at is always named. */
export function FacesScreen() {
  const job = useJob();
  const { connector, pins, face, current, choose, openPin, setCavity } = useFace();
  const [side, setSide] = useState<FaceSide>("wire");
  const [zoom, setZoom] = useState<number>(ZOOM.start);
  const resize = (by: number) => setZoom((now) => Math.max(ZOOM.least, Math.min(ZOOM.most, now + by)));
  const turn = () => setSide(side === "wire" ? "mating" : "wire");
  const step = (down: number, along: number) => {
    // Arrow keys go by what is seen; from the mating side, right is left.
    const next = neighbour(face, current?.row.cavity ?? "", down, side === "wire" ? along : -along);
    if (next !== null) setCavity(next);
  };
  useKeys({
    ArrowRight: () => step(0, 1),
    ArrowLeft: () => step(0, -1),
    ArrowDown: () => step(1, 0),
    ArrowUp: () => step(-1, 0),
    s: turn,
    "+": () => resize(1),
    "=": () => resize(1),
    "-": () => resize(-1),
  });
  if (connector === undefined) return <NoConnectors jobId={job.jobId} />;
  const cavity = current?.row.cavity ?? null;
  return (
    <>
      <FacesHead connectorId={connector.id} side={side} zoom={zoom} onSide={setSide} onResize={resize} />
      <div className="mx-4 mb-4 grid min-h-0 flex-1 grid-cols-[210px_minmax(0,1fr)_330px] border border-rule2 bg-sheet max-lg:grid-cols-[170px_minmax(0,1fr)] max-lg:grid-rows-[minmax(0,1fr)_auto] print:m-0 print:block print:border-0">
        <ConnectorList current={connector.id} onChoose={choose} />
        <FacePane
          connector={connector}
          face={face}
          pins={pins}
          side={side}
          pxPerMm={zoom}
          selected={cavity}
          onSelect={setCavity}
          onTurn={turn}
        />
        <aside
          aria-label="Cavity"
          tabIndex={0}
          className="no-print min-h-0 overflow-auto border-l border-rule2 p-4 max-lg:max-h-72 max-lg:border-t max-lg:border-l-0"
        >
          {current === undefined ? (
            <p className="text-ink2">The connector has no cavities.</p>
          ) : (
            <CavityFacts pin={current} onOpen={openPin} place={seenPlace(face, current.row.cavity, side)} />
          )}
        </aside>
      </div>
    </>
  );
}

/**
 * The connector that is looked at, its face, and the cavity that is chosen on it; an address may name the connector.
 */
function useFace() {
  const job = useJob();
  const wanted = useSearchParams().get("connector");
  const [chosen, setChosen] = useState<string | null>(wanted);
  const [cavity, setCavity] = useState<string | null>(null);
  useEffect(() => {
    if (wanted !== null) setChosen(wanted);
  }, [wanted]);
  const connector = job.document.connectors.find((row) => row.id === chosen) ?? job.document.connectors[0];
  const pins = useMemo(() => job.pins.filter((pin) => pin.connector.id === connector?.id), [job.pins, connector?.id]);
  const face = useMemo(
    () => connector?.face ?? assumedFace(pins.map((pin) => pin.row.cavity)),
    [connector?.face, pins],
  );
  const choose = (connectorId: string, at: string | null = null) => {
    setChosen(connectorId);
    setCavity(at);
  };
  const openPin = (pinId: string) => {
    const pin = job.pinById.get(pinId);
    if (pin !== undefined) choose(pin.connector.id, pin.row.cavity);
  };
  const current = pins.find((pin) => pin.row.cavity === cavity) ?? pins[0];
  return { connector, pins, face, current, choose, openPin, setCavity };
}

/** The next cavity of the face in a direction; null where there is none. */
function neighbour(face: Face, from: string, down: number, along: number): string | null {
  const at = face.cells.indexOf(from);
  if (at < 0) return null;
  let [row, column] = [Math.floor(at / face.columns) + down, (at % face.columns) + along];
  for (; row >= 0 && row < face.rows && column >= 0 && column < face.columns; row += down, column += along) {
    const label = face.cells[row * face.columns + column];
    if (label != null) return label;
  }
  return null;
}

interface HeadProps {
  readonly connectorId: string;
  readonly side: FaceSide;
  /** px per mm */
  readonly zoom: number;
  readonly onSide: (side: FaceSide) => void;
  readonly onResize: (by: number) => void;
}

function FacesHead({ connectorId, side, zoom, onSide, onResize }: HeadProps) {
  const { jobId } = useJob();
  return (
    <ScreenHead title="Faces">
      <Segments
        label="Seen from"
        value={side}
        onChange={onSide}
        segments={[
          { key: "wire", label: "Wire side" },
          { key: "mating", label: "Mating side" },
        ]}
      />
      <Button aria-label="Smaller" onClick={() => onResize(-1)}>
        <Minus size={16} />
      </Button>
      <span className="w-24 text-center font-mono text-[13px]" title="of its true size">
        {Math.round((100 * zoom * 25.4) / 96)} %
      </span>
      <Button aria-label="Larger" onClick={() => onResize(1)}>
        <Plus size={16} />
      </Button>
      <span className="flex-1" />
      <Link className={buttonLook()} href={`/jobs/${jobId}/circuit?connector=${connectorId}`}>
        Circuit
      </Link>
      <PrintButton landscape>Print at true scale</PrintButton>
    </ScreenHead>
  );
}

/** Lines of the list: beyond that, a person searches. */
const MOST_LISTED = 600;

function ConnectorList({ current, onChoose }: { current: string; onChoose: (connectorId: string) => void }) {
  const { connectors } = useJob().document;
  const [search, setSearch] = useState("");
  const found = connectors
    .filter((row) => `${row.label} ${row.place ?? ""}`.toLowerCase().includes(search.trim().toLowerCase()))
    .toSorted((a, b) => a.side.localeCompare(b.side) || a.position - b.position);
  return (
    <div className="no-print flex min-h-0 flex-col border-r border-rule2 max-lg:row-span-2">
      <div className="flex border-b border-rule p-2">
        <SearchField label="Search connectors" placeholder="Connector" value={search} onChange={setSearch} />
      </div>
      <ul className="min-h-0 flex-1 overflow-auto" aria-label="Connectors">
        {found.slice(0, MOST_LISTED).map((row) => (
          <ConnectorLine key={row.id} row={row} current={row.id === current} onChoose={() => onChoose(row.id)} />
        ))}
      </ul>
    </div>
  );
}

function ConnectorLine({ row, current, onChoose }: { row: ConnectorRow; current: boolean; onChoose: () => void }) {
  return (
    <li>
      <button
        type="button"
        aria-current={current ? "true" : undefined}
        onClick={onChoose}
        className={`flex min-h-10 w-full items-center justify-between gap-2 border-b border-rule px-3 text-left ${current ? "bg-ink text-bench" : ""}`}
      >
        <span className="min-w-0 truncate">{row.label}</span>
        <span className="text-[13px] opacity-75">{row.side}</span>
      </button>
    </li>
  );
}

const NoConnectors = ({ jobId }: { jobId: string }) => (
  <>
    <ScreenHead title="Faces" />
    <div className="mx-4 border border-rule2 bg-sheet">
      <Empty title="No connectors yet">
        <p>Import a pin table: each of its connectors gets a face here.</p>
        <Link href={`/jobs/${jobId}/import`} className={buttonLook(true)}>
          To the import
        </Link>
      </Empty>
    </div>
  </>
);

function seenPlace(face: Face, cavity: string, side: FaceSide): string {
  const at = face.cells.indexOf(cavity);
  return at < 0
    ? ""
    : `row ${Math.floor(at / face.columns) + 1}, ${seenColumn(at % face.columns, face.columns, side) + 1} from the left`;
}
