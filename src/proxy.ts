import { type NextRequest, NextResponse } from "next/server";
import { mayEnter } from "./app/access";
import { isOwnHost } from "./app/own-hosts";

/** Turns away whoever calls this server by another name, asks for the passphrase where one is needed, and gives each page a content security policy with a nonce of its own: scripts without it do not run. */
export function proxy(request: NextRequest): NextResponse {
  if (!isOwnHost(request.headers.get("host")))
    return new NextResponse("This server does not go by that name.\n", {
      status: 421,
      headers: { "Content-Security-Policy": "default-src 'none'", "Cache-Control": "no-store" },
    });
  const nonce = btoa(crypto.randomUUID());
  const development = process.env.NODE_ENV === "development" ? " 'unsafe-eval'" : "";
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development}`,
    // Positions and sizes of menus and virtual rows are set as style attributes.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");
  const headers = new Headers(request.headers);
  headers.set("x-nonce", nonce);
  headers.set("Content-Security-Policy", policy);
  const { pathname, search } = request.nextUrl;
  const isIn = OPEN_PATHS.has(pathname) || mayEnter(request.headers.get("cookie"));
  const door = new URL("/enter", request.nextUrl);
  door.searchParams.set("to", `${pathname}${search}`);
  const response = isIn
    ? NextResponse.next({ request: { headers } })
    : NextResponse.rewrite(door, { request: { headers } });
  response.headers.set("Content-Security-Policy", policy);
  return response;
}

/** What is seen before anybody has come in. */
const OPEN_PATHS: ReadonlySet<string> = new Set(["/enter", "/icon.svg"]);

// The API has headers of its own, and a body that passes through here would be cut at a limit meant for pages.
export const config = { matcher: ["/((?!api|_next/static|_next/image|favicon.ico).*)"] };
