import { expose } from "comlink";
import { describe, expect, test } from "vitest";
import { PageWorker, WorkerFailed } from "./page-worker";

/** Counts what it is asked, from one; a question of 0 throws, and of -1 has no answer. */
class Counter {
  private asked = 0;
  add(by: number): number | Promise<number> {
    if (by === 0) throw new Error("nothing to add");
    if (by < 0) return new Promise(() => undefined);
    this.asked += by;
    return this.asked;
  }
}

/** A worker within this thread, behind a channel of its own. */
class FakeWorker extends EventTarget {
  static all: FakeWorker[] = [];
  terminated = false;
  private readonly channel = new MessageChannel();

  constructor() {
    super();
    FakeWorker.all.push(this);
    expose(new Counter(), this.channel.port2 as unknown as Parameters<typeof expose>[1]);
    this.channel.port1.addEventListener("message", ({ data }) =>
      this.dispatchEvent(new MessageEvent("message", { data })),
    );
    this.channel.port1.start();
  }

  postMessage(message: unknown): void {
    this.channel.port1.postMessage(message);
  }

  terminate(): void {
    this.terminated = true;
    this.channel.port1.close();
  }

  die(message: string): void {
    this.dispatchEvent(Object.assign(new Event("error"), { message }));
  }
}

const counter = () => {
  FakeWorker.all = [];
  return new PageWorker<Counter>(() => new FakeWorker() as unknown as Worker);
};

describe("the page's worker", () => {
  test("is started once, and keeps what it knows between questions", async () => {
    const worker = counter();
    expect(await worker.ask((one) => one.add(2))).toBe(2);
    expect(await worker.ask((one) => one.add(3))).toBe(5);
    expect(FakeWorker.all).toHaveLength(1);
  });
  test("where it throws, the question fails with its reason, and the next one has a new worker", async () => {
    const worker = counter();
    await worker.ask((one) => one.add(2));
    await expect(worker.ask((one) => one.add(0))).rejects.toThrow(new WorkerFailed("nothing to add"));
    expect(await worker.ask((one) => one.add(1))).toBe(1);
    expect(FakeWorker.all.map((one) => one.terminated)).toEqual([true, false]);
  });
  test("where it dies, a question that waits fails instead of waiting for ever", async () => {
    const worker = counter();
    const waiting = worker.ask((one) => one.add(-1));
    FakeWorker.all[0]?.die("out of memory");
    await expect(waiting).rejects.toThrow("out of memory");
    expect(await worker.ask((one) => one.add(1))).toBe(1);
  });
});
