/** Nodes of the netlist with names of their own. */
export const MINUS = "battery-";
export const PLUS = "battery+";
export const BODY = "body";
/** The engine, gearbox and what is bolted to them: joined to the body by straps alone. */
export const BLOCK = "engine block";
