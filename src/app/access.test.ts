import { scryptSync } from "node:crypto";
import { mkdtempSync, readFileSync, rmSync, statSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { afterEach, beforeEach, describe, expect, test, vi } from "vitest";
import {
  enter,
  hasPassphrase,
  mayEnter,
  needsPassphrase,
  passphraseFault,
  sessionCookie,
  setPassphrase,
} from "./access";

const RIGHT = "copper loom under the sill";
let folder: string;
let peer = 0;
/** An address that has tried nothing yet. */
const somebody = () => `198.51.100.${++peer}`;

beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), "pantograph-access-"));
  vi.stubEnv("PANTOGRAPH_ACCESS", path.join(folder, "deep", "access.json"));
  vi.stubEnv("HOST", "0.0.0.0");
});
afterEach(() => {
  vi.unstubAllEnvs();
  vi.useRealTimers();
  rmSync(folder, { recursive: true, force: true });
});

const cookieOf = async (passphrase = RIGHT): Promise<string> => {
  const entering = await enter(passphrase, somebody());
  return entering.ok ? (sessionCookie(entering.cookie).split(";")[0] ?? "") : "";
};

describe("who needs a passphrase", () => {
  test.each(["127.0.0.1", "localhost", "::1"])("nobody where the server listens on %s", (host) => {
    vi.stubEnv("HOST", host);
    expect([needsPassphrase(), mayEnter(null)]).toEqual([false, true]);
  });
  test.each(["0.0.0.0", "::", "192.0.2.7", "bench.example"])("everybody where it listens on %s", (host) => {
    vi.stubEnv("HOST", host);
    expect([needsPassphrase(), mayEnter(null)]).toEqual([true, false]);
  });
  test("where none was set nobody is let in, whatever is given", async () => {
    expect(hasPassphrase()).toBe(false);
    expect(await enter(RIGHT, somebody())).toEqual({ ok: false, code: "none-set" });
    expect(mayEnter("pantograph-session=9999999999999.AAAA")).toBe(false);
  });
});

test("of it only a hash is kept, which scrypt with these costs gives, in a file for its owner alone", async () => {
  await setPassphrase(RIGHT);
  const file = process.env.PANTOGRAPH_ACCESS ?? "";
  const text = readFileSync(file, "utf8");
  const { salt, key } = JSON.parse(text) as { salt: string; key: string };
  expect(text).not.toContain("copper");
  expect(statSync(file).mode & 0o777).toBe(0o600);
  const made = scryptSync(RIGHT, Buffer.from(salt, "base64"), 32, { N: 32768, r: 8, p: 1, maxmem: 2 ** 26 });
  expect(made.toString("base64")).toBe(key);
});

test.each(["", "short", " eleven ch. ", "aaaaaaaaaaaaaaaa", "x".repeat(201)])(
  "“%s” is none that keeps anybody out",
  async (bad) => {
    expect(passphraseFault(bad)).not.toBeNull();
    await expect(setPassphrase(bad)).rejects.toThrow();
    expect(hasPassphrase()).toBe(false);
  },
);

describe("a session", () => {
  beforeEach(() => setPassphrase(RIGHT));
  test("is given for the passphrase, with blanks around it or letters put together otherwise", async () => {
    await setPassphrase("süße Drähte im Schweller");
    for (const same of [
      "süße Drähte im Schweller",
      "  süße Drähte im Schweller ",
      "süße Drähte im Schweller".normalize("NFD"),
    ])
      expect(mayEnter(await cookieOf(same)), same).toBe(true);
    expect(await cookieOf("Süße Drähte im Schweller")).toBe("");
  });
  test("is kept from scripts and from other sites' changes", () => {
    const cookie = sessionCookie("x");
    for (const part of ["HttpOnly", "SameSite=Lax", "Path=/", `Max-Age=${30 * 86_400}`]) expect(cookie).toContain(part);
  });
  test("among other cookies is found, and by its own name alone", async () => {
    const cookie = await cookieOf();
    expect(mayEnter(`theme=night; ${cookie}; more=1`)).toBe(true);
    expect(mayEnter(`other-${cookie}`)).toBe(false);
  });
  test("ends after thirty days", async () => {
    const cookie = await cookieOf();
    vi.useFakeTimers({ now: Date.now() + 29 * 86_400_000, toFake: ["Date"] });
    expect(mayEnter(cookie)).toBe(true);
    vi.setSystemTime(Date.now() + 2 * 86_400_000);
    expect(mayEnter(cookie)).toBe(false);
  });
  test("that was altered anywhere is none", async () => {
    const cookie = await cookieOf();
    const value = cookie.slice(cookie.indexOf("=") + 1);
    for (let at = 0; at < value.length; at += 1) {
      const other = value[at] === "5" ? "6" : "5";
      const altered = value.slice(0, at) + other + value.slice(at + 1);
      // The last sign of a seal carries bits that count for nothing.
      if (at < value.length - 1) expect(mayEnter(`pantograph-session=${altered}`), altered).toBe(false);
    }
    for (const part of ["", ".", value.split(".")[0], `${value}5`, `.${value.split(".")[1]}`])
      expect(mayEnter(`pantograph-session=${part}`), part).toBe(false);
  });
  test("ends with the passphrase that it was given for", async () => {
    const cookie = await cookieOf();
    await setPassphrase("another one, of the same people");
    expect(mayEnter(cookie)).toBe(false);
  });
});

describe("whoever tries passphrases", () => {
  beforeEach(async () => {
    await setPassphrase(RIGHT);
    vi.useFakeTimers({ toFake: ["Date"] });
  });
  const wrong = async (from: string, times: number) => {
    const codes = [];
    for (let at = 0; at < times; at += 1) {
      const entering = await enter(`wrong one, number ${at}`, from);
      codes.push(entering.ok ? "in" : entering.code);
    }
    return codes;
  };
  test("waits after five, twice as long each time, and is not told then whether one was right", async () => {
    const from = somebody();
    expect(await wrong(from, 6)).toEqual(["wrong", "wrong", "wrong", "wrong", "wrong", "wait"]);
    expect(await enter(RIGHT, from)).toEqual({ ok: false, code: "wait", seconds: 30 });
    vi.setSystemTime(Date.now() + 30_001);
    expect(await wrong(from, 2)).toEqual(["wrong", "wait"]);
    expect(await enter(RIGHT, from)).toEqual({ ok: false, code: "wait", seconds: 60 });
    // Nobody else waits for it.
    expect(await enter(RIGHT, somebody())).toMatchObject({ ok: true });
    vi.setSystemTime(Date.now() + 60_001);
    expect(await enter(RIGHT, from)).toMatchObject({ ok: true });
    expect(await wrong(from, 5)).not.toContain("wait");
  });
  test("never waits longer than an hour", async () => {
    const from = somebody();
    await wrong(from, 5);
    for (let at = 0; at < 12; at += 1) {
      vi.setSystemTime(Date.now() + 3_600_001);
      expect(await wrong(from, 1)).toEqual(["wrong"]);
    }
    expect(await enter(RIGHT, from)).toMatchObject({ code: "wait", seconds: 3600 });
  });
  test("from the other addresses of a network of IPv6 is the same", async () => {
    const of = (host: number) => `2001:db8:0:${peer}:1:2:3:${host}`;
    for (let at = 0; at < 5; at += 1) await wrong(of(at), 1);
    expect(await wrong(of(9), 1)).toEqual(["wait"]);
    expect(await wrong("::ffff:203.0.113.1", 5)).not.toContain("wait");
    expect(await wrong("203.0.113.1", 1)).toEqual(["wait"]);
  });
  test("with many at once has only a few looked at", async () => {
    const from = somebody();
    const codes = await Promise.all(
      Array.from({ length: 20 }, async (_, at) => {
        const entering = await enter(`wrong one, number ${at}`, from);
        return entering.ok ? "in" : entering.code;
      }),
    );
    expect(codes.filter((code) => code === "wrong").length).toBeLessThanOrEqual(5);
  });
});
