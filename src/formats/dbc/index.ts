export { type DecodedFrame, decodeLog, type LogIssue } from "./decode";
export { dbcIssueWords, logIssueWords } from "./issues";
export { dbcText, readDbc } from "./read";
export { bitPlaceOf, type SentMessages, sentMessages } from "./sent";
export type { Dbc, DbcIssue, DbcIssueCode, DbcMessage, DbcSignal } from "./types";
export { writeDbc } from "./write";
