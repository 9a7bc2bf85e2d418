"use client";

import { useRouter } from "next/navigation";
import { useEffect } from "react";
import { Empty } from "@/ui/states";

/** Shown while the database does not answer; asks every two seconds and goes on by itself when it does. */
export function DatabaseDown() {
  const router = useRouter();
  useEffect(() => {
    const timer = setInterval(async () => {
      const answer = await fetch("/api/health", { cache: "no-store" }).catch(() => null);
      if (answer?.ok) router.refresh();
    }, 2000);
    return () => clearInterval(timer);
  }, [router]);
  return (
    <main>
      <Empty title="The database does not answer">
        <p>Nothing is lost: what was saved is in its folder, and changes not yet sent stay in your browser.</p>
        <p>
          This page goes on by itself as soon as it is back. If it stays away, start the application again with{" "}
          <code className="font-mono">npm run demo</code>.
        </p>
      </Empty>
    </main>
  );
}
