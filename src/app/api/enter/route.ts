import { z } from "zod";
import { enter, sessionCookie } from "../../access";
import { mutating, OPEN, refuse } from "../http";

export const dynamic = "force-dynamic";

/** Lets in whoever gives the passphrase. */
export function POST(request: Request): Promise<Response> {
  return mutating(
    request,
    z.strictObject({ passphrase: z.string().max(1000) }),
    async ({ passphrase }) => {
      const entering = await enter(passphrase, request.headers.get("x-pantograph-peer") ?? "");
      if (entering.ok)
        return Response.json({ ok: true }, { headers: { "Set-Cookie": sessionCookie(entering.cookie) } });
      switch (entering.code) {
        case "wrong":
          return refuse(403, {
            code: "wrong-passphrase",
            message: "That is not the passphrase.",
            hint: "Ask whoever started the server for it; big and small letters count.",
          });
        case "wait":
          return refuse(429, {
            code: "wait",
            message: `Too many were tried: wait ${waiting(entering.seconds)}.`,
            hint: "Ask whoever started the server for the passphrase meanwhile.",
          });
        case "none-set":
          return refuse(403, {
            code: "no-passphrase",
            message: "No passphrase is set, so nobody is let in from here.",
            hint: "Whoever started the server sets it there: npm run passphrase",
          });
      }
    },
    OPEN,
  );
}

/** Ends this browser's session. */
export function DELETE(request: Request): Promise<Response> {
  return mutating(
    request,
    z.unknown(),
    async () => Response.json({ ok: true }, { headers: { "Set-Cookie": sessionCookie("", 0) } }),
    OPEN,
  );
}

const waiting = (seconds: number) => (seconds < 100 ? `${seconds} s` : `${Math.ceil(seconds / 60)} min`);
