import Link from "next/link";
import { buttonLook } from "@/ui/controls";
import { Empty } from "@/ui/states";

export default function NotFound() {
  return (
    <main>
      <Empty title="There is no such job or page">
        <p>It may have been removed, or the address may be mistyped.</p>
        <Link href="/" className={buttonLook(true)}>
          To the list of jobs
        </Link>
      </Empty>
    </main>
  );
}
