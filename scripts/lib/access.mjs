import { runTsx } from "./build.mjs";

/** Asks for the passphrase at the first start with a `HOST` that other machines reach; throws where there is none. */
export function ensurePassphrase(host) {
  if (process.env.HOST) runTsx("scripts/passphrase.ts", ["--first"], { HOST: host });
}
