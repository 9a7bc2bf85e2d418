"use client";

import { Minus, Plus, Search } from "lucide-react";
import Link from "next/link";
import { useSearchParams } from "next/navigation";
import { type FormEvent, useEffect, useMemo, useState } from "react";
import { functionName } from "@/core/functions";
import {
  colourWords,
  KIND_WORDS,
  lengthText,
  listed,
  quantityWords,
  sizeText,
  sizeWords,
  wireEndText,
} from "@/core/words";
import { assumedFace, layFace, NUMBERINGS, type Numbering } from "@/job/harness-ops";
import { updateOp } from "@/job/ops";
import { type ConnectorRow, type Face, GENDERS } from "@/job/schema";
import { Button, buttonLook, Field } from "@/ui/controls";
import { type FaceCell, FaceDrawing, type FaceSide, seenColumn } from "@/ui/face-drawing";
import { Plate } from "@/ui/plate";
import { Segments } from "@/ui/segments";
import { Caution, Empty } from "@/ui/states";
import { Wire } from "@/ui/wire";
import type { PinView } from "../shell/derive";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { PrintButton } from "../shell/print-button";
import { ScreenHead } from "../shell/screen-head";
import { EndList } from "./part-detail";

const ZOOM = { least: 3, most: 20, start: 8 } as const;

/** A connector as it is held in the hand: which side one looks at is always named. */
export function FacesScreen() {
  const job = useJob();
  const wanted = useSearchParams().get("connector");
  const [chosen, setChosen] = useState<string | null>(wanted);
  const [side, setSide] = useState<FaceSide>("wire");
  const [zoom, setZoom] = useState<number>(ZOOM.start);
  const [cavity, setCavity] = useState<string | null>(null);
  const [search, setSearch] = useState("");
  useEffect(() => {
    if (wanted !== null) setChosen(wanted);
  }, [wanted]);
  const connector = job.document.connectors.find((row) => row.id === chosen) ?? job.document.connectors[0];
  const pins = useMemo(() => job.pins.filter((pin) => pin.connector.id === connector?.id), [job.pins, connector?.id]);
  const face = useMemo(
    () => connector?.face ?? assumedFace(pins.map((pin) => pin.row.cavity)),
    [connector?.face, pins],
  );
  const cells = useMemo(
    () =>
      face.cells.map((label) =>
        label === null
          ? null
          : cellOf(
              label,
              pins.find((pin) => pin.row.cavity === label),
            ),
      ),
    [face, pins],
  );
  const outside = pins.filter((pin) => !face.cells.includes(pin.row.cavity));
  const current = pins.find((pin) => pin.row.cavity === cavity) ?? pins[0];

  const step = (down: number, along: number) => {
    const at = face.cells.indexOf(current?.row.cavity ?? "");
    if (at < 0) return;
    // Arrow keys go by what is seen; from the mating side, right is left.
    const move = side === "wire" ? along : -along;
    let [row, column] = [Math.floor(at / face.columns), at % face.columns];
    for (let tries = 0; tries < face.cells.length; tries++) {
      [row, column] = [row + down, column + move];
      if (row < 0 || row >= face.rows || column < 0 || column >= face.columns) return;
      const label = face.cells[row * face.columns + column];
      if (label != null) {
        setCavity(label);
        return;
      }
    }
  };
  const resize = (by: number) => setZoom((now) => Math.max(ZOOM.least, Math.min(ZOOM.most, now + by)));
  const turn = () => setSide(side === "wire" ? "mating" : "wire");
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

  if (connector === undefined)
    return (
      <>
        <ScreenHead title="Faces" />
        <div className="mx-4 border border-rule2 bg-sheet">
          <Empty title="No connectors yet">
            <p>Import a pin table: each of its connectors gets a face here.</p>
            <Link href={`/jobs/${job.jobId}/import`} className={buttonLook(true)}>
              To the import
            </Link>
          </Empty>
        </div>
      </>
    );
  const listedConnectors = job.document.connectors
    .filter((row) => `${row.label} ${row.place ?? ""}`.toLowerCase().includes(search.trim().toLowerCase()))
    .toSorted((a, b) => a.side.localeCompare(b.side) || a.position - b.position);
  const open = (pinId: string) => {
    const pin = job.pinById.get(pinId);
    if (pin !== undefined) {
      setChosen(pin.connector.id);
      setCavity(pin.row.cavity);
    }
  };
  return (
    <>
      <ScreenHead title="Faces">
        <Segments
          label="Seen from"
          value={side}
          onChange={setSide}
          segments={[
            { key: "wire", label: "Wire side" },
            { key: "mating", label: "Mating side" },
          ]}
        />
        <Button aria-label="Smaller" onClick={() => resize(-1)}>
          <Minus size={16} />
        </Button>
        <span className="w-24 text-center font-mono text-[13px]">{zoom} px/mm</span>
        <Button aria-label="Larger" onClick={() => resize(1)}>
          <Plus size={16} />
        </Button>
        <span className="flex-1" />
        <PrintButton landscape>Print at true scale</PrintButton>
      </ScreenHead>
      <div className="mx-4 mb-4 grid min-h-0 flex-1 grid-cols-[210px_minmax(0,1fr)_330px] border border-rule2 bg-sheet max-lg:grid-cols-[170px_minmax(0,1fr)] max-lg:grid-rows-[minmax(0,1fr)_auto] print:m-0 print:block print:border-0">
        <div className="no-print flex min-h-0 flex-col border-r border-rule2 max-lg:row-span-2">
          <label className="relative border-b border-rule p-2">
            <span className="hidden-text">Search connectors</span>
            <Search size={16} className="absolute top-5 left-4.5 text-ink2" aria-hidden="true" />
            <input
              type="search"
              className="field pl-8"
              placeholder="Connector"
              value={search}
              onChange={(event) => setSearch(event.target.value)}
            />
          </label>
          <ul className="min-h-0 flex-1 overflow-auto" aria-label="Connectors">
            {listedConnectors.slice(0, 600).map((row) => (
              <li key={row.id}>
                <button
                  type="button"
                  aria-current={row.id === connector.id ? "true" : undefined}
                  onClick={() => {
                    setChosen(row.id);
                    setCavity(null);
                  }}
                  className={`flex min-h-10 w-full items-center justify-between gap-2 border-b border-rule px-3 text-left ${row.id === connector.id ? "bg-ink text-bench" : ""}`}
                >
                  <span className="min-w-0 truncate">{row.label}</span>
                  <span className="text-[13px] opacity-75">{row.side}</span>
                </button>
              </li>
            ))}
          </ul>
        </div>
        <section aria-label="Face" tabIndex={0} className="min-h-0 min-w-0 overflow-auto p-4 print:p-0">
          <h2 className="text-lg">
            {connector.label}{" "}
            <span className="text-base font-normal text-ink2">
              {connector.side}
              {connector.gender === null ? "" : `, ${connector.gender}`}
              {connector.housing === null ? "" : `, ${connector.housing}`}
              {connector.keying === null ? "" : `, keying ${connector.keying}`}
            </span>
          </h2>
          <p className="mt-1 mb-3 flex flex-wrap items-center gap-3">
            <strong className="border-[1.5px] border-ink px-2 py-0.5">
              {side === "wire"
                ? "Wire side: you look at where the wires go in"
                : "Mating side: you look into the connector"}
            </strong>
            <button type="button" className="no-print min-h-8 underline" onClick={turn}>
              turn it over (S)
            </button>
          </p>
          {connector.face === null && (
            <p className="mb-3 text-[13px] text-ink2">
              The layout is assumed from the count of cavities. Enter its rows, columns and key as you see them, before
              you rely on a place.
            </p>
          )}
          <FaceDrawing
            shape={face}
            cells={cells}
            side={side}
            selected={current?.row.cavity ?? null}
            pxPerMm={zoom}
            onSelect={(cell) => setCavity(cell.cavity)}
            title={`${connector.label}, ${side} side`}
          />
          {outside.length > 0 && (
            <p role="alert" className="mt-3 text-stop">
              {outside.length} {outside.length === 1 ? "cavity has" : "cavities have"} no place on this face:{" "}
              {listed(
                outside.map((pin) => pin.row.cavity),
                8,
              )}
              . Add rows or columns.
            </p>
          )}
          <table className="mt-4 hidden border-collapse text-left text-[8pt] print:table">
            <tbody>
              {pins.map(({ row }) => (
                <tr key={row.id} className="border-b border-rule">
                  <td className="pr-3 font-mono font-semibold">{row.cavity}</td>
                  <td className="pr-3">{colourWords(row.colourBase, row.colourTracer) || row.colour}</td>
                  <td className="pr-3 font-mono">{sizeText(row.sizeMm2, job.document.job.units)}</td>
                  <td className="pr-3">{row.description}</td>
                  <td>{(job.report?.ends.get(row.id) ?? []).map(wireEndText).join(", ")}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <FaceForm key={connector.id} connector={connector} face={face} cavities={pins.map((pin) => pin.row.cavity)} />
        </section>
        <aside
          aria-label="Cavity"
          tabIndex={0}
          className="no-print min-h-0 overflow-auto border-l border-rule2 p-4 max-lg:max-h-72 max-lg:border-t max-lg:border-l-0"
        >
          {current === undefined ? (
            <p className="text-ink2">The connector has no cavities.</p>
          ) : (
            <CavityFacts pin={current} onOpen={open} place={seenPlace(face, current.row.cavity, side)} />
          )}
        </aside>
      </div>
    </>
  );
}

function cellOf(label: string, pin: PinView | undefined): FaceCell {
  if (pin === undefined) return { cavity: label, pinId: null, base: null, tracer: null, state: "missing" };
  const { row } = pin;
  const wired = row.circuit !== null || row.colour !== null;
  return {
    cavity: label,
    pinId: row.id,
    base: row.colourBase,
    tracer: row.colourTracer,
    state: wired ? "wired" : row.kind === "spare" ? "plugged" : "empty",
  };
}

function seenPlace(face: Face, cavity: string, side: FaceSide): string {
  const at = face.cells.indexOf(cavity);
  return at < 0
    ? ""
    : `row ${Math.floor(at / face.columns) + 1}, ${seenColumn(at % face.columns, face.columns, side) + 1} from the left`;
}

/** All that is known of one cavity, and where its wires lead. */
function CavityFacts({ pin, place, onOpen }: { pin: PinView; place: string; onOpen: (pinId: string) => void }) {
  const job = useJob();
  const { units } = job.document.job;
  const { row, connector, label } = pin;
  const uses = (job.report?.rows ?? []).filter((one) => one.wire.pinIds.includes(row.id));
  const by = [...new Set(uses.flatMap((one) => one.by))];
  const airbag = uses.some((one) => one.mark === "airbag");
  const fact = (name: string, value: string) =>
    value !== "" && (
      <div key={name} className="contents">
        <dt className="text-ink2">{name}</dt>
        <dd className="break-words">{value}</dd>
      </div>
    );
  return (
    <>
      <p>
        <Plate side={connector.side} label={label} />
      </p>
      <p className="mt-2 font-mono text-xl font-semibold">
        {row.colour === null ? "no wire" : <Wire colour={row.colour} base={row.colourBase} tracer={row.colourTracer} />}
      </p>
      <dl className="mt-2 grid grid-cols-[84px_1fr] gap-x-2 gap-y-1">
        {fact("Colour", colourWords(row.colourBase, row.colourTracer))}
        {fact("Seen at", place)}
        {fact("Size", row.sizeMm2 === null ? "" : `${sizeWords(row.sizeMm2, units)}`)}
        {fact("Length", lengthText(row.lengthM, units))}
        {fact("Circuit", row.circuit ?? "")}
        {fact("Does", row.description ?? "not described")}
        {fact("Form", `${KIND_WORDS[row.kind]}${row.quantity === null ? "" : `, ${quantityWords(row.quantity)}`}`)}
        {fact("Needed by", listed(by.map(functionName)) || "nothing kept")}
      </dl>
      <h3 className="mt-4 mb-1 text-[13px] font-bold">Its wire leads to</h3>
      <EndList ends={job.report?.ends.get(row.id) ?? []} self={row.id} onOpen={onOpen} />
      {airbag && (
        <div className="mt-3">
          <Caution>
            Airbag or pretensioner circuit: do not probe it, not even with a meter. Leave it to those licensed for it.
          </Caution>
        </div>
      )}
      <p className="mt-4 flex flex-wrap gap-2">
        <Link className={buttonLook()} href={`/jobs/${job.jobId}/pins?pin=${row.id}`}>
          In the pin table
        </Link>
      </p>
    </>
  );
}

/** The face's own facts: rows, columns, how they are counted, the key, and what tells it from a look-alike. */
function FaceForm({ connector, face, cavities }: { connector: ConnectorRow; face: Face; cavities: readonly string[] }) {
  const job = useJob();
  const [form, setForm] = useState({
    rows: String(face.rows),
    columns: String(face.columns),
    pitch: String(face.pitchMm),
    numbering: "rows" as Numbering,
    keyEdge: face.keyEdge,
    keying: connector.keying ?? "",
    gender: connector.gender ?? "",
    housing: connector.housing ?? "",
  });
  const [fault, setFault] = useState<string | null>(null);
  const set = (key: keyof typeof form) => (event: { target: { value: string } }) =>
    setForm({ ...form, [key]: event.target.value });
  const send = (event: FormEvent) => {
    event.preventDefault();
    const [rows, columns, pitchMm] = [Number(form.rows), Number(form.columns), Number(form.pitch.replace(",", "."))];
    if (!Number.isInteger(rows) || rows < 1 || rows > 40 || !Number.isInteger(columns) || columns < 1 || columns > 60)
      return setFault("Rows from 1 to 40, columns from 1 to 60");
    if (!(pitchMm >= 0.5 && pitchMm <= 30)) return setFault("A pitch from 0.5 to 30 mm");
    if (rows * columns < cavities.length)
      return setFault(`${rows} × ${columns} is ${rows * columns}, and the connector has ${cavities.length} cavities`);
    setFault(null);
    const next: Face = {
      rows,
      columns,
      pitchMm,
      keyEdge: form.keyEdge,
      cells: layFace(cavities, rows, columns, form.numbering),
    };
    job.change(`Face of ${connector.label}`, [
      updateOp("connector", connector.id, connector, {
        face: next,
        keying: form.keying.trim() || null,
        gender: GENDERS.find((one) => one === form.gender) ?? null,
        housing: form.housing.trim() || null,
      }),
    ]);
  };
  return (
    <form onSubmit={send} className="no-print mt-5 border-t border-rule pt-3" noValidate>
      <h3 className="mb-2 text-[13px] font-bold">As it is moulded, seen from the wire side</h3>
      <div className="grid grid-cols-4 gap-3 max-xl:grid-cols-2">
        <Field label="Rows">
          <input className="field" inputMode="numeric" value={form.rows} onChange={set("rows")} />
        </Field>
        <Field label="Columns">
          <input className="field" inputMode="numeric" value={form.columns} onChange={set("columns")} />
        </Field>
        <Field label="Pitch, mm">
          <input className="field" inputMode="decimal" value={form.pitch} onChange={set("pitch")} />
        </Field>
        <Field label="Counted">
          <select className="field" value={form.numbering} onChange={set("numbering")}>
            {(Object.keys(NUMBERINGS) as Numbering[]).map((one) => (
              <option key={one} value={one}>
                {NUMBERINGS[one]}
              </option>
            ))}
          </select>
        </Field>
        <Field label="Key or latch at the">
          <select className="field" value={form.keyEdge} onChange={set("keyEdge")}>
            {["top", "bottom", "left", "right"].map((one) => (
              <option key={one}>{one}</option>
            ))}
          </select>
        </Field>
        <Field label="Keying">
          <input className="field" value={form.keying} placeholder="A, or the lugs counted" onChange={set("keying")} />
        </Field>
        <Field label="Gender">
          <select className="field" value={form.gender} onChange={set("gender")}>
            <option value="">not looked at</option>
            {GENDERS.map((one) => (
              <option key={one}>{one}</option>
            ))}
          </select>
        </Field>
        <Field label="Housing colour">
          <input className="field" value={form.housing} onChange={set("housing")} />
        </Field>
      </div>
      <p className="mt-3 flex items-center gap-3">
        <Button type="submit">Keep the face</Button>
        {fault !== null && (
          <span role="alert" className="text-[13px] font-semibold text-stop">
            {fault}
          </span>
        )}
      </p>
    </form>
  );
}
