import type { LogIssue } from "./decode";
import type { DbcIssue } from "./types";

/** What is wrong and what to do, in words. */
export function dbcIssueWords({ code, about, other }: DbcIssue): { readonly message: string; readonly hint: string } {
  switch (code) {
    case "message-unreadable":
      return {
        message: `The message line “${clipped(about)}” cannot be read; its signals are left out.`,
        hint: "Write it as BO_ number name: bytes sender.",
      };
    case "message-id":
      return {
        message: `${about} is no identifier: 11 bits, or 29 bits with bit 31 set.`,
        hint: "Correct the number of the message; its signals are left out.",
      };
    case "message-length":
      return {
        message: `${about} is said to have ${other} bytes; a frame has 64 at most.`,
        hint: "Correct its length.",
      };
    case "message-twice":
      return {
        message: `${about} has the identifier of ${other}; the first one stays.`,
        hint: "Give one of them its own identifier.",
      };
    case "signal-unreadable":
      return {
        message: `The signal line “${clipped(about)}” cannot be read.`,
        hint: 'Write it as SG_ name : start|bits@order± (factor,offset) [min|max] "unit" receivers.',
      };
    case "signal-without-message":
      return { message: `${about} stands under no message.`, hint: "Put it under the line of its message." };
    case "signal-twice":
      return { message: `${about} is there twice in its message; the first one stays.`, hint: "Rename one of them." };
    case "signal-bits":
      return { message: `${about} has ${other} bits; 1 to 64 can be read.`, hint: "Correct its length." };
    case "signal-outside":
      return {
        message: `${about} reaches beyond the bytes of ${other}.`,
        hint: "Correct its start, its length, its byte order, or the length of the message.",
      };
    case "signals-overlap":
      return {
        message: `${about} shares bits with ${other}: a change of one reads as a change of the other.`,
        hint: "Correct the start or the length of one of them.",
      };
    case "factor-zero":
      return { message: `${about} has a factor of 0, so its value never changes.`, hint: "Correct its factor." };
    case "limits-crossed":
      return { message: `The lower limit of ${about} is above the upper one.`, hint: "Correct its limits." };
    case "no-selector":
      return {
        message: `${about} is there for one value of a selector, and ${other} has none.`,
        hint: "Mark the selecting signal with M.",
      };
    case "two-selectors":
      return {
        message: `${about} is a second selector of ${other}, and nothing says which signals it selects.`,
        hint: "Add SG_MUL_VAL_ lines.",
      };
    case "text-open":
      return { message: `A text of this ${about} never closes.`, hint: 'Close it with ".' };
    case "end-missing":
      return { message: `This ${about} has no end.`, hint: "End it with ;." };
    case "unknown-line":
      return { message: `“${clipped(about)}” is no line of such a file.`, hint: "Correct or remove the line." };
    case "choices-unreadable":
      return {
        message: `“${clipped(other ?? "")}” among the values of ${about} cannot be read.`,
        hint: 'Write each as number "words".',
      };
    case "no-such-signal":
      return { message: `There is no signal ${about}.`, hint: "Correct the number of the message or the name." };
    case "float-bits":
      return {
        message: `${about} is said to be a floating number and has not its 32 or 64 bits.`,
        hint: "Correct its length or its type; it is read as a whole number.",
      };
  }
}

export function logIssueWords(issue: LogIssue): { readonly message: string; readonly hint: string } {
  return issue.code === "line-unreadable"
    ? {
        message: `“${clipped(issue.written)}” is no line of a log.`,
        hint: "Write it as (seconds) channel ID#DATA, the ID with 3 or 8 hex digits, the data in pairs.",
      }
    : {
        message: `The frame of ${issue.message} has ${issue.bytes} ${issue.bytes === 1 ? "byte" : "bytes"}: too short for ${issue.signals.join(", ")}.`,
        hint: "Check that the file and the vehicle belong together; what is missing is left out.",
      };
}

const clipped = (text: string) => (text.length > 60 ? `${text.slice(0, 59)}…` : text);
