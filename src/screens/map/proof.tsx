import type { WayProof } from "@/core/power";
import { proofText } from "@/core/words";
import { useJob } from "../shell/job-provider";

/** What the solved plan says of a way; nothing while it is being solved. */
export function Proof({ proof }: { proof: WayProof | null }) {
  const { units } = useJob().document.job;
  if (proof === null) return null;
  const fails = proof.verdict === "fails";
  return <span className={`block ${fails ? "font-semibold text-stop" : ""}`}>{proofText(proof, units)}</span>;
}
