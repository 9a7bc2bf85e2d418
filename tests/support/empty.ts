import { emptyDocument } from "@/job/document";

/** A job in which nothing is yet. */
export const EMPTY = emptyDocument({
  name: "Job",
  host: "Host",
  donor: "Donor",
  approach: "merged",
  units: "metric",
  wishes: "",
});
