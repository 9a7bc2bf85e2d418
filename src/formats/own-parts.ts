import { z } from "zod";
import { partProblems } from "@/core/parts";
import { partFaultText } from "@/core/words";
import { OwnPartRow } from "@/job/schema";

const FORMAT = "pantograph-parts/1";
const OwnPart = OwnPartRow.omit({ id: true });
const PartsFile = z.strictObject({ format: z.literal(FORMAT), parts: z.array(OwnPart).max(2000) });
export type OwnPart = z.infer<typeof OwnPart>;

/** A person's own parts as a file, to be taken into another job. */
export const writeOwnParts = (parts: readonly OwnPartRow[]): string =>
  // Parsed once more, so that keys stand in the schema's order and the same parts are the same bytes.
  `${JSON.stringify(PartsFile.parse({ format: FORMAT, parts: parts.map(({ id: _id, ...part }) => part).toSorted((a, b) => (a.name < b.name ? -1 : 1)) }), null, 2)}\n`;

export type OwnPartsResult =
  | { readonly ok: true; readonly parts: readonly OwnPart[] }
  | { readonly ok: false; readonly message: string; readonly hint: string };

/** Reads such a file; refuses it whole when one part of it is unsound, and names which. */
export function readOwnParts(text: string): OwnPartsResult {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    return {
      ok: false,
      message: `The file is not JSON: ${(error as Error).message}`,
      hint: "Choose a file of parts that was exported here.",
    };
  }
  const parsed = PartsFile.safeParse(json);
  if (!parsed.success) {
    const [issue] = parsed.error.issues;
    return {
      ok: false,
      message: `${issue?.path.join(".") || "file"}: ${issue?.message ?? "not a file of parts"}`,
      hint: `Its format should be “${FORMAT}”, as the export writes it.`,
    };
  }
  for (const part of parsed.data.parts) {
    const [problem] = partProblems(part);
    if (problem !== undefined)
      return {
        ok: false,
        message: `${part.name}: ${partFaultText(problem)}`,
        hint: "Correct it in the file, or export the parts again.",
      };
  }
  return { ok: true, parts: parsed.data.parts };
}
