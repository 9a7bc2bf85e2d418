import { FURTHER } from "./further";
import { NOTES } from "./notes";
import { PLAIN } from "./plain";
import { STANDARDS } from "./standards";
import { STANDARDS_MORE } from "./standards-more";
import type { HeldOutTable } from "./table";
import { TRADE } from "./trade";
import { TRADE_MORE } from "./trade-more";

/** All tables that were written down before they were read. */
export const TABLES: readonly HeldOutTable[] = [
  ...TRADE,
  ...TRADE_MORE,
  ...NOTES,
  ...PLAIN,
  ...FURTHER,
  ...STANDARDS,
  ...STANDARDS_MORE,
];
