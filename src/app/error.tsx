"use client";

import { Button } from "@/ui/controls";
import { Empty } from "@/ui/states";

export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <main>
      <Empty title="This page met a fault of its own">
        <p>What you entered before is kept. Try again; if it stays, load the page anew.</p>
        <Button primary onClick={reset}>
          Try again
        </Button>
      </Empty>
    </main>
  );
}
