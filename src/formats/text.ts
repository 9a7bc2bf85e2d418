/** Bytes of a table or document may be no larger than this (contracts/pin-table.md). */
export const MAX_BYTES = 10_000_000;

export type TextResult =
  | { readonly ok: true; readonly text: string; readonly encoding: "utf-8" | "utf-16" | "windows-1252" }
  | { readonly ok: false; readonly code: "too-large" | "not-text" };

/** UTF-8 with or without mark, UTF-16 with its mark, else Windows-1252. Binary data is told from text and refused. */
export function decodeText(bytes: Uint8Array): TextResult {
  if (bytes.byteLength > MAX_BYTES) return { ok: false, code: "too-large" };
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return decoded(new TextDecoder("utf-16le").decode(bytes), "utf-16");
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return decoded(new TextDecoder("utf-16be").decode(bytes), "utf-16");
  try {
    return decoded(new TextDecoder("utf-8", { fatal: true }).decode(bytes), "utf-8");
  } catch {
    return decoded(decodeWindows1252(bytes), "windows-1252");
  }
}

/** Windows-1252 for the bytes 0x80 … 0x9F; elsewhere it is Latin-1. Undefined bytes stay control characters. */
const WINDOWS_1252 = "€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ";

/** By hand, because this Node.js reads the label `windows-1252` as Latin-1 and a browser does not. */
function decodeWindows1252(bytes: Uint8Array): string {
  const latin1 = new TextDecoder("latin1").decode(bytes);
  return latin1.replace(/[\u0080-\u009f]/g, (char) => WINDOWS_1252[char.charCodeAt(0) - 0x80] ?? char);
}

function decoded(text: string, encoding: "utf-8" | "utf-16" | "windows-1252"): TextResult {
  // An end-of-file mark of old editors is no content.
  const trimmed = text.endsWith("\u001a") ? text.slice(0, -1) : text;
  // biome-ignore lint/suspicious/noControlCharactersInRegex: control characters are what tells binary data from text
  const controls = trimmed.match(/[\u0000-\u0008\u000e-\u001f\u007f-\u009f\ufffe\uffff]/g)?.length ?? 0;
  if (trimmed.includes("\u0000") || controls > 2 + trimmed.length / 500) return { ok: false, code: "not-text" };
  return { ok: true, text: trimmed, encoding };
}
