import { hostname, networkInterfaces } from "node:os";

/** Names by which this machine is reached from itself alone. */
const LOOPBACK = /^(localhost|127(\.\d{1,3}){3}|\[?::1\]?)$/i;

export const isLoopback = (name: string): boolean => LOOPBACK.test(name);

/** What the server listens on, as `HOST` says; loopback where nobody says. */
export const listensOn = (): string => process.env.HOST ?? "127.0.0.1";

/**
 * Whether a request's Host header names this server. A page that brought another name to point here would otherwise
 * read and change every job by its visitor's browser. Where the server listens for others too, it is known by its
 * addresses, by its machine's name, and by what `PANTOGRAPH_HOSTS` lists, parted by commas.
 */
export function isOwnHost(header: string | null): boolean {
  const name = header?.replace(/:\d+$/, "").toLowerCase() ?? "";
  if (name === "") return false;
  if (isLoopback(name)) return true;
  const host = listensOn();
  if (isLoopback(host)) return false;
  const named = (process.env.PANTOGRAPH_HOSTS ?? "").split(",").map((one) => one.trim().toLowerCase());
  const addresses = Object.values(networkInterfaces()).flatMap((list) => (list ?? []).map(({ address }) => address));
  return [host, hostname(), ...named, ...addresses, ...addresses.map((one) => `[${one}]`)].some(
    (one) => one.toLowerCase() === name,
  );
}
