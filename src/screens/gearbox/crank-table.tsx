import { CRANK_KEYS, type CrankRow, type CrankTable as Table } from "@/core/transmission";
import { capital, keyWords, standText } from "@/core/words";

/** Every way of standing with the key in crank; the other positions of the key in a line each. */
export function CrankTable({ table }: { table: Table }) {
  const { axes, rows } = table;
  const cranked = rows.filter(({ key }) => key === "crank");
  const stands = cranked.filter(({ range }) => range === axes.ranges[0]);
  const at = (stand: CrankRow, range: string | null) =>
    cranked.find(
      (row) =>
        row.range === range &&
        row.clutch === stand.clutch &&
        row.brake === stand.brake &&
        row.security === stand.security,
    );
  const others = CRANK_KEYS.filter((key) => key !== "crank");
  return (
    <div className="flex flex-wrap items-start gap-x-10 gap-y-3">
      <table className="text-left" aria-label="With the key in crank">
        <thead className="text-[13px] text-ink2">
          <tr>
            <th className="py-1 pr-4 font-semibold">Key in crank</th>
            {axes.ranges.map((range) => (
              <th key={range} className="w-24 text-center font-mono text-lg font-semibold text-ink">
                {range ?? "starter"}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {stands.map((stand) => (
            <tr key={standText(stand)} className="border-t border-rule">
              <th className="py-1 pr-4 font-normal">{capital(standText({ ...stand, range: null }))}</th>
              {axes.ranges.map((range) => {
                const row = at(stand, range);
                return row === undefined ? <td key={range} /> : <Cell key={range} row={row} />;
              })}
            </tr>
          ))}
        </tbody>
      </table>
      <ul className="text-[13px]" aria-label="Other positions of the key">
        {others.map((key) => {
          const wrong = rows.filter((row) => row.key === key && row.cranks);
          return (
            <li key={key} className={wrong.length > 0 ? "font-semibold text-stop" : "text-ink2"}>
              {keyWords[key]}: {wrong.length === 0 ? "never cranks" : `cranks ${wrong.map(standText).join("; ")}`}
            </li>
          );
        })}
      </ul>
    </div>
  );
}

function Cell({ row }: { row: CrankRow }) {
  const wrong = row.cranks !== row.wanted;
  return (
    <td
      className={`h-10 border-l border-rule px-1 text-center ${wrong ? "bg-warnfill font-bold text-stop" : row.cranks ? "font-semibold" : "text-ink2"}`}
      data-cranks={`${row.range ?? "-"} ${row.clutch ?? "-"} ${row.brake ?? "-"} ${row.security ?? "-"}`}
    >
      {row.cranks ? "cranks" : "–"}
      {wrong && <span className="block text-[13px]">{row.cranks ? "must not" : "should"}</span>}
    </td>
  );
}
