// The web server: Next behind a Node server of our own, which turns away what the framework would stumble over.
import { createServer } from "node:http";
import next from "next";

const dev = process.env.NODE_ENV === "development";
const hostname = process.env.HOST ?? "127.0.0.1";
const port = Number(process.env.PORT ?? 4180);

const app = next({ dev, hostname, port });
await app.prepare();
const handle = app.getRequestHandler();
const upgrade = app.getUpgradeHandler();

/** No page and no program of ours uses these, and the framework has no request to make of them. */
const NOT_TAKEN = new Set(["TRACE", "CONNECT", "TRACK"]);

const server = createServer((request, response) => {
  if (!NOT_TAKEN.has(request.method ?? "")) return void handle(request, response);
  response.writeHead(405, {
    "Content-Type": "text/plain; charset=utf-8",
    "X-Content-Type-Options": "nosniff",
    "Cache-Control": "no-store",
    Connection: "close",
  });
  response.end("This method is not taken here.\n");
});
server.on("upgrade", upgrade);
server.listen(port, hostname, () => console.log(`Listening on http://${hostname}:${port}`));

for (const signal of ["SIGINT", "SIGTERM"])
  process.on(signal, () => {
    server.close(() => process.exit(0));
    // What is being answered has a moment; what merely stays connected has none.
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), 3000).unref();
  });
