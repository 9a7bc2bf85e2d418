export * from "./kinds";
export * from "./params";
