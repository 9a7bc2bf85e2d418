"use client";

import { Command } from "cmdk";
import { Popover } from "radix-ui";
import { type KeyboardEvent, type ReactNode, useState } from "react";

/** Opens a cell's editor by Enter, or by the first character that is typed into it. Other keys are the page's. */
function opensWith({ key, ctrlKey, metaKey, altKey }: KeyboardEvent): string | null {
  if (ctrlKey || metaKey || altKey) return null;
  if (key === "Enter" || key === "F2") return "";
  return key.length === 1 && key !== " " ? key : null;
}

/** The arrow keys go from cell to cell, as in any table. */
function moveFocus(event: KeyboardEvent<HTMLElement>): boolean {
  const { key, currentTarget } = event;
  if (!/^Arrow/.test(key)) return false;
  const row = currentTarget.closest("[role=row]");
  const cells = (of: Element | null | undefined) => [...(of?.querySelectorAll<HTMLElement>("[data-cell]") ?? [])];
  const at = cells(row).indexOf(currentTarget);
  if (key === "ArrowLeft" || key === "ArrowRight") cells(row)[at + (key === "ArrowLeft" ? -1 : 1)]?.focus();
  else {
    const rows = [...(row?.closest("[role=table]")?.querySelectorAll("[role=row]") ?? [])];
    const step = key === "ArrowUp" ? -1 : 1;
    cells(rows[rows.indexOf(row as Element) + step])[at]?.focus();
  }
  return true;
}

interface CellProps {
  /** What is edited: `Colour of C1-4`. */
  readonly label: string;
  readonly value: string;
  readonly show: ReactNode;
  /** What stands there while nobody has written anything. */
  readonly usual?: string;
  readonly guessed?: boolean;
}

function ShownCell({
  label,
  value,
  show,
  usual,
  guessed = false,
  onOpen,
}: CellProps & { onOpen: (typed: string) => void }) {
  return (
    <button
      type="button"
      data-cell=""
      aria-label={`${label}: ${value || usual || "none"}; edit`}
      className="flex min-h-10 w-full min-w-0 items-center text-left"
      onClick={() => onOpen("")}
      onKeyDown={(event) => {
        const typed = opensWith(event);
        if (typed === null && !moveFocus(event)) return;
        event.preventDefault();
        event.stopPropagation();
        if (typed !== null) onOpen(typed);
      }}
    >
      {guessed ? <span className="min-w-0 border-b-2 border-dotted border-ink2">{show}</span> : show}
    </button>
  );
}

/** A text that becomes a field where it stands; Enter or leaving saves, Escape leaves it as it was. */
export function TextCell({ onSave, ...cell }: CellProps & { onSave: (text: string) => string | null }) {
  const { label, value } = cell;
  const [typed, setTyped] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  // What the person saw when they began: where someone else has changed it since, it is not written over unasked.
  const [began, setBegan] = useState(value);
  if (typed === null) {
    const open = (first: string) => {
      setBegan(value);
      setTyped(first || value);
    };
    return <ShownCell {...cell} onOpen={open} />;
  }
  const save = () => {
    const text = typed.trim();
    if (value !== began && text !== value) {
      setBegan(value);
      setFault(`Meanwhile it became “${value.slice(0, 60)}”. Enter replaces it, Escape keeps it.`);
      return;
    }
    const said = text === value ? null : text.length > 10_000 ? "At most 10,000 characters" : onSave(text);
    setFault(said);
    if (said === null) setTyped(null);
  };
  return (
    <span className="relative block w-full">
      <input
        // biome-ignore lint/a11y/noAutofocus: the person has just asked for this field
        autoFocus
        aria-label={label}
        aria-invalid={fault !== null}
        className="field px-1.5"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={save}
        onKeyDown={(event) => {
          if (event.key === "Enter") save();
          if (event.key === "Escape") {
            setTyped(null);
            setFault(null);
          }
        }}
      />
      {fault !== null && (
        <span
          role="alert"
          className="absolute top-full left-0 z-20 border border-stop bg-sheet px-2 py-1 text-[13px] font-semibold whitespace-nowrap text-stop"
        >
          {fault}
        </span>
      )}
    </span>
  );
}

export interface Choice<K extends string> {
  readonly key: K;
  readonly words: string;
  /** How much speaks for it, 0 … 1, where something does. */
  readonly confidence?: number;
}

/** A text that opens to the choices in its place, what fits first on top; typing narrows them. */
export function ChoiceCell<K extends string>({
  choices,
  onChoose,
  name,
  ...cell
}: CellProps & { choices: readonly Choice<K>[]; onChoose: (key: K) => void; name?: string }) {
  const [typed, setTyped] = useState<string | null>(null);
  // A table has hundreds of these: what opens is made when it opens.
  if (typed === null)
    return (
      <span className="block w-full min-w-0" data-choice={name}>
        <ShownCell {...cell} onOpen={setTyped} />
      </span>
    );
  const choose = (key: K) => {
    setTyped(null);
    onChoose(key);
  };
  return (
    <Popover.Root open onOpenChange={(open) => !open && setTyped(null)}>
      <Popover.Anchor asChild>
        <span className="block w-full min-w-0" data-choice={name}>
          <ShownCell {...cell} onOpen={setTyped} />
        </span>
      </Popover.Anchor>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={-40}
          collisionPadding={8}
          className="z-50 w-64 border-[1.5px] border-ink bg-sheet"
        >
          <Choices label={cell.label} choices={choices} typed={typed} onType={setTyped} onChoose={choose} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

interface ChoicesProps<K extends string> {
  readonly label: string;
  readonly choices: readonly Choice<K>[];
  readonly typed: string;
  readonly onType: (text: string) => void;
  readonly onChoose: (key: K) => void;
}

function Choices<K extends string>({ label, choices, typed, onType, onChoose }: ChoicesProps<K>) {
  const terms = typed.toLowerCase().split(/\s+/);
  const fitting = choices.filter(({ words }) => terms.every((term) => words.toLowerCase().includes(term)));
  return (
    <Command shouldFilter={false} label={label}>
      <Command.Input autoFocus value={typed} onValueChange={onType} aria-label={label} className="field border-0" />
      <Command.List className="max-h-64 overflow-auto border-t border-rule">
        <Command.Empty className="px-3 py-2 text-ink2">No such word.</Command.Empty>
        {fitting.map((one) => (
          <Command.Item
            key={one.key}
            value={one.key}
            onSelect={() => onChoose(one.key)}
            className="flex min-h-10 cursor-pointer items-center gap-2 px-3 text-[13px] data-[selected=true]:bg-ink data-[selected=true]:text-bench"
          >
            <span className="flex-1">{one.words}</span>
            {one.confidence !== undefined && (
              <span className="font-mono opacity-70">{Math.round(100 * one.confidence)} %</span>
            )}
          </Command.Item>
        ))}
      </Command.List>
    </Command>
  );
}
