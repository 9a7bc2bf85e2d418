import { dequal } from "dequal/lite";
import { nanoid } from "nanoid";
import type { Edit, LoadedJob } from "@/job/edit";
import { applyOps, type Change, type RowOp } from "@/job/ops";
import { keepSameRows } from "@/job/same-rows";
import { type JobDocument, LISTS } from "@/job/schema";
import { carryOut } from "@/job/table-wires";

/** What a screen shows of the job: the server's last word with this browser's unsent changes laid over it. */
export interface JobSnapshot {
  readonly document: JobDocument;
  readonly revision: number;
  readonly unsent: number;
  readonly connection: "ok" | "lost";
}

/** What a person is told of. `mine` is the change that could not be made, for doing it over what is there now. */
export type Notice =
  | { readonly type: "conflict"; readonly label: string; readonly mine: readonly RowOp[] }
  | { readonly type: "refused"; readonly label: string; readonly message: string; readonly hint: string }
  | { readonly type: "others"; readonly edits: readonly Edit[] }
  | { readonly type: "stepped"; readonly edit: Edit };

/** The world outside, handed in so that a test can be it. */
export interface SyncHost {
  readonly fetch: (input: string, init?: RequestInit) => Promise<Response>;
  /** Unsent changes survive a reload here. */
  readonly storage: Pick<Storage, "getItem" | "setItem" | "removeItem">;
  readonly notify: (notice: Notice) => void;
  readonly person: () => string;
  readonly reload: () => void;
}

type Unsent = Omit<Change, "base">;

/**
 * Keeps one job in step with the server. Changes show at once, wait in an outbox until they are taken, and are sent in
 * order; what others did is asked for twice a second. A change is given back to the person only where someone else
 * changed the very columns it meant to.
 */
export class JobSync {
  private confirmed: JobDocument;
  private revision: number;
  private outbox: Unsent[];
  private connection: "ok" | "lost" = "ok";
  private snapshot: JobSnapshot;
  private readonly listeners = new Set<() => void>();
  private working: Promise<void> | null = null;
  /** Keys of the changes made here, so that they are not told of as another's. */
  private readonly ownKeys = new Set<string>();
  /** Keys of what an earlier visit could not send, or did not hear of again. */
  private readonly restored = new Set<string>();

  constructor(
    private readonly jobId: string,
    loaded: LoadedJob,
    private readonly host: SyncHost,
  ) {
    this.confirmed = loaded.document;
    this.revision = loaded.revision;
    this.outbox = [];
    this.snapshot = { document: this.confirmed, revision: this.revision, unsent: 0, connection: "ok" };
  }

  /**
   * Takes up what an earlier visit could not send. Not in the constructor, since the first picture must be the
   * server's.
   */
  restore(): void {
    const kept = this.host.storage.getItem(this.storageKey);
    if (kept === null) return;
    try {
      this.outbox = JSON.parse(kept) as Unsent[];
      for (const { key } of this.outbox) {
        this.ownKeys.add(key);
        this.restored.add(key);
      }
    } catch {
      this.host.storage.removeItem(this.storageKey);
    }
    this.publish();
    void this.work();
  }

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  readonly current = () => this.snapshot;

  /** Makes a change: seen at once, sent as soon as can be. */
  change(label: string, ops: readonly RowOp[]): void {
    if (ops.length === 0) return;
    this.outbox.push({ key: this.newKey(), person: this.host.person(), label: label.slice(0, 500), ops: [...ops] });
    this.publish();
    void this.work();
  }

  /**
   * Undo or redo of this person's own latest change, or undo of an earlier one of theirs; after what waits has been
   * sent.
   */
  async step(role: "undo" | "redo", of?: number): Promise<void> {
    await this.work();
    const answer = await this.post(role, {
      person: this.host.person(),
      key: this.newKey(),
      ...(of === undefined ? {} : { of }),
    });
    if (answer === null) {
      this.host.notify({
        type: "refused",
        label: role === "undo" ? "Undo" : "Redo",
        message: "The server does not answer.",
        hint: "Try again when it is back.",
      });
      return;
    }
    if (answer.ok) {
      const { edit } = (await answer.json()) as { edit: Edit };
      await this.pull();
      this.host.notify({ type: "stepped", edit });
    } else await this.tellRefusal(role === "undo" ? "Undo" : "Redo", answer);
  }

  /** Sends what waits, then asks for news. One at a time; a second call waits for the first. */
  work(): Promise<void> {
    this.working ??= this.workOnce().finally(() => {
      this.working = null;
      if (this.outbox.length > 0 && this.connection === "ok") void this.work();
    });
    return this.working;
  }

  private async workOnce(): Promise<void> {
    if (!(await this.pull())) return;
    while (this.outbox.length > 0) {
      const next = this.outbox[0] as Unsent;
      // What an earlier visit sent last may have been taken already: the server knows it by its key.
      if (!this.restored.has(next.key) && !meets(this.confirmed, next.ops)) {
        this.drop(next);
        this.host.notify({ type: "conflict", label: next.label, mine: next.ops });
        continue;
      }
      const answer = await this.post("changes", { ...next, base: this.revision });
      if (answer === null) return;
      if (answer.ok) {
        // The pull takes the change in and drops it from the outbox in one go, so that it is never seen to vanish
        // between.
        if (!(await this.pull())) return;
        if (this.outbox.some((one) => one.key === next.key)) this.drop(next);
        continue;
      }
      const { error } = (await answer.json().catch(() => ({ error: {} }))) as {
        error: { code?: string; message?: string; hint?: string };
      };
      const before = this.revision;
      if (error.code === "conflict" && (await this.pull()) && this.revision > before && meets(this.confirmed, next.ops))
        continue;
      this.drop(next);
      this.host.notify(
        error.code === "conflict"
          ? { type: "conflict", label: next.label, mine: next.ops }
          : {
              type: "refused",
              label: next.label,
              message: error.message ?? "The server refused it.",
              hint: error.hint ?? "",
            },
      );
    }
  }

  /** Takes in what has changed. False while the server or its database does not answer. */
  private async pull(): Promise<boolean> {
    const answer = await this.ask(`changes?since=${this.revision}`);
    if (answer === null) return false;
    if (!answer.ok) {
      if (answer.status === 404) this.host.reload();
      return false;
    }
    const news = (await answer.json()) as { revision: number; edits: Edit[]; reload?: boolean };
    if (news.reload === true) return this.loadWhole();
    const fresh = news.edits.filter((edit) => edit.revision > this.revision);
    if (fresh.length === 0) return true;
    for (const edit of fresh) this.confirmed = applyOps(this.confirmed, edit.ops);
    // A change whose answer was lost on its way is among them: it has been made.
    const made = new Set(fresh.map((edit) => edit.key));
    this.outbox = this.outbox.filter((one) => !made.has(one.key));
    this.revision = fresh.at(-1)?.revision ?? this.revision;
    this.publish();
    const others = fresh.filter((edit) => !this.ownKeys.has(edit.key));
    if (others.length > 0) this.host.notify({ type: "others", edits: others });
    return true;
  }

  private async loadWhole(): Promise<boolean> {
    const answer = await this.ask("");
    if (answer === null || !answer.ok) return false;
    const job = (await answer.json()) as LoadedJob;
    this.confirmed = job.document;
    this.revision = job.revision;
    this.publish();
    return true;
  }

  private newKey(): string {
    const key = nanoid();
    this.ownKeys.add(key);
    return key;
  }

  private drop(change: Unsent): void {
    this.outbox = this.outbox.filter((one) => one.key !== change.key);
    this.publish();
  }

  private async tellRefusal(label: string, answer: Response): Promise<void> {
    const { error } = (await answer.json().catch(() => ({ error: {} }))) as {
      error: { message?: string; hint?: string };
    };
    this.host.notify({
      type: "refused",
      label,
      message: error.message ?? "The server refused it.",
      hint: error.hint ?? "",
    });
  }

  private ask(what: string): Promise<Response | null> {
    return this.reach(`/api/jobs/${this.jobId}${what === "" ? "" : `/${what}`}`);
  }

  private post(what: string, body: unknown): Promise<Response | null> {
    return this.reach(`/api/jobs/${this.jobId}/${what}`, {
      method: "POST",
      headers: { "Content-Type": "application/json" },
      body: JSON.stringify(body),
    });
  }

  /** Null where nobody answered, or only a server that has lost its database. */
  private async reach(url: string, init?: RequestInit): Promise<Response | null> {
    const answer = await this.host.fetch(url, { ...init, cache: "no-store" }).catch(() => null);
    const lost = answer === null || answer.status === 503 || answer.status === 502 || answer.status === 500;
    const connection = lost ? "lost" : "ok";
    if (connection !== this.connection) {
      this.connection = connection;
      this.publish();
    }
    return lost ? null : answer;
  }

  private get storageKey(): string {
    return `pantograph.unsent.${this.jobId}`;
  }

  private makeSnapshot(): JobSnapshot {
    const made = this.outbox.reduce((so, change) => carryOut(so, change.ops), this.confirmed);
    // What was confirmed as it was made here stays the same object, so that nothing is matched or solved twice.
    const document = keepSameRows(this.snapshot.document, made);
    return { document, revision: this.revision, unsent: this.outbox.length, connection: this.connection };
  }

  private publish(): void {
    this.snapshot = this.makeSnapshot();
    try {
      if (this.outbox.length === 0) this.host.storage.removeItem(this.storageKey);
      else this.host.storage.setItem(this.storageKey, JSON.stringify(this.outbox));
    } catch {
      // A change too large for the browser's storage is still held in memory and sent.
    }
    for (const listener of this.listeners) listener();
  }
}

/** Whether every row still stands, in the columns to be changed, as the person saw it. */
export function meets(document: JobDocument, ops: readonly RowOp[]): boolean {
  const rows = new Map<string, Record<string, unknown>>();
  const made = new Set<string>();
  for (const [table, list] of Object.entries(LISTS)) {
    const wanted = new Set(ops.filter((op) => op.table === table).map((op) => op.id));
    if (wanted.size > 0) for (const row of document[list]) if (wanted.has(row.id)) rows.set(`${table} ${row.id}`, row);
  }
  for (const op of ops) {
    const key = `${op.table} ${op.id}`;
    if (op.op === "insert") {
      if (rows.has(key)) return false;
      made.add(key);
      continue;
    }
    if (made.has(key)) continue;
    const row = op.table === "job" ? (document.job as Record<string, unknown>) : rows.get(key);
    if (row === undefined) return false;
    if (
      op.op === "update" &&
      !Object.entries(op.from).every(([column, value]) => dequal(row[column] ?? null, value ?? null))
    )
      return false;
    if (op.op === "delete" && !dequal(row, op.row)) return false;
  }
  return true;
}

/** The same updates as if made on the document as it is now; null where a row is gone or already there. */
export function rebase(document: JobDocument, ops: readonly RowOp[]): RowOp[] | null {
  const rebased: RowOp[] = [];
  for (const op of ops) {
    if (op.op !== "update") {
      rebased.push(op);
      continue;
    }
    const row =
      op.table === "job"
        ? document.job
        : (document[LISTS[op.table]] as { id: string }[]).find((one) => one.id === op.id);
    if (row === undefined) return null;
    const from = Object.fromEntries(
      Object.keys(op.to).map((column) => [column, (row as Record<string, unknown>)[column]]),
    );
    rebased.push({ ...op, from });
  }
  return meets(document, rebased) ? rebased : null;
}
