import { createContext, useContext } from "react";
import type { Side } from "@/core/forms";

/** The side whose table is shown. */
export const PinSide = createContext<Side>("donor");
export const usePinSide = () => useContext(PinSide);
