/** Edges at each node, packed: those of node n stand at `first[n]` … `first[n + 1] − 1`. */
export function incidence(nodes: number, a: ArrayLike<number>, b: ArrayLike<number>) {
  const first = new Int32Array(nodes + 1);
  for (let edge = 0; edge < a.length; edge++) {
    first[(a[edge] as number) + 1] = (first[(a[edge] as number) + 1] as number) + 1;
    first[(b[edge] as number) + 1] = (first[(b[edge] as number) + 1] as number) + 1;
  }
  for (let node = 0; node < nodes; node++) first[node + 1] = (first[node + 1] as number) + (first[node] as number);
  const fill = Int32Array.from(first);
  const edgeAt = new Int32Array(2 * a.length);
  for (let edge = 0; edge < a.length; edge++) {
    for (const end of [a[edge] as number, b[edge] as number]) {
      const place = fill[end] as number;
      edgeAt[place] = edge;
      fill[end] = place + 1;
    }
  }
  return { first, edgeAt };
}
