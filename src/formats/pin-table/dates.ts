const MONTH = "(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec|m(?:ä|a)r|mai|okt|dez)[a-zä]*\\.?";
const DATES = [
  new RegExp(`^\\d{1,2}[-/. ]${MONTH}(?:[-/. ]\\d{2,4})?$`, "i"),
  new RegExp(`^${MONTH}[-/. ]\\d{1,4}$`, "i"),
  /^\d{4}-\d\d-\d\d(?:[T ].*)?$/,
  /^\d{1,2}[./]\d{1,2}[./](?:19|20)\d\d$/,
];

/** What a spreadsheet makes of a label such as `5-1` or `3/12`, and writes into a file: `5-Jan`, `2026-01-05`. */
export const isDateText = (text: string): boolean => DATES.some((pattern) => pattern.test(text.trim()));
