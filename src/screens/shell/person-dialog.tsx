"use client";

import { useState } from "react";
import { Button, Field } from "@/ui/controls";
import { Dialog } from "@/ui/dialog";

/** Asks once per browser who is working, for the history and the readings. */
export function PersonDialog({
  open,
  name,
  onName,
  onClose,
}: {
  open: boolean;
  name: string;
  onName: (name: string) => void;
  onClose: () => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const value = (typed ?? name).trim();
  return (
    <Dialog
      open={open}
      onClose={onClose}
      title="Who is working?"
      description="Your name stands beside each change and reading. It is kept in this browser."
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (value !== "") onName(value.slice(0, 200));
        }}
      >
        <Field label="Name">
          <input
            className="field"
            value={typed ?? name}
            maxLength={200}
            onChange={(event) => setTyped(event.target.value)}
          />
        </Field>
        <div className="mt-4 flex justify-end gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button primary type="submit" disabled={value === ""}>
            Save name
          </Button>
        </div>
      </form>
    </Dialog>
  );
}
