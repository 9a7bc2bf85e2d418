import { dequal } from "dequal/lite";
import { nanoid } from "nanoid";
import type { Edit, LoadedJob } from "@/job/edit";
import { applyOps, faultsInOps, type RowOp } from "@/job/ops";
import { type PackedJob, unpackedJob } from "@/job/packed";
import { keepSameRows } from "@/job/same-rows";
import type { JobDocument } from "@/job/schema";
import { carryOut } from "@/job/table-wires";
import { CHANGED_FIRST, errorOf, type Refused } from "./answers";
import { type Connection, JobLine } from "./line";
import { type Entry, type OutboxStore, readEntry } from "./outbox";
import { meets, rebase } from "./rebase";

/** What a screen shows of the job: the server's last word with this browser's unsent changes laid over it. */
export interface JobSnapshot {
  readonly document: JobDocument;
  readonly revision: number;
  readonly unsent: number;
  /** Rows of the change that is sent next. */
  readonly unsentRows: number;
  /** When the oldest change that is not saved yet was made, ms since 1970; null where all is saved. */
  readonly unsentSince: number | null;
  /** What is not saved yet would be lost with this page: the browser keeps nothing for it. */
  readonly onlyHere: boolean;
  /** Changes that could not be made, with their reasons, until a person decides. */
  readonly aside: readonly Entry[];
  readonly connection: Connection;
}

/** What a person is told of. */
export type Notice =
  /** Set aside: someone else changed the same first, or the server refused it. */
  | { readonly type: "conflict" | "refused"; readonly entry: Entry }
  /** What was asked could not be done, and nothing of it is left. */
  | { readonly type: "not-done"; readonly label: string; readonly message: string; readonly hint: string }
  | { readonly type: "others"; readonly edits: readonly Edit[] }
  | { readonly type: "stepped"; readonly edit: Edit }
  /** A backup was restored: what is shown is of then. */
  | { readonly type: "restored" };

/** The world outside, handed in so that a test can be it. */
export interface SyncHost {
  readonly fetch: (input: string, init?: RequestInit) => Promise<Response>;
  readonly outbox: OutboxStore;
  readonly notify: (notice: Notice) => void;
  readonly person: () => string;
  readonly reload: () => void;
  readonly now: () => number;
}

/** An undo or redo that waits for its turn; its key stays the same however often it is sent. */
interface Step {
  readonly type: "step";
  readonly key: string;
  readonly role: "undo" | "redo";
  readonly person: string;
  /** The change that is meant: its key, or its revision; null leaves the person's latest. */
  readonly of: string | number | null;
}
type Waiting = Entry | Step;
const isStep = (waiting: Waiting): waiting is Step => "type" in waiting;

/**
 * Keeps one job in step with the server. Changes show at once, wait in an outbox until they are taken, and are sent in
 * order, undo and redo among them; what others did is asked for twice a second. A change that can never be taken is set
 * aside with its reason, and holds up none behind it.
 */
export class JobSync {
  private confirmed: JobDocument;
  private revision: number;
  private epoch: string;
  private waiting: readonly Waiting[] = [];
  private aside: readonly Entry[] = [];
  private onlyHere = false;
  private readonly line: JobLine;
  private snapshot: JobSnapshot;
  private readonly listeners = new Set<() => void>();
  private working: Promise<void> | null = null;
  /** Keys of the changes made here, so that they are not told of as another's. */
  private readonly ownKeys = new Set<string>();
  /** Keys of what an earlier visit could not send, or did not hear of again. */
  private readonly restored = new Set<string>();
  /** Keys of this page's changes that stand, and of those that it took back, the latest last. */
  private done: string[] = [];
  private undone: string[] = [];

  constructor(
    private readonly jobId: string,
    loaded: LoadedJob,
    private readonly host: SyncHost,
  ) {
    this.confirmed = loaded.document;
    this.revision = loaded.revision;
    this.epoch = loaded.epoch;
    this.line = new JobLine(jobId, host.fetch, () => this.publish());
    this.snapshot = {
      document: this.confirmed,
      revision: this.revision,
      unsent: 0,
      unsentRows: 0,
      unsentSince: null,
      onlyHere: false,
      aside: [],
      connection: "ok",
    };
  }

  /**
   * Takes up what an earlier visit could not send. Not in the constructor, since the first picture must be the
   * server's.
   */
  async restore(): Promise<void> {
    const kept = await this.host.outbox.all(this.jobId).catch(() => null);
    if (kept === null) this.onlyHere = true;
    const entries = (kept ?? []).map(readEntry);
    const known = new Set([...this.entries(), ...this.aside].map(({ key }) => key));
    const fresh = entries
      .flatMap((entry) => (entry === null || known.has(entry.key) ? [] : [entry]))
      .sort((a, b) => a.madeAt - b.madeAt);
    for (const { key } of fresh) {
      this.ownKeys.add(key);
      this.restored.add(key);
    }
    this.aside = [...fresh.filter((entry) => entry.aside !== null), ...this.aside];
    this.waiting = [...fresh.filter((entry) => entry.aside === null), ...this.waiting];
    const unreadable = entries.filter((entry) => entry === null).length;
    if (unreadable > 0)
      this.host.notify({
        type: "not-done",
        label: "What an earlier visit kept",
        message: `${unreadable} of its changes cannot be read and will not be sent.`,
        hint: "Look whether something is missing, and make it again.",
      });
    this.publish();
    void this.work();
  }

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  readonly current = () => this.snapshot;

  /** Makes a change: seen at once, sent as soon as can be. Answers its key; null where it is none that could be sent. */
  change(label: string, ops: readonly RowOp[]): string | null {
    if (ops.length === 0) return null;
    const [fault] = faultsInOps(ops);
    if (fault !== undefined) {
      const message = `${fault.path}: ${fault.message}.`;
      this.host.notify({ type: "not-done", label, message, hint: "Correct it and try again." });
      return null;
    }
    const key = this.newKey();
    const person = this.host.person();
    this.done.push(key);
    this.undone = [];
    this.wait({
      key,
      jobId: this.jobId,
      madeAt: this.host.now(),
      person,
      label: label.slice(0, 500),
      ops,
      aside: null,
    });
    return key;
  }

  /**
   * Undo or redo: of the change that is named by its key or revision, else of the latest that was made on this page,
   * else of this person's latest. It is done after all that was made before it.
   */
  step(role: "undo" | "redo", of: string | number | null = null): Promise<void> {
    const named = of ?? (role === "undo" ? this.done.at(-1) : undefined) ?? null;
    if (role === "undo") this.done = this.done.filter((key) => key !== named);
    this.waiting = [...this.waiting, { type: "step", key: this.newKey(), role, person: this.host.person(), of: named }];
    this.publish();
    return this.work();
  }

  /** Sends a change that was set aside once more, as it would be made on what is there now. */
  again(key: string): void {
    const entry = this.aside.find((one) => one.key === key);
    if (entry === undefined) return;
    const ops = rebase(this.snapshot.document, entry.ops);
    if (ops === null) {
      this.host.notify({
        type: "not-done",
        label: entry.label,
        message: "It can no longer be made: a row is gone or already there.",
        hint: "Make it anew on what is there now, or discard it.",
      });
      return;
    }
    // What cannot be made after all stays where it is.
    if (this.change(entry.label, ops) !== null) this.discard(key);
  }

  /** Forgets a change that was set aside. */
  discard(key: string): void {
    this.aside = this.aside.filter((one) => one.key !== key);
    this.forget(key);
    this.publish();
  }

  /** Sends what waits, then asks for news. One at a time; a second call waits for the first. */
  work(): Promise<void> {
    this.working ??= this.workOnce().finally(() => {
      this.working = null;
      if (this.waiting.length > 0 && this.line.connection === "ok") void this.work();
    });
    return this.working;
  }

  private async workOnce(): Promise<void> {
    if (!(await this.pull())) return;
    for (let [next] = this.waiting; next !== undefined; [next] = this.waiting)
      if (!(await (isStep(next) ? this.sendStep(next) : this.sendChange(next)))) return;
  }

  /** False where it waits on. */
  private async sendChange(next: Entry): Promise<boolean> {
    // What an earlier visit sent last may have been taken already: the server knows it by its key.
    if (!this.restored.has(next.key) && !meets(this.confirmed, next.ops)) {
      this.setAside(next, "conflict", CHANGED_FIRST);
      return true;
    }
    const { key, person, label, ops } = next;
    const answer = await this.line.post("changes", { key, person, label, ops, ...this.standsOn() }, ops.length);
    if (answer === null) return false;
    if (answer.ok) {
      // The pull takes the change in and drops it from the outbox in one go, so that it is never seen to vanish
      // between.
      if (!(await this.pull())) return false;
      this.drop(key);
      return true;
    }
    const error = await errorOf(answer);
    const before = this.standsOn();
    // Refused for what is not known here yet: made anew on that, where it can be.
    if (error.code === "conflict" || error.code === "ahead")
      if ((await this.pull()) && !dequal(this.standsOn(), before) && meets(this.confirmed, ops)) return true;
    this.setAside(next, error.code === "conflict" ? "conflict" : "refused", error);
    return true;
  }

  private async sendStep(next: Step): Promise<boolean> {
    const { key, role, person, of } = next;
    const named = of === null ? {} : typeof of === "number" ? { of } : { ofKey: of };
    const answer = await this.line.post(role, { person, key, ...named });
    if (answer === null) return false;
    if (answer.ok) {
      const told = (await answer.json().catch(() => null)) as { edit: Edit } | null;
      if (told === null) return this.isLost();
      if (!(await this.pull())) return false;
      if (role === "undo" && typeof of === "string") this.undone.push(of);
      if (role === "redo") this.done.push(...this.undone.splice(-1));
      this.host.notify({ type: "stepped", edit: told.edit });
    } else {
      if (role === "undo" && typeof of === "string") this.done.push(of);
      const { message, hint } = await errorOf(answer);
      this.host.notify({ type: "not-done", label: role === "undo" ? "Undo" : "Redo", message, hint });
    }
    this.drop(key);
    return true;
  }

  private standsOn() {
    return { base: this.revision, epoch: this.epoch };
  }

  /** Takes in what has changed. False while the server or its database does not answer. */
  private async pull(): Promise<boolean> {
    const answer = await this.line.ask(`changes?since=${this.revision}&epoch=${this.epoch}`);
    if (answer === null) return false;
    if (!answer.ok) {
      if (answer.status === 404) this.host.reload();
      return this.isLost();
    }
    const news = (await answer.json().catch(() => null)) as {
      revision: number;
      edits: Edit[];
      reload?: boolean;
    } | null;
    if (news === null) return this.isLost();
    if (news.reload === true) return this.loadWhole();
    const fresh = news.edits.filter((edit) => edit.revision > this.revision);
    if (fresh.length === 0) return true;
    for (const edit of fresh) this.confirmed = applyOps(this.confirmed, edit.ops);
    // A change whose answer was lost on its way is among them: it has been made.
    const made = new Set(fresh.map((edit) => edit.key));
    for (const entry of this.entries()) if (made.has(entry.key)) this.forget(entry.key);
    this.waiting = this.waiting.filter((one) => isStep(one) || !made.has(one.key));
    this.revision = fresh.at(-1)?.revision ?? this.revision;
    this.publish();
    const others = fresh.filter((edit) => !this.ownKeys.has(edit.key));
    if (others.length > 0) this.host.notify({ type: "others", edits: others });
    return true;
  }

  private async loadWhole(): Promise<boolean> {
    const answer = await this.line.ask("");
    const packed = answer?.ok === true ? ((await answer.json().catch(() => null)) as PackedJob | null) : null;
    const job = packed && unpackedJob(packed);
    if (job === null) return this.isLost();
    const isRestored = job.epoch !== this.epoch;
    this.confirmed = job.document;
    this.revision = job.revision;
    this.epoch = job.epoch;
    this.publish();
    if (isRestored) this.host.notify({ type: "restored" });
    return true;
  }

  private entries(): Entry[] {
    return this.waiting.filter((one): one is Entry => !isStep(one));
  }

  private newKey(): string {
    const key = nanoid();
    this.ownKeys.add(key);
    return key;
  }

  private wait(entry: Entry): void {
    this.waiting = [...this.waiting, entry];
    this.keep(entry);
    this.publish();
    void this.work();
  }

  /** Keeps an entry for another visit; where the browser cannot, it is still held here and sent, and that is told. */
  private keep(entry: Entry): void {
    this.host.outbox.put(entry).then(
      () => {
        // What was taken meanwhile must not be found again.
        if (![...this.entries(), ...this.aside].some(({ key }) => key === entry.key)) this.forget(entry.key);
        this.tellOnlyHere(false);
      },
      () => this.tellOnlyHere(true),
    );
  }

  private tellOnlyHere(onlyHere: boolean): void {
    if (onlyHere === this.onlyHere) return;
    this.onlyHere = onlyHere;
    this.publish();
  }

  private forget(key: string): void {
    // What stays behind is known by its key: sent again it is made once.
    this.host.outbox.remove(key).catch(() => undefined);
  }

  private drop(key: string): void {
    this.waiting = this.waiting.filter((one) => one.key !== key);
    this.forget(key);
    this.publish();
  }

  private setAside(entry: Entry, type: "conflict" | "refused", { message, hint }: Refused): void {
    const kept = { ...entry, aside: { message, hint } };
    this.waiting = this.waiting.filter((one) => one.key !== entry.key);
    this.done = this.done.filter((key) => key !== entry.key);
    this.aside = [...this.aside, kept];
    this.keep(kept);
    this.publish();
    this.host.notify({ type, entry: kept });
  }

  /** An answer that is of no use: it is asked again at the next turn, and not at once. */
  private isLost(): false {
    this.line.isLost();
    return false;
  }

  private makeSnapshot(): JobSnapshot {
    const entries = this.entries();
    const made = entries.reduce((so, change) => carryOut(so, change.ops), this.confirmed);
    return {
      // What was confirmed as it was made here stays the same object, so that nothing is matched or solved twice.
      document: keepSameRows(this.snapshot.document, made),
      revision: this.revision,
      unsent: entries.length,
      unsentRows: entries[0]?.ops.length ?? 0,
      unsentSince: entries[0]?.madeAt ?? null,
      onlyHere: this.onlyHere && entries.length > 0,
      aside: this.aside,
      connection: this.line.connection,
    };
  }

  private publish(): void {
    this.snapshot = this.makeSnapshot();
    for (const listener of this.listeners) listener();
  }
}
