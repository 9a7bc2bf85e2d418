/** A statement with the line on which it begins. */
export interface Statement {
  readonly line: number;
  readonly keyword: string;
  readonly text: string;
  /** A text within it never closes, or its `;` is missing. */
  readonly fault: "text-open" | "end-missing" | null;
}

/** Statements that end with a `;`, which may stand lines later. */
const CLOSED = new Set(
  "CM_ BA_DEF_ BA_ VAL_ CAT_DEF_ CAT_ FILTER BA_DEF_DEF_ EV_DATA_ ENVVAR_DATA_ SGTYPE_ SGTYPE_VAL_ BA_DEF_SGTYPE_ BA_SGTYPE_ SIG_TYPE_REF_ VAL_TABLE_ SIG_GROUP_ SIG_VALTYPE_ SIGTYPE_VALTYPE_ BO_TX_BU_ BA_DEF_REL_ BA_REL_ BA_DEF_DEF_REL_ BA_DEF_SGTYPE_REL_ BU_SG_REL_ BU_EV_REL_ BU_BO_REL_ SG_MUL_VAL_ EV_".split(
    " ",
  ),
);
const LINES = new Set(["VERSION", "NS_", "BS_", "BU_", "BO_", "SG_"]);

export const isKeyword = (word: string): boolean => CLOSED.has(word) || LINES.has(word);

/**
 * The file's statements. One that never ends gives way to the next line that begins with a keyword, so that a mistake
 * costs no more than its own statement. Lines that begin with no keyword are statements of none.
 */
export function statementsOf(text: string): Statement[] {
  const lines = text.split(/\r\n|\r|\n/);
  const found: Statement[] = [];
  for (let at = 0; at < lines.length; ) {
    const line = lines[at] ?? "";
    const keyword = /^\s*([A-Z_]+_|VERSION|FILTER)(?=[\s:;]|$)/.exec(line)?.[1] ?? "";
    if (keyword === "NS_") {
      found.push({ line: at + 1, keyword, text: line, fault: null });
      at += 1;
      // What a file may use is listed there, a word a line, indented.
      while (
        at < lines.length &&
        /^(?:\s+\S.*|\s*)$/.test(lines[at] ?? "") &&
        !/^\s*(?:BS_|BU_|BO_)(?=[\s:])/.test(lines[at] ?? "")
      )
        at += 1;
      continue;
    }
    if (!CLOSED.has(keyword)) {
      if (line.trim() !== "")
        found.push({ line: at + 1, keyword: isKeyword(keyword) ? keyword : "", text: line, fault: null });
      at += 1;
      continue;
    }
    const end = endOf(lines, at);
    found.push({ line: at + 1, keyword, text: lines.slice(at, end.after).join("\n"), fault: end.fault });
    at = end.after;
  }
  return found;
}

/** Behind which line a statement ends: at its `;` outside of texts. */
function endOf(
  lines: readonly string[],
  start: number,
): { readonly after: number; readonly fault: Statement["fault"] } {
  let inText = false;
  for (let at = start; at < lines.length; at++) {
    const line = lines[at] ?? "";
    if (at > start && !inText && isKeyword(/^\s*(\w+)/.exec(line)?.[1] ?? ""))
      return { after: at, fault: "end-missing" };
    for (let place = 0; place < line.length; place++) {
      if (line[place] === "\\" && inText) place += 1;
      else if (line[place] === '"') inText = !inText;
      else if (line[place] === ";" && !inText) return { after: at + 1, fault: null };
    }
  }
  // The rest of the file would be one text: only its first line is given up.
  return { after: start + 1, fault: inText ? "text-open" : "end-missing" };
}
