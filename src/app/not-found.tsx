import Link from "next/link";
import { buttonLook } from "@/ui/controls";
import { Empty } from "@/ui/states";

export default function NotFound() {
  return (
    <main>
      <Empty title="There is no such job or page">
        <p>
          It may have been removed: then it lies in the bin below the list of jobs for 30 days. Or the address is
          mistyped.
        </p>
        <Link href="/" className={buttonLook(true)}>
          To the list of jobs
        </Link>
      </Empty>
    </main>
  );
}
