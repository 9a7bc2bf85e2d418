import type { ReactNode } from "react";
import { Button } from "@/ui/controls";
import { Dialog } from "@/ui/dialog";
import { Empty } from "@/ui/states";

interface Props {
  readonly title: string;
  readonly description: string;
  /** What is done together, a line each; said to be none where there are none. */
  readonly lines: readonly ReactNode[];
  readonly listLabel: string;
  readonly none: { readonly title: string; readonly hint: string };
  /** What stands under the list: what is left out, say. */
  readonly more?: ReactNode;
  /** What has to be known before it is done; null where nothing has. */
  readonly waits?: string | null;
  /** `Accept`, `Remove`: said with how many. */
  readonly verb: string;
  readonly onDo: () => void;
  readonly onClose: () => void;
}

/** Asks before something is done with many at once, and lists them. */
export function TogetherDialog(props: Props) {
  const { title, description, lines, listLabel, none, more, waits = null, verb, onDo, onClose } = props;
  const count = lines.length;
  return (
    <Dialog open onClose={onClose} wide title={title} description={description}>
      {count === 0 ? (
        <Empty title={none.title}>
          <p>{none.hint}</p>
        </Empty>
      ) : (
        <Lines label={listLabel}>{lines}</Lines>
      )}
      {more}
      {waits !== null && <p className="mt-3 text-[13px] text-ink2">{waits}</p>}
      {/* Two long lists must not push out of sight what is asked. */}
      <div className="sticky -bottom-5 -mx-1 mt-2 flex flex-wrap gap-2 bg-sheet px-1 py-3">
        <Button
          primary
          disabled={count === 0 || waits !== null}
          onClick={() => {
            onDo();
            onClose();
          }}
        >
          {verb} {count}
        </Button>
        <Button onClick={onClose}>Cancel</Button>
      </div>
    </Dialog>
  );
}

/** A list that scrolls within the dialog. */
export const Lines = ({ label, children }: { label: string; children: ReactNode }) => (
  <ul aria-label={label} className="max-h-64 overflow-auto border-y border-rule" tabIndex={0}>
    {children}
  </ul>
);

/** One of them: its name, and what is said of it. */
export const ListedLine = ({ name, children }: { name: string; children: ReactNode }) => (
  <li className="flex flex-wrap items-baseline gap-x-3 border-b border-rule px-2.5 py-1.5 text-[13px] last:border-b-0">
    <span className="font-mono font-semibold">{name}</span>
    {children}
  </li>
);
