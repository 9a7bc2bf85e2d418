import { networkInterfaces } from "node:os";
import { afterEach, describe, expect, test, vi } from "vitest";
import { isOwnHost } from "./own-hosts";

afterEach(() => vi.unstubAllEnvs());
const address = Object.values(networkInterfaces())
  .flatMap((list) => list ?? [])
  .find(({ family, internal }) => family === "IPv4" && !internal)?.address;

describe("a server that listens on loopback", () => {
  test.each(["127.0.0.1:4180", "localhost:4180", "LOCALHOST", "[::1]:4180", "127.1.2.3"])("answers %s", (host) =>
    expect(isOwnHost(host)).toBe(true),
  );
  test.each([
    "pantograph.example:4180",
    "127.0.0.1.example.org",
    "localhost.example.org:4180",
    "10.0.0.7:4180",
    "0.0.0.0:4180",
    "",
    null,
  ])("does not answer %s", (host) => expect(isOwnHost(host)).toBe(false));
  test("is not talked into a name by its settings", () => {
    vi.stubEnv("PANTOGRAPH_HOSTS", "bench.example");
    expect(isOwnHost("bench.example")).toBe(false);
  });
});

describe("a server that listens for others", () => {
  test("answers its addresses and the names that it was given, and no other", () => {
    vi.stubEnv("HOST", "0.0.0.0");
    vi.stubEnv("PANTOGRAPH_HOSTS", "bench.example, Shop.Example");
    for (const host of [
      "bench.example:4180",
      "shop.example",
      "localhost:4180",
      ...(address ? [`${address}:4180`] : []),
    ])
      expect(isOwnHost(host), host).toBe(true);
    for (const host of ["other.example", "203.0.113.9:4180"]) expect(isOwnHost(host), host).toBe(false);
  });
});
