import type { DbcMessage, DbcSignal } from "./types";

const NOBODY = "Vector__XXX";
const quoted = (text: string) => `"${text.replace(/["\\]/g, "\\$&")}"`;

/** Messages as a DBC file; read back they are the same. */
export function writeDbc(messages: readonly DbcMessage[]): string {
  const units = [
    ...new Set(
      messages.flatMap(({ sender, signals }) => [sender ?? [], ...signals.map((one) => one.receivers)].flat()),
    ),
  ];
  return `${[
    'VERSION ""',
    "",
    "NS_ :",
    "",
    "BS_:",
    "",
    `BU_:${units.map((unit) => ` ${unit}`).join("")}`,
    "",
    ...messages.flatMap((message) => [...messageLines(message), ""]),
    ...periodLines(messages),
    ...messages.flatMap((message) => message.signals.flatMap((signal) => laterLines(message, signal))),
  ].join("\n")}\n`;
}

const numberOf = ({ id, extended }: DbcMessage) => (extended ? id + 0x8000_0000 : id);

const messageLines = (message: DbcMessage): string[] => [
  `BO_ ${numberOf(message)} ${message.name}: ${message.bytes} ${message.sender ?? NOBODY}`,
  ...message.signals.map(signalLine),
];

function signalLine(signal: DbcSignal): string {
  const { name, startBit, bits, order, signed, factor, offset, min, max, unit, receivers, multiplex } = signal;
  const mux = multiplex === null ? "" : multiplex === "selector" ? " M" : ` m${multiplex}${signal.isNested ? "M" : ""}`;
  const place = `${startBit}|${bits}@${order === "little" ? 1 : 0}${signed ? "-" : "+"}`;
  return ` SG_ ${name}${mux} : ${place} (${factor},${offset}) [${min ?? 0}|${max ?? 0}] ${quoted(unit)} ${receivers.length === 0 ? NOBODY : receivers.join(",")}`;
}

/** How often each is sent, in the attribute that such files have for it. */
function periodLines(messages: readonly DbcMessage[]): string[] {
  const told = messages.flatMap((one) =>
    one.periodMs === null ? [] : [`BA_ "GenMsgCycleTime" BO_ ${numberOf(one)} ${one.periodMs};`],
  );
  return told.length === 0
    ? []
    : ['BA_DEF_ BO_ "GenMsgCycleTime" FLOAT 0 600000;', 'BA_DEF_DEF_ "GenMsgCycleTime" 0;', ...told];
}

function laterLines(message: DbcMessage, { name, choices, isFloat, bits, selectedBy }: DbcSignal): string[] {
  const at = `${numberOf(message)} ${name}`;
  const list = Object.entries(choices).map(([value, words]) => `${value} ${quoted(words)}`);
  return [
    ...(list.length === 0 ? [] : [`VAL_ ${at} ${list.join(" ")} ;`]),
    ...(isFloat ? [`SIG_VALTYPE_ ${at} : ${bits === 32 ? 1 : 2};`] : []),
    ...(selectedBy === null
      ? []
      : [
          `SG_MUL_VAL_ ${at} ${selectedBy.selector} ${selectedBy.spans.map(([from, to]) => `${from}-${to}`).join(", ")};`,
        ]),
  ];
}
