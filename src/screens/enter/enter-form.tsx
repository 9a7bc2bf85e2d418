"use client";

import { type FormEvent, useState } from "react";
import { Button, Field } from "@/ui/controls";
import { Logo } from "@/ui/marks";

/** Asks for the passphrase that the shop's people share, and goes on to where the person wanted to be. */
export function EnterForm({ to }: { to: string }) {
  const [passphrase, setPassphrase] = useState("");
  const [busy, setBusy] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    const fault = await give(passphrase);
    // A whole load: nothing that was fetched before the door was open is kept.
    if (fault === null) location.assign(to);
    else {
      setBusy(false);
      setRefused(fault);
    }
  };
  return (
    <main className="mx-auto max-w-md px-4 pt-16">
      <p className="wide mb-8 flex items-center gap-2">
        <Logo />
        Pantograph
      </p>
      <h1 className="mb-4 text-xl">The shop's passphrase</h1>
      <form onSubmit={submit}>
        <Field
          label="Passphrase"
          hint="It was set when the server was started. This browser is let in for 30 days."
          error={refused}
        >
          <input
            type="password"
            className="field"
            autoComplete="current-password"
            // biome-ignore lint/a11y/noAutofocus: the page has nothing else to do
            autoFocus
            value={passphrase}
            maxLength={200}
            onChange={(event) => setPassphrase(event.target.value)}
          />
        </Field>
        <div className="mt-4 flex justify-end">
          <Button primary type="submit" disabled={busy || passphrase.trim() === ""}>
            {busy ? "Looking …" : "Enter"}
          </Button>
        </div>
      </form>
    </main>
  );
}

/** Null where it was right; else what to tell. */
async function give(passphrase: string): Promise<string | null> {
  const answer = await fetch("/api/enter", {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify({ passphrase }),
  }).catch(() => null);
  if (answer === null) return "The server does not answer. Try again when it is back.";
  if (answer.ok) return null;
  const { error } = (await answer.json().catch(() => ({}))) as { error?: { message: string; hint?: string } };
  return error === undefined ? "The server refused it." : `${error.message} ${error.hint ?? ""}`;
}
