import ELK, { type ElkNode } from "elkjs/lib/elk-api";

let elk: InstanceType<typeof ELK> | null = null;

/** Lays a graph out off the page's own thread. After a failure the next one begins with a new thread. */
export async function layOut(graph: ElkNode): Promise<ElkNode> {
  elk ??= new ELK({
    workerFactory: () => new Worker(new URL("./layout.worker.ts", import.meta.url), { type: "module" }),
  });
  const used = elk;
  try {
    return await used.layout(graph);
  } catch (error) {
    if (elk === used) elk = null;
    used.terminateWorker();
    throw error;
  }
}
