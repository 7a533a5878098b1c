import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));

/** The tests that mutations of the core are held against: all of its own but the one that reads every combination. */
export default defineConfig({
  resolve: { alias: { "@": at("./src") } },
  test: {
    include: ["src/core/**/*.test.ts"],
    exclude: ["src/core/search/best/seek.test.ts"],
    environment: "node",
    testTimeout: 60_000,
  },
});
