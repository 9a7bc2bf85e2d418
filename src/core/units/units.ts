/** In which a job is read and written; kept, everything is in SI. */
export type Units = "metric" | "imperial";
