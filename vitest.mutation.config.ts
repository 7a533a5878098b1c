import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));

/** The tests that mutations of the core are held against: its own, and none that reads every combination. */
export default defineConfig({
  resolve: { alias: { "@": at("./src") } },
  test: {
    include: (process.env.ROOM?.split(",") ?? ["**"]).map((room) => `src/core/${room}/**/*.test.ts`),
    exclude: ["src/core/search/best/seek.test.ts"],
    environment: "node",
    testTimeout: 60_000,
  },
});
