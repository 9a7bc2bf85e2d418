"use client";

import { linkHorizontal } from "d3-shape";
import Link from "next/link";
import type { Band, BandState, Glance } from "@/core/plan";
import { count } from "@/core/words";
import { Empty } from "@/ui/states";
import { useJob } from "../shell/job-provider";

const ROW = 30;
const MOST_ROWS = 14;

/** A band's stroke by its state; the word stands in its title, and under the drawing. */
const STROKES: Readonly<Record<BandState, { readonly dash: string | undefined; readonly colour: string }>> = {
  trouble: { dash: undefined, colour: "var(--stop)" },
  open: { dash: "7 5", colour: "var(--ink2)" },
  decided: { dash: undefined, colour: "var(--ink)" },
};
const STATE_WORDS: Readonly<Record<BandState, string>> = {
  trouble: "to be decided again, or without a way",
  open: "to decide",
  decided: "decided",
};

/** The whole map at a glance: donor's connectors left, host's right, a band for all links between two. */
export function GlanceDrawing({ glance }: { glance: Glance }) {
  const { jobId } = useJob();
  if (glance.bands.length === 0)
    return (
      <Empty title="No link yet">
        <p>Once both tables are here, the connectors of both sides stand here with the links between them.</p>
      </Empty>
    );
  const [donors, hosts] = [glance.donors.slice(0, MOST_ROWS), glance.hosts.slice(0, MOST_ROWS)];
  const rows = Math.max(donors.length, hosts.length);
  const height = rows * ROW + 8;
  const place = (list: typeof donors) =>
    new Map(list.map(([name], at) => [name, ((at + 0.5) * height) / list.length] as const));
  const [left, right] = [place(donors), place(hosts)];
  const more = glance.donors.length - donors.length + (glance.hosts.length - hosts.length);
  const shown = glance.bands.flatMap((band) => {
    const [from, to] = [left.get(band.donor), right.get(band.host)];
    return from === undefined || to === undefined ? [] : [{ band, from, to }];
  });
  return (
    <>
      <svg
        viewBox={`0 0 600 ${height}`}
        className="mx-auto block w-full max-w-[660px]"
        role="group"
        aria-label="Links between connectors"
      >
        {shown.map(({ band, from, to }) => (
          <BandLink key={`${band.donor} ${band.host}`} jobId={jobId} band={band} from={from} to={to} />
        ))}
        {donors.map(([name, links]) => (
          <ConnectorName key={name} name={name} links={links} y={left.get(name) ?? 0} side="donor" />
        ))}
        {hosts.map(([name, links]) => (
          <ConnectorName key={name} name={name} links={links} y={right.get(name) ?? 0} side="host" />
        ))}
      </svg>
      <details className="border-t border-rule px-3">
        <summary className="flex min-h-10 cursor-pointer items-center text-[13px] font-semibold">
          The same as a list: {count(glance.bands.length, "pair of connectors", "pairs of connectors")}
        </summary>
        <ul aria-label="Links between connectors">
          {glance.bands.map((band) => (
            <li key={`${band.donor} ${band.host}`}>
              <Link
                href={addressOf(jobId, band)}
                className="flex min-h-10 items-center border-t border-rule font-mono text-[13px] underline decoration-rule2 underline-offset-4"
              >
                {labelOf(band)}
              </Link>
            </li>
          ))}
        </ul>
      </details>
      <p className="px-3 pb-2 text-[13px] text-ink2">
        Full line decided, dashed to decide, red to be decided again. The thicker, the more links
        {more > 0 ? `; ${count(more, "more connector")} with fewer links` : ""}.
      </p>
    </>
  );
}

const curve = linkHorizontal<{ from: [number, number]; to: [number, number] }, [number, number]>()
  .source(({ from }) => from)
  .target(({ to }) => to);

const addressOf = (jobId: string, { lineKey }: Band) => `/jobs/${jobId}/map?line=${encodeURIComponent(lineKey)}`;
const labelOf = ({ donor, host, links, state }: Band) =>
  `${donor} to ${host}: ${count(links, "link")}, ${STATE_WORDS[state]}`;

function BandLink({ jobId, band, from, to }: { jobId: string; band: Band; from: number; to: number }) {
  const d = curve({ from: [170, from], to: [430, to] }) ?? "";
  const { dash, colour } = STROKES[band.state];
  // For a mouse; the list beside it is for fingers and keys.
  return (
    <Link href={addressOf(jobId, band)} tabIndex={-1}>
      <title>{labelOf(band)}</title>
      <path d={d} fill="none" stroke="transparent" strokeWidth="16" />
      <path
        d={d}
        fill="none"
        stroke={colour}
        strokeWidth={Math.min(12, 1.5 + 1.5 * band.links)}
        strokeDasharray={dash}
        strokeOpacity="0.75"
      />
    </Link>
  );
}

function ConnectorName({ name, links, y, side }: { name: string; links: number; y: number; side: "donor" | "host" }) {
  const text = name.length > 17 ? `${name.slice(0, 16)}…` : name;
  const isDonor = side === "donor";
  return (
    <g>
      <rect
        x={isDonor ? 4 : 430}
        y={y - 12}
        width="166"
        height="24"
        rx={isDonor ? 11 : 0}
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth="1.5"
      />
      {!isDonor && <path d={`M596 ${y - 12}v24`} stroke="var(--ink)" strokeWidth="5" />}
      <text
        x={isDonor ? 14 : 440}
        y={y + 4.5}
        fill="var(--ink)"
        className="font-mono"
        style={{ fontSize: 13, fontWeight: 600 }}
      >
        {text}
        <title>{name}</title>
      </text>
      <text
        x={isDonor ? 160 : 584}
        y={y + 4.5}
        textAnchor="end"
        fill="var(--ink2)"
        className="font-mono"
        style={{ fontSize: 13 }}
      >
        {links}
      </text>
    </g>
  );
}
