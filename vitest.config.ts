import { defineConfig } from "vitest/config";
import { BaseSequencer, type TestSpecification } from "vitest/node";

/** Long files begin first, so that none of them runs alone at the end; the others as they come. */
const LONG = ["routes.test.ts", "functions.test.ts", "harness.test.ts", "power.test.ts", "benches.test.ts"];
class LongestFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const rank = ({ moduleId }: TestSpecification) => {
      const at = LONG.findIndex((name) => moduleId.endsWith(`tests/browser/${name}`));
      return at < 0 ? LONG.length : at;
    };
    return (await super.sort(files)).toSorted((a, b) => rank(a) - rank(b));
  }
}

export default defineConfig({
  resolve: { alias: { "@": new URL("./src", import.meta.url).pathname } },
  test: {
    sequence: { sequencer: LongestFirst },
    projects: [
      // A machine can be many times slower than this one: time is judged by `npm run bench`, not by a test that happens to run beside others.
      {
        extends: true,
        test: {
          name: "unit",
          include: ["src/{core,job,formats,cli,app,screens,ui,demo,workers}/**/*.test.{ts,tsx}"],
          setupFiles: ["tests/support/seed.ts", "tests/support/navigation.ts"],
          // Files share their modules: loading them anew for each took half of the time.
          isolate: false,
          testTimeout: 60_000,
        },
      },
      {
        extends: true,
        test: {
          name: "database",
          include: ["src/server/**/*.test.ts"],
          setupFiles: ["tests/support/seed.ts"],
          fileParallelism: false,
          testTimeout: 60_000,
          hookTimeout: 120_000,
        },
      },
      // A page, its workers and the server keep two cores busy at times, and wait the rest: two files side by side.
      {
        extends: true,
        test: {
          name: "browser",
          include: ["tests/browser/**/*.test.ts"],
          exclude: ["tests/browser/reach.test.ts"],
          maxWorkers: 2,
          testTimeout: 240_000,
          hookTimeout: 240_000,
        },
      },
      // What is timed has the machine to itself.
      {
        extends: true,
        test: {
          name: "reach",
          include: ["tests/browser/reach.test.ts"],
          testTimeout: 240_000,
          hookTimeout: 240_000,
        },
      },
    ],
  },
});
