"use client";

import type { HarnessPart } from "@/core/harness";
import { elementText } from "@/core/words";
import type { PartRow } from "@/job/schema";
import { Button } from "@/ui/controls";
import { ElementForm } from "./element-form";

const MOST_SHOWN = 80;

interface Props {
  readonly part: HarnessPart;
  readonly onTell: (label: string, elements: PartRow["elements"]) => void;
}

/** What goes on inside of a part: its elements, and a form for one more. */
export function PartInside({ part, onTell }: Props) {
  // A computer's behaviour follows from its cavities; its elements are not for people to change one by one.
  const open = part.type !== "computer";
  const elements = rowElements(part);
  return (
    <>
      <h3 className="mt-5 mb-1 text-[13px] font-bold">What goes on inside</h3>
      {part.elements.length === 0 && <p className="text-ink2">{insideUnknown(part.type)}</p>}
      <ul className="text-[13px]">
        {elements.slice(0, MOST_SHOWN).map((element) => (
          <li key={element.id} className="flex items-center gap-2 border-b border-rule py-1">
            <span className="w-28 truncate font-mono font-semibold">{element.id}</span>
            <span className="flex-1">{elementText(element)}</span>
            {open && (
              <Button
                className="h-8!"
                onClick={() =>
                  onTell(
                    `Remove ${element.id} from ${part.label}`,
                    elements.filter((one) => one !== element),
                  )
                }
                aria-label={`Remove ${element.id}`}
              >
                Remove
              </Button>
            )}
          </li>
        ))}
        {elements.length > MOST_SHOWN && <li className="py-1 text-ink2">{elements.length - MOST_SHOWN} more</li>}
      </ul>
      {open && part.terminals.length > 0 && (
        <ElementForm
          part={part}
          onAdd={(element) => onTell(`${element.id} in ${part.label}`, [...elements, element])}
        />
      )}
    </>
  );
}

/** A part's elements as rows of their own. */
export const rowElements = ({ elements }: Pick<HarnessPart, "elements">): PartRow["elements"] =>
  elements.map((one) => structuredClone(one) as PartRow["elements"][number]);

function insideUnknown(type: string): string {
  if (type === "in-line") return "Each cavity leads into its opposite.";
  return type === "computer" ? "It follows from the forms of its cavities." : "Nothing is known of it.";
}
