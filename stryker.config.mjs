// What `npm run mutation` breaks in a room, and what it holds it against.
const { ROOM: room = "" } = process.env;

export default {
  testRunner: "in-memory",
  plugins: ["./scripts/mutation/runner.mjs"],
  mutate: [`src/core/${room}/**/*.ts`, `!src/core/${room}/**/*.test.ts`],
  // A sentence changed to another is no fault of a rule, and tests of the words read every one.
  mutator: { excludedMutations: ["StringLiteral"] },
  // What is worked out once when a file is loaded would have all tests run for every change.
  ignoreStatic: true,
  ignorePatterns: [".next"],
  coverageAnalysis: "perTest",
  // What was noticed before is not asked again where neither it nor its tests have changed.
  incremental: true,
  incrementalFile: `reports/mutation-${room}.json`,
  concurrency: Number(process.env.WORKERS ?? 2),
  // More than another's work on the machine adds: what is slow is not what never ends.
  timeoutMS: 15_000,
  reporters: ["clear-text", "progress-append-only"],
  clearTextReporter: { allowColor: false, logTests: false },
  tempDirName: "reports/mutation",
  thresholds: { high: 90, low: 80, break: null },
};
