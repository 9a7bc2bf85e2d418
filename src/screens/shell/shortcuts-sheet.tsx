"use client";

import { Dialog } from "@/ui/dialog";

const SHORTCUTS: readonly (readonly [group: string, readonly (readonly [keys: string, does: string])[]])[] = [
  [
    "Anywhere",
    [
      ["N", "go to what holds the job back"],
      ["Ctrl K", "find a cavity, circuit, link or step"],
      ["0  1 … 8", "where the job stands; a stage"],
      ["I", "all that is known of the cavity that you are at"],
      ["H", "history"],
      ["Ctrl Z", "undo your last change"],
      ["Ctrl Y", "redo it"],
      ["?", "this sheet"],
    ],
  ],
  [
    "Pin tables",
    [
      ["↑ ↓", "from row to row"],
      ["K then Enter", "correct a kind: its list opens on the proposal"],
      ["Q then Enter", "correct a quantity"],
      ["C", "confirm the guess of this row"],
      ["O", "one at a time: Y right, A all alike, L later; so in inventory and confusable connectors"],
      ["/", "search"],
    ],
  ],
  [
    "Harness and faces",
    [
      ["↑ ↓", "from part to part"],
      ["A", "add a part"],
      ["W", "add a wire"],
      ["← → ↑ ↓", "on a face: from cavity to cavity"],
      ["S", "turn the face over"],
      ["+ −", "larger, smaller"],
    ],
  ],
  [
    "Variants, inventory, confusable connectors",
    [
      ["B, T", "the job's wire lies on the bench, or the other table's"],
      ["P M D R", "present, missing, damaged, replaced"],
      ["C", "pair checked at installation"],
    ],
  ],
  [
    "Triage",
    [
      ["↑ ↓", "from wire to wire"],
      ["E", "keep"],
      ["R", "remove; refused where something kept would stop"],
      ["P L M", "cap off, lengthen, move"],
      ["A", "what is free and may go together: asks first"],
      ["Del", "decide anew"],
    ],
  ],
  [
    "Map",
    [
      ["↑ ↓", "from function to function, from line to line"],
      ["O", "the next function that is not whole"],
      ["Enter", "the circuit of the function's link; open or close the line"],
      ["Y", "accept its link"],
      ["B", "use a link by hand that fails in the solved plan"],
      ["C", "carry out the first cure that clears what the solved plan found, and adds nothing"],
      ["U  S", "fill its gap the cheapest way; sign to live without it"],
      ["X", "the function is not wanted; refuse the line"],
      ["A", "links that wire alone makes and that are sure: asks first"],
      ["P", "pair two cavities by hand"],
    ],
  ],
  [
    "Power",
    [
      ["↑ ↓", "from finding to finding"],
      ["Y", "accept what is tried"],
      ["Esc", "discard it, or close a path"],
    ],
  ],
  [
    "Prove",
    [
      ["↑ ↓", "from step to step"],
      ["Enter", "keep the reading and go on"],
    ],
  ],
];

export function ShortcutsSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} title="Keys" wide>
      <div className="grid grid-cols-2 gap-6 max-md:grid-cols-1">
        {SHORTCUTS.map(([group, keys]) => (
          <section key={group}>
            <h3 className="wide mb-1 text-sm">{group}</h3>
            <dl className="grid grid-cols-[110px_1fr] gap-x-3 gap-y-1">
              {keys.map(([key, does]) => (
                <div key={key} className="contents">
                  <dt className="font-mono text-[13px] font-semibold">{key}</dt>
                  <dd>{does}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </div>
    </Dialog>
  );
}
