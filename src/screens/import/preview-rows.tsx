import { KNOWN_FROM } from "@/core/intake";
import { intakeReasonText, KIND_WORDS, quantityWords } from "@/core/words";
import type { TablePin } from "@/formats/pin-table";
import { VirtualList } from "@/ui/virtual-list";
import { Wire } from "@/ui/wire";

const COLUMNS =
  "grid grid-cols-[140px_70px_140px_70px_minmax(140px,1fr)_minmax(220px,1.2fr)] gap-2 px-3 items-center min-w-[860px]";
const HEADS = ["Connector", "Cavity", "Colour", "mm²", "Description", "What it is, what it carries, why"];

/** The rows as they were read, with what is proposed of each. */
export function PreviewRows({ pins }: { pins: readonly TablePin[] }) {
  return (
    <section className="flex h-[46vh] border border-rule2 bg-sheet">
      <VirtualList
        label="Rows read"
        items={pins}
        keyOf={(pin) => JSON.stringify([pin.connector, pin.cavity])}
        heightOf={() => 44}
        width={1000}
        current={null}
        head={
          <div
            className={`${COLUMNS} sticky top-0 z-10 h-9 border-b-[1.5px] border-rule2 bg-sheet text-[13px] font-semibold text-ink2`}
          >
            {HEADS.map((head) => (
              <span key={head} className={head === "mm²" ? "text-right" : undefined}>
                {head}
              </span>
            ))}
          </div>
        }
      >
        {(pin) => <PreviewRow pin={pin} />}
      </VirtualList>
    </section>
  );
}

function PreviewRow({ pin }: { pin: TablePin }) {
  const { colour, kind, quantity } = pin;
  const known = kind.confidence >= KNOWN_FROM;
  return (
    <div className={`${COLUMNS} h-full border-b border-rule`}>
      <span className="truncate font-mono text-[13px]">{pin.connector}</span>
      <span className="truncate font-mono text-[13px] font-semibold">{pin.cavity}</span>
      <Wire colour={colour?.written ?? null} base={colour?.base ?? null} tracer={colour?.tracer ?? null} />
      <span className="text-right font-mono text-[13px]">{pin.sizeMm2 ?? ""}</span>
      <span className="truncate" title={pin.description ?? ""}>
        {pin.description}
      </span>
      <span className="min-w-0" title={`${intakeReasonText(kind.why)}. ${intakeReasonText(quantity.why)}`}>
        <span className="block truncate">
          <strong className="font-semibold">{KIND_WORDS[known ? kind.value : "unknown"]}</strong>{" "}
          {known ? quantityWords(quantity.value) : ""}
        </span>
        <span className="block truncate text-[13px] text-ink2">
          {kind.source === "given"
            ? "given in the table"
            : `proposed, ${Math.round(kind.confidence * 100)} %: ${intakeReasonText(kind.why)}`}
        </span>
      </span>
    </div>
  );
}
