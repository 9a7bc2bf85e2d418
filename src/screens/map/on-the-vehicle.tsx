"use client";

import { Button } from "@/ui/controls";
import { StateMark } from "@/ui/marks";
import { useJob } from "../shell/job-provider";
import { type Acceptance, type Accepted, acceptOp } from "./use-acceptance";

interface Props {
  readonly accepted: Accepted;
  readonly name: string;
  readonly seen: Acceptance | undefined;
}

/** Whether it was seen to work on the vehicle: the owner's acceptance list. */
export function OnTheVehicle({ accepted, name, seen }: Props) {
  const job = useJob();
  const note = (works: boolean) =>
    job.change(`${name}: ${works ? "works" : "does not work"} on the vehicle`, (person) => [
      acceptOp(accepted, works, person),
    ]);
  const isFresh = seen !== undefined && !seen.stale;
  return (
    <p className="flex w-full flex-wrap items-center gap-x-2 text-[13px]">
      {isFresh && <StateMark mark={seen.works ? "proven" : "blocked"} />}
      <span className={isFresh && !seen.works ? "font-semibold text-stop" : ""}>{seenText(seen)}</span>
      <Button onClick={() => note(true)}>
        It works<span className="hidden-text">: {name}</span>
      </Button>
      <Button onClick={() => note(false)}>
        It does not<span className="hidden-text">: {name}</span>
      </Button>
    </p>
  );
}

export function seenText(seen: Acceptance | undefined): string {
  if (seen === undefined) return "Not seen on the vehicle yet.";
  if (seen.stale) return `${seen.person} saw it ${seen.works ? "work" : "fail"}, and the plan has changed since.`;
  return `${seen.works ? "Seen to work" : "Seen not to work"} by ${seen.person}.`;
}
