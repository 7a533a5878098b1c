// What `npm run mutation` breaks, and what it holds it against.
const held = ["search", "sets", "dressing", "rules", "reading", "scarf", "intake", "place"];
const rooms = process.env.ROOM ? process.env.ROOM.split(",") : held;

export default {
  testRunner: "vitest",
  plugins: ["@stryker-mutator/vitest-runner"],
  // Which tests meet a change is known from the first run: to look for what imports its file takes longer than they do.
  vitest: { configFile: "vitest.mutation.config.ts", related: false },
  mutate: rooms.flatMap((room) => [`src/core/${room}/**/*.ts`, `!src/core/${room}/**/*.test.ts`]),
  // A sentence changed to another is no fault of a rule, and tests of the words read every one.
  mutator: { excludedMutations: ["StringLiteral"] },
  // What is worked out once when a file is loaded would have all tests run for every change.
  ignoreStatic: true,
  ignorePatterns: [".next"],
  coverageAnalysis: "perTest",
  concurrency: 2,
  // More than another's work on the machine adds: what is slow is not what never ends.
  timeoutMS: 15_000,
  reporters: ["clear-text", "json", "progress-append-only"],
  clearTextReporter: { allowColor: false, logTests: false },
  jsonReporter: { fileName: "reports/mutation.json" },
  tempDirName: "reports/mutation",
  thresholds: { high: 90, low: 80, break: null },
};
