import { createHmac, randomBytes, scrypt, timingSafeEqual } from "node:crypto";
import { mkdirSync, readFileSync, renameSync, statSync, writeFileSync } from "node:fs";
import path from "node:path";
import { z } from "zod";
import { isLoopback, listensOn } from "./own-hosts";

/**
 * Who may come in where the server listens for others than its own machine: whoever knows the one passphrase that its
 * people share. Of it only an scrypt hash is kept, in a file of the server's own. Whoever has given it carries a cookie
 * that names when it ends, sealed with a secret of that file, which a new passphrase replaces.
 */

/** Work of one hash: 32 MB and about 0.1 s, as RFC 7914 leaves to choose. */
const COST = { N: 2 ** 15, r: 8, p: 1, maxmem: 64 * 1024 * 1024 } as const;
const KEY_BYTES = 32;
export const LEAST_CHARACTERS = 12;
const MOST_CHARACTERS = 200;
export const SESSION_COOKIE = "pantograph-session";
const SESSION_MS = 30 * 24 * 3_600_000;

const Stored = z.object({ salt: z.base64(), key: z.base64(), secret: z.base64() });
type Stored = z.infer<typeof Stored>;

export const accessFile = () => process.env.PANTOGRAPH_ACCESS ?? path.join(process.cwd(), ".data/access.json");

export const needsPassphrase = (): boolean => !isLoopback(listensOn());

let read: { readonly file: string; readonly at: number; readonly stored: Stored } | null = null;

/** What is kept of the passphrase; null where none was set. Read anew when it is set anew. */
function stored(): Stored | null {
  const file = accessFile();
  try {
    const at = statSync(/*turbopackIgnore: true*/ file).mtimeMs;
    if (read?.file !== file || read.at !== at)
      read = { file, at, stored: Stored.parse(JSON.parse(readFileSync(/*turbopackIgnore: true*/ file, "utf8"))) };
    return read.stored;
  } catch {
    return null;
  }
}

export const hasPassphrase = (): boolean => stored() !== null;

/** Why it is none that keeps anybody out; null where it will do. */
export function passphraseFault(passphrase: string): string | null {
  const { length } = passphrase.trim();
  if (length < LEAST_CHARACTERS) return `It has ${length} characters; take ${LEAST_CHARACTERS} or more.`;
  if (length > MOST_CHARACTERS) return `It has ${length} characters; take ${MOST_CHARACTERS} at most.`;
  return new Set(passphrase).size < 5 ? "It is the same few characters over and over; take some words." : null;
}

/** Sets it, and ends every session there is. Throws for one that `passphraseFault` faults. */
export async function setPassphrase(passphrase: string): Promise<void> {
  const fault = passphraseFault(passphrase);
  if (fault !== null) throw new Error(fault);
  const salt = randomBytes(16);
  const kept: Stored = {
    salt: salt.toString("base64"),
    key: (await hash(passphrase, salt)).toString("base64"),
    secret: randomBytes(32).toString("base64"),
  };
  const file = accessFile();
  mkdirSync(path.dirname(file), { recursive: true });
  writeFileSync(`${file}.part`, JSON.stringify(kept), { mode: 0o600 });
  renameSync(`${file}.part`, file);
}

/** As it is meant: blanks around it and how its letters are put together do not count. */
const meant = (passphrase: string) => passphrase.trim().normalize("NFKC");

const hash = (passphrase: string, salt: Buffer): Promise<Buffer> =>
  new Promise((resolve, reject) =>
    scrypt(meant(passphrase), salt, KEY_BYTES, COST, (error, key) => (error ? reject(error) : resolve(key))),
  );

const seal = (until: string, secret: string) =>
  createHmac("sha256", Buffer.from(secret, "base64")).update(until).digest("base64url");

const isSame = (a: Buffer, b: Buffer) => a.length === b.length && timingSafeEqual(a, b);

/** A cookie's value for whoever has given the passphrase. */
function newSession({ secret }: Stored): string {
  const until = String(Date.now() + SESSION_MS);
  return `${until}.${seal(until, secret)}`;
}

/** Whether a request's cookies let it in. Without a passphrase nobody is let in who would need one. */
export function mayEnter(cookies: string | null): boolean {
  if (!needsPassphrase()) return true;
  const kept = stored();
  const session = new RegExp(`(?:^|;\\s*)${SESSION_COOKIE}=([^;]*)`).exec(cookies ?? "")?.[1];
  const [, until, sealed] = /^(\d{1,15})\.([\w-]+)$/.exec(session ?? "") ?? [];
  if (kept === null || until === undefined || sealed === undefined) return false;
  return isSame(Buffer.from(sealed), Buffer.from(seal(until, kept.secret))) && Number(until) > Date.now();
}

/** So many wrong ones of one address are answered; then it waits, twice as long each time, an hour at most. */
const FREE_TRIES = 5;
const FIRST_WAIT_MS = 30_000;
const LONGEST_WAIT_MS = 3_600_000;
/** So many are looked at side by side; they take memory. */
const MOST_AT_ONCE = 2;
const MOST_ADDRESSES = 10_000;

interface Tries {
  readonly wrong: number;
  readonly waitsUntil: number;
}
const tries = new Map<string, Tries>();
let underWay = 0;

export type Entering =
  | { readonly ok: true; readonly cookie: string }
  | { readonly ok: false; readonly code: "wrong" | "none-set" }
  | { readonly ok: false; readonly code: "wait"; readonly seconds: number };

/**
 * Looks at a passphrase that somebody gives.
 * @param peer the address that it came from
 */
export async function enter(passphrase: string, peer: string): Promise<Entering> {
  const kept = stored();
  if (kept === null) return { ok: false, code: "none-set" };
  const from = network(peer);
  const before = tries.get(from) ?? { wrong: 0, waitsUntil: 0 };
  const waits = before.waitsUntil - Date.now();
  if (waits > 0) return { ok: false, code: "wait", seconds: Math.ceil(waits / 1000) };
  if (underWay >= MOST_AT_ONCE) return { ok: false, code: "wait", seconds: 1 };
  // Counted before it is known: whoever sends many at once is not let through for that.
  note(from, before.wrong + 1);
  underWay += 1;
  try {
    const key = await hash(passphrase.slice(0, MOST_CHARACTERS), Buffer.from(kept.salt, "base64"));
    if (!isSame(key, Buffer.from(kept.key, "base64"))) return { ok: false, code: "wrong" };
    tries.delete(from);
    return { ok: true, cookie: newSession(kept) };
  } finally {
    underWay -= 1;
  }
}

function note(from: string, wrong: number): void {
  const over = wrong - FREE_TRIES;
  const waits = over < 0 ? 0 : Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** over);
  tries.delete(from);
  tries.set(from, { wrong, waitsUntil: Date.now() + waits });
  const [oldest] = tries.keys();
  if (tries.size > MOST_ADDRESSES && oldest !== undefined) tries.delete(oldest);
}

/** Whoever has one IPv6 address has a network of them. */
function network(peer: string): string {
  const plain = peer.replace(/^::ffff:/, "");
  return plain.includes(":") ? plain.split(":").slice(0, 4).join(":") : plain;
}

export const sessionCookie = (value: string, seconds = SESSION_MS / 1000) =>
  `${SESSION_COOKIE}=${value}; Path=/; Max-Age=${seconds}; HttpOnly; SameSite=Lax`;
