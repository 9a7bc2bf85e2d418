import { request } from "node:http";
import { randoms } from "./harness";

/** What one wrong request was, and what came back. */
export interface Answered {
  readonly method: string;
  readonly path: string;
  readonly body: string;
  readonly status: number;
  readonly text: string;
}

const ROUTES = ["", "/changes", "/undo", "/redo", "/history", "/document", "/pins", "/plan"];
const ELSEWHERE = ["/api/jobs", "/api/documents", "/api/health", "/api/enter", "/api/nothing", "/jobs/x/pins"];
const METHODS = ["GET", "POST", "PUT", "PATCH", "DELETE", "HEAD", "OPTIONS", "TRACE"];
const ODD_TEXTS = [
  "",
  " ",
  "\u0000",
  "\ud800",
  "é",
  "😀",
  "'; DROP TABLE job; --",
  "../../etc/passwd",
  "%00",
  "%ff",
  "a".repeat(300),
  "x".repeat(12_000),
  "__proto__",
  "constructor",
  "NaN",
  "1e309",
  "-1",
  "4294967296",
];
/** Half a character cannot be written in an address. */
const IN_ADDRESSES = ODD_TEXTS.filter((text) => !/\p{Surrogate}/u.test(text)).map((text) => text.slice(0, 200));
const ODD_VALUES: readonly unknown[] = [null, true, 0, -1, 1.5, 2 ** 32, 2 ** 53, 1e308, [], [[]], {}, ...ODD_TEXTS];

/**
 * Sends so many wrong requests, the same for the same seed, and answers what came back. Bodies are real changes of the
 * job with something broken in each: a value, a key, an id, a missing half.
 *
 * @param jobId    of a job that may be spoiled
 * @param examples sound operations of that job
 */
export async function fuzz(
  address: string,
  jobId: string,
  examples: readonly unknown[],
  count: number,
  seed: number,
): Promise<Answered[]> {
  const random = randoms(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const broken = (value: unknown): unknown => {
    if (random() < 0.15 || typeof value !== "object" || value === null) return pick(ODD_VALUES);
    if (Array.isArray(value)) {
      if (value.length === 0 || random() < 0.1) return [...value, pick(ODD_VALUES)];
      const at = Math.floor(random() * value.length);
      return random() < 0.2 ? [...value, value[at]] : value.map((one, nth) => (nth === at ? broken(one) : one));
    }
    const key = pick(Object.keys(value).concat("more"));
    const { [key]: old, ...rest } = value as Record<string, unknown>;
    return random() < 0.15 ? rest : { ...rest, [key]: broken(old) };
  };
  const sound = (at: number) => ({
    key: `fuzz-${seed}-${at}-${"0".repeat(4)}`,
    person: "Fuzz",
    base: Math.floor(random() * 3),
    label: "fuzz",
    ops: Array.from({ length: 1 + Math.floor(random() * 3) }, () => pick(examples)),
  });
  const answers: Answered[] = [];
  for (let at = 0; at < count; at += 1) {
    const method = random() < 0.7 ? "POST" : pick(METHODS);
    const id = random() < 0.85 ? jobId : encodeURIComponent(pick(IN_ADDRESSES));
    const tail = random() < 0.75 ? "/changes" : pick(ROUTES);
    const query =
      random() < 0.2 ? `?since=${encodeURIComponent(pick(IN_ADDRESSES))}&side=${pick(["donor", "host", "x"])}` : "";
    const path = random() < 0.1 ? pick([...ELSEWHERE, `/api/bin/${id}`]) : `/api/jobs/${id}${tail}${query}`;
    const change = sound(at);
    const body =
      random() < 0.05 ? pick(["", "{", "[]", "null", '"\\ud800"', "[".repeat(5000)]) : JSON.stringify(broken(change));
    answers.push(await send(address, method, path, body, random() < 0.04 ? "text/plain" : "application/json"));
  }
  return answers;
}

function send(address: string, method: string, path: string, body: string, type: string): Promise<Answered> {
  return new Promise((resolve, reject) => {
    const sent = request(
      `${address}${path}`,
      {
        method,
        headers: {
          "Content-Type": type,
          "Sec-Fetch-Site": "same-origin",
          ...(method === "GET" || method === "HEAD" ? {} : { "Content-Length": Buffer.byteLength(body) }),
        },
      },
      (answer) => {
        let text = "";
        answer.setEncoding("utf8");
        answer.on("data", (part: string) => {
          if (text.length < 4000) text += part;
        });
        answer.on("end", () => resolve({ method, path, body, status: answer.statusCode ?? 0, text }));
        answer.on("error", reject);
      },
    );
    sent.on("error", reject);
    sent.end(method === "GET" || method === "HEAD" ? undefined : body);
  });
}
