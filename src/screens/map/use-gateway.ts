import { useMemo } from "react";
import { type BusLoad, type BusValueAt, busLoad, gatewayTable, longestStub, type RelayRow } from "@/core/gateway";
import type { Line } from "@/core/plan";
import { type SentMessages, sentMessages } from "@/formats/dbc";
import { busValues, gatewayWires, messagesOn, relayChoices } from "@/job/bus-ops";
import type { PinView } from "../shell/derive";
import { useJob } from "../shell/job-provider";

/** A bus whose values are known, as far as a gateway and a meter have to do with it. */
export interface BusTold {
  readonly pin: PinView;
  readonly load: BusLoad;
  /** Connectors on it that are terminated, and those of which nobody knows. */
  readonly ended: number;
  readonly open: number;
  /** m; null without a bitrate. */
  readonly stub: number | null;
}

export interface Gateway {
  readonly rows: readonly RelayRow[];
  /** What is sent on each bus, as files to set a gateway up by. */
  readonly sends: readonly SentMessages[];
  readonly buses: readonly BusTold[];
  /** Links from bus to bus: joined by wire, or kept apart. */
  readonly joints: readonly Line[];
  /** Values of the host that are not sent: they may be. */
  readonly others: readonly BusValueAt[];
  /** Messages of which no value means anything to a wire, by side. */
  readonly unknown: readonly BusValueAt[];
}

/** The gateway between the two networks; null where the job has nothing of one. */
export function useGateway(): Gateway | null {
  const { document, plan, pins } = useJob();
  const { busSignals, connectors, relayed } = document;
  return useMemo(() => {
    const values = busValues({ busSignals, pins: document.pins, connectors });
    const wires = gatewayWires(plan.lines);
    if (values.length + wires.length === 0) return null;
    const rows = gatewayTable(values, wires, relayChoices({ relayed }));
    const inTable = new Set(rows.map(({ id }) => id));
    const meant = new Set(values.flatMap((one) => (one.quantity === null ? [] : [messageKey(one)])));
    const carriers = new Set(busSignals.map(({ pinId }) => pinId));
    return {
      rows,
      sends: sentMessages(rows, busSignals),
      buses: pins.filter(({ row }) => carriers.has(row.id)).map((pin) => busTold(pin, pins, busSignals)),
      joints: plan.lines.filter(
        ({ provider, consumer }) => provider.form.kind === "can" && consumer.form.kind === "can",
      ),
      others: values.filter(({ id, quantity }) => quantity !== null && !inTable.has(id)),
      unknown: [
        ...new Map(values.filter((one) => !meant.has(messageKey(one))).map((one) => [messageKey(one), one])).values(),
      ],
    };
  }, [busSignals, document.pins, connectors, relayed, plan.lines, pins]);
}

const messageKey = ({ side, extended, frame }: BusValueAt) => `${side} ${extended} ${frame}`;

function busTold(
  pin: PinView,
  pins: readonly PinView[],
  busSignals: Parameters<typeof messagesOn>[0]["busSignals"],
): BusTold {
  const { row, connector } = pin;
  const bitrate = Number(row.params.bitrate);
  const isKnown = Number.isFinite(bitrate) && bitrate > 0;
  // High and low wire of one connector are one place on the bus.
  const places = new Map<string, string | undefined>();
  for (const one of pins)
    if (
      one.connector.side === connector.side &&
      one.row.kind === "can" &&
      one.row.quantity === row.quantity &&
      one.row.params.terminated !== undefined
    )
      places.set(one.connector.id, one.row.params.terminated);
    else if (one.connector.side === connector.side && one.row.kind === "can" && one.row.quantity === row.quantity)
      places.set(one.connector.id, places.get(one.connector.id));
  const told = [...places.values()];
  return {
    pin,
    load: busLoad(messagesOn({ busSignals }, row.id), isKnown ? bitrate : null),
    ended: told.filter((one) => one === "yes").length,
    open: told.filter((one) => one === undefined).length,
    stub: isKnown ? longestStub(bitrate) : null,
  };
}
