import ELK, { type ElkNode } from "elkjs/lib/elk-api";

let elk: InstanceType<typeof ELK> | null = null;

/** Lays a graph out off the page's own thread. */
export function layOut(graph: ElkNode): Promise<ElkNode> {
  elk ??= new ELK({
    workerFactory: () => new Worker(new URL("./layout.worker.ts", import.meta.url), { type: "module" }),
  });
  return elk.layout(graph);
}
