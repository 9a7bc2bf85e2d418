export { type BusLoad, busLoad, frameBits, longestStub, type Sent } from "./load";
export {
  type BusValueAt,
  gatewayTable,
  type RelayChoice,
  type RelayFault,
  type RelayOrigin,
  type RelayRow,
  SILENT,
  type Silent,
  stopsRelay,
  type WireServed,
} from "./table";
export { type Conversion, type ConversionFault, conversionOf } from "./units";
