import type { RefObject } from "react";

/** What a table may come as. */
export const TABLE_FILES =
  ".csv,.tsv,.txt,.xlsx,.ods,.xls,.dbc,text/csv,text/plain,application/vnd.openxmlformats-officedocument.spreadsheetml.sheet,application/vnd.oasis.opendocument.spreadsheet";
export const JSON_FILES = ".json,application/json";

interface Props {
  /** Names it for who does not see the button that opens it. */
  readonly label: string;
  /** Kinds of file, as the browser's own field takes them. */
  readonly accept: string;
  readonly field: RefObject<HTMLInputElement | null>;
  readonly onChoose: (file: File) => void;
}

/** The browser's field for one file, out of sight: a button of ours opens it. The same file can be chosen again. */
export function FileField({ label, accept, field, onChoose }: Props) {
  return (
    <input
      ref={field}
      type="file"
      accept={accept}
      aria-label={label}
      className="hidden-text"
      tabIndex={-1}
      onChange={(event) => {
        const [chosen] = event.target.files ?? [];
        event.target.value = "";
        if (chosen) onChoose(chosen);
      }}
    />
  );
}
