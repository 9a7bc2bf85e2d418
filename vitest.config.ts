import { defineConfig } from "vitest/config";

export default defineConfig({
  resolve: { alias: { "@": new URL("./src", import.meta.url).pathname } },
  test: {
    projects: [
      { extends: true, test: { name: "unit", include: ["src/{core,job,formats,cli,screens,ui,demo}/**/*.test.{ts,tsx}"] } },
      { extends: true, test: { name: "database", include: ["src/server/**/*.test.ts"], fileParallelism: false, testTimeout: 60_000, hookTimeout: 120_000 } },
      { extends: true, test: { name: "browser", include: ["tests/browser/**/*.test.ts"], fileParallelism: false, testTimeout: 240_000, hookTimeout: 240_000 } },
    ],
  },
});
