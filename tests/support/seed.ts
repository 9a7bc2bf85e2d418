import fc from "fast-check";

/**
 * Properties are tried with the same values each time, so that a failure is the change's and not the day's.
 * `PROPERTY_SEED=7 npm test` looks elsewhere.
 */
fc.configureGlobal({ seed: Number(process.env.PROPERTY_SEED ?? 1) });
