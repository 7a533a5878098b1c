import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));
// "server-only" refuses to load outside a server build; its own empty half stands in.
const alias = { "@": at("./src"), "server-only": at("./node_modules/server-only/empty.js") };

// What is measured by the clock has the machine to itself.
const byTheClock = ["tests/browser/pace.test.ts", "tests/browser/large-studio.test.ts"];

const inChromium = {
  globalSetup: "tests/browser/setup.ts",
  testTimeout: 120_000,
  hookTimeout: 120_000,
};

export default defineConfig({
  resolve: { alias },
  test: {
    projects: [
      {
        resolve: { alias },
        test: {
          name: "core",
          include: ["src/**/*.test.{ts,tsx}"],
          environment: "node",
          // The core keeps no state that a test could leave behind: its modules are loaded once for all.
          isolate: false,
          // Drawing every kind in every form takes a quarter of a minute, and several times that where a machine is busy.
          testTimeout: 120_000,
          // Nothing else runs beside it: both processors of a small machine are its own.
          maxWorkers: 2,
        },
      },
      {
        resolve: { alias },
        test: {
          name: "server",
          include: ["tests/server/**/*.test.ts"],
          globalSetup: "tests/server/setup.ts",
          setupFiles: "tests/server/each-file.ts",
          fileParallelism: false,
          testTimeout: 30_000,
          hookTimeout: 60_000,
        },
      },
      {
        resolve: { alias },
        test: {
          ...inChromium,
          name: "browser",
          include: ["tests/browser/**/*.test.ts"],
          exclude: byTheClock,
          // Each file has a studio, a server and a browser of its own.
          maxWorkers: 2,
        },
      },
      {
        resolve: { alias },
        test: { ...inChromium, name: "pace", include: byTheClock, fileParallelism: false },
      },
    ],
  },
});
