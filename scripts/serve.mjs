// The web server: Next behind a Node server of our own. It turns away what the framework would stumble over, and has a
// second process do what keeps a processor busy for long, so that nobody else waits for it.
import { fork } from "node:child_process";
import { rmSync } from "node:fs";
import { createServer, request as forwardRequest } from "node:http";
import { tmpdir } from "node:os";
import path from "node:path";
import { fileURLToPath } from "node:url";
import next from "next";

// It ends with whoever started it, however that ended, also while it is still starting: nobody else would stop it.
process.once("disconnect", () => process.exit(0));

const dev = process.env.NODE_ENV === "development";
const hostname = process.env.HOST ?? "127.0.0.1";
const port = Number(process.env.PORT ?? 4180);
/** Where the second process listens; set in that process alone. */
const socket = process.env.PANTOGRAPH_SOCKET;

const app = next({ dev, hostname, port });
await app.prepare();
const handle = app.getRequestHandler();

/** No page and no program of ours uses these, and the framework has no request to make of them. */
const NOT_TAKEN = new Set(["TRACE", "CONNECT", "TRACK"]);
/** Bodies above this are imports, bytes. */
const LARGE_BYTES = 200_000;
/** What large work leaves behind is cleared away before the second process has grown beyond this, MB. */
const HEAP_MB = 640;
/** Large bodies that wait for their turn, and the one whose turn it is. */
const turns = [];
const MOST_TURNS = 30;
/** How long a turn is at most, from the first byte read to the last of the answer, ms: 60,000 rows take half of it. */
const SLOWEST_MS = 150_000;
const WHOLE_JOB = /^\/api\/jobs\/[^/?]+(\/(document|pins|plan))?(\?|$)/;

/** What reads or writes a whole job. */
function isLarge({ method, url = "", headers }) {
  if (method === "GET") return WHOLE_JOB.test(url);
  return Number(headers["content-length"] ?? 0) > LARGE_BYTES || headers["transfer-encoding"] !== undefined;
}

let ending = false;
const second = socket === undefined && !dev ? secondProcess() : null;

const server = createServer((request, response) => {
  // Who asks, for whoever counts wrong passphrases; what the request itself says of it is not believed. The first
  // process has told the second.
  if (socket === undefined) {
    request.headers["x-pantograph-peer"] = request.socket.remoteAddress ?? "";
    delete request.headers["x-pantograph-takes"];
  }
  const answer = () =>
    second?.ready() === true && isLarge(request)
      ? forward(request, response, second.socket)
      : void handle(request, response);
  if (NOT_TAKEN.has(request.method ?? "")) refuse(response, 405, "This method is not taken here.");
  else if (socket === undefined && request.method !== "GET" && isLarge(request)) inTurn(response, answer);
  else answer();
});
server.on("upgrade", app.getUpgradeHandler());
server.on("error", (error) => {
  console.error(
    error.code === "EADDRINUSE"
      ? `Port ${port} is taken by another program.\nStop that one, or set PORT.`
      : error.message,
  );
  process.exit(1);
});
const listening = () => {
  // To whoever started it, if that is still there; that something answers at the port would not say that it is this.
  process.send?.("ready", () => undefined);
  if (socket === undefined) console.log(`Listening on http://${hostname}:${port}`);
};
if (socket === undefined) server.listen(port, hostname, listening);
else server.listen(socket, listening);

function refuse(response, status, words) {
  response.writeHead(status, {
    "Content-Type": "text/plain; charset=utf-8",
    "X-Content-Type-Options": "nosniff",
    "Cache-Control": "no-store",
    Connection: "close",
  });
  response.end(`${words}\n`);
}

/**
 * Large bodies one after the other: side by side they would take the room of all of them. Who waits is not read yet; who
 * sends slowly gives up its turn.
 */
function inTurn(response, answer) {
  if (turns.length > MOST_TURNS) return refuse(response, 503, "Too much comes in at the moment; ask again.");
  const turn = () => {
    if (response.destroyed) return handOn();
    const slow = setTimeout(() => response.destroy(), SLOWEST_MS);
    response.once("close", () => {
      clearTimeout(slow);
      handOn();
    });
    answer();
  };
  const handOn = () => {
    turns.shift();
    turns[0]?.();
  };
  turns.push(turn);
  if (turns.length === 1) turn();
}

/** Hands a request on as it comes in, and its answer as it comes out. */
function forward(request, response, socketPath) {
  const { method, url, headers } = request;
  if (/\bgzip\b/.test(headers["accept-encoding"] ?? "")) headers["x-pantograph-takes"] = "gzip";
  const onward = forwardRequest({ socketPath, method, path: url, headers }, (answer) => {
    const { "x-pantograph-packed": packed, ...more } = answer.headers;
    if (packed !== undefined) Object.assign(more, { "content-encoding": packed, vary: "Accept-Encoding" });
    response.writeHead(answer.statusCode ?? 502, more);
    answer.pipe(response);
    answer.on("error", () => response.destroy());
  });
  onward.on("error", () => {
    // Who asks again finds it started anew.
    if (response.headersSent) response.destroy();
    else refuse(response, 502, "That part of the server has just ended; ask again.");
  });
  response.on("close", () => onward.destroy());
  request.pipe(onward);
}

/** The same server once more, reached by a socket; begun anew when it ends. */
function secondProcess() {
  const file = path.join(tmpdir(), `pantograph-${process.pid}.sock`);
  let isReady = false;
  const begin = () => {
    rmSync(file, { force: true });
    const child = fork(fileURLToPath(import.meta.url), {
      env: { ...process.env, PANTOGRAPH_SOCKET: file },
      execArgv: [...process.execArgv, `--max-old-space-size=${HEAP_MB}`],
    });
    child.on("message", () => {
      isReady = true;
    });
    child.once("exit", () => {
      isReady = false;
      if (!ending) setTimeout(begin, 500);
    });
    return child;
  };
  begin();
  process.on("exit", () => rmSync(file, { force: true }));
  return { socket: file, ready: () => isReady };
}

function end() {
  ending = true;
  server.close(() => process.exit(0));
  // What is being answered has a moment; what merely stays connected has none.
  server.closeIdleConnections();
  setTimeout(() => process.exit(0), 3000).unref();
}
for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, end);
