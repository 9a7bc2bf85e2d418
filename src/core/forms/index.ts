export * from "./form";
export * from "./kinds";
export * from "./params";
