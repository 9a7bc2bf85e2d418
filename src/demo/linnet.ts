import { readFileSync } from "node:fs";
import path from "node:path";
import { emptyDocument } from "@/job/document";
import type { JobDocument } from "@/job/schema";
import { computerOf, withTable } from "./sample-job";

/** A roadster of points and a dynamo's days that gets a small turbo and a programmable computer with free outputs. */
export function linnetDocument(): JobDocument {
  let document = emptyDocument({
    name: "Linnet",
    host: "1974 Wexcombe Linnet roadster, 1.3 carburettor, manual",
    donor: "2015 Orvane Wren 1.0 turbo three, programmable computer",
    approach: "programmable",
    units: "imperial",
    wishes: "The dash keeps its five gauges as they are. Fuel pump and fan by the computer. It must start in rain.",
  });
  for (const side of ["donor", "host"] as const)
    document = withTable(
      document,
      side,
      readFileSync(path.join(process.cwd(), `src/demo/linnet-${side}.csv`)),
      `src/demo/linnet-${side}.csv`,
    );
  return {
    ...document,
    parts: [
      computerOf(document, ["E1", "E2"], {
        id: "engine-computer",
        side: "donor",
        label: "Programmable computer",
        origin: "programmable, three cylinders, outputs A to D free",
        diagram: "its own pin table",
        note: "",
      }),
    ],
  };
}
