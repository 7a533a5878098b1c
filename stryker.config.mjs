// What `npm run mutation` breaks, and what it holds it against.
const held = ["search", "sets", "dressing", "rules", "reading", "scarf", "intake", "place"];
const rooms = process.env.ROOM ? process.env.ROOM.split(",") : held;

export default {
  testRunner: "vitest",
  plugins: ["@stryker-mutator/vitest-runner"],
  vitest: { configFile: "vitest.mutation.config.ts" },
  mutate: rooms.flatMap((room) => [`src/core/${room}/**/*.ts`, `!src/core/${room}/**/*.test.ts`]),
  // A sentence changed to another is no fault of a rule, and tests of the words read every one.
  mutator: { excludedMutations: ["StringLiteral"] },
  // What is worked out once when a file is loaded would have all tests run for every change.
  ignoreStatic: true,
  ignorePatterns: [".next"],
  coverageAnalysis: "perTest",
  concurrency: 2,
  timeoutMS: 5000,
  reporters: ["clear-text", "json", "progress-append-only"],
  clearTextReporter: { allowColor: false, logTests: false },
  jsonReporter: { fileName: "reports/mutation.json" },
  tempDirName: "reports/mutation",
  thresholds: { high: 90, low: 80, break: null },
};
