// A runner for Stryker: the tests of the core, compiled once and run in this process, some hundredths of a second for
// each change where vitest takes seconds to load them.
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { INSTRUMENTER_CONSTANTS } from "@stryker-mutator/api/core";
import { declareClassPlugin, PluginKind } from "@stryker-mutator/api/plugin";
import {
  determineHitLimitReached,
  DryRunStatus,
  TestStatus,
  toMutantRunResult,
} from "@stryker-mutator/api/test-runner";
import { testsInMemory } from "./tests-in-memory.mjs";

const own = `src/core/${process.env.ROOM}/`;
/** The longest a test may take to be asked, ms: what takes longer looks at whole wardrobes, and others see the same. */
const longest = { own: 2000, others: 25 };
/**
 * For how long a change is held against its tests, ms of the processor's time, which other work on the machine does not
 * shorten: what is not noticed by then counts as let pass.
 */
const patience = 3000;
/** Not asked at all: each takes as long as all others together, and what it holds others hold in small. */
const leftOut = [
  "photo/colours-of-photo",
  "photo/photo-cases",
  "reading/read-beside",
  "search/best/seek",
].map((test) => `src/core/${test}.test.ts`);
/** Asked after the room's others: for each change it lays out anew what it looks at, which takes most of the patience. */
const slowToBegin = "src/core/rules/hope.test.ts";
/** Where the first run leaves in which order tests are asked: every process works in the same folder. */
const orderFile = "order-of-tests.json";

/** What the code that was changed and its tests tell one another: which test runs, which change is on. */
const shared = (globalThis[INSTRUMENTER_CONSTANTS.NAMESPACE] ??= {});

class InMemoryRunner {
  capabilities() {
    return { reloadEnvironment: true };
  }

  async init() {
    this.files = readdirSync("src/core", { recursive: true })
      .filter((file) => file.endsWith(".test.ts"))
      .map((file) => join("src/core", file))
      .filter((file) => !leftOut.includes(file))
      .sort();
    this.begin = await testsInMemory(process.cwd(), this.files);
  }

  async dryRun() {
    Object.assign(shared, { activeMutant: undefined, mutantCoverage: { static: {}, perTest: {} } });
    const met = shared.mutantCoverage;
    const perTest = {};
    const tests = [];
    for (const test of this.files.flatMap(this.begin())) {
      shared.currentTestId = test.id;
      const result = await resultOf(test);
      shared.currentTestId = undefined;
      if (result.timeSpentMs >= (isOwn(result.id) ? longest.own : longest.others)) continue;
      tests.push(result);
      perTest[test.id] = met.perTest[test.id] ?? {};
    }
    const reach = new Map(tests.map(({ id }) => [id, Object.keys(perTest[id]).length]));
    writeFileSync(orderFile, JSON.stringify([...tests].sort(inTurn(reach)).map(({ id }) => id)));
    return {
      status: DryRunStatus.Complete,
      tests,
      mutantCoverage: { static: met.static, perTest },
    };
  }

  async mutantRun({ activeMutant, mutantActivation, testFilter, hitLimit }) {
    this.order ??= JSON.parse(readFileSync(orderFile, "utf8"));
    const isWanted = new Set(testFilter ?? this.order);
    const activation = mutantActivation === "static" ? activeMutant.id : undefined;
    Object.assign(shared, { activeMutant: activation, hitCount: 0, hitLimit });
    const wanted = namesakeFirst(
      this.order.filter((id) => isWanted.has(id)),
      activeMutant.fileName,
    );
    const testsOf = this.begin();
    const read = new Map();
    const tests = [];
    const began = process.cpuUsage();
    for (const id of wanted) {
      const { user, system } = process.cpuUsage(began);
      if ((user + system) / 1000 > patience) break;
      const file = fileOf(id);
      // A file is read when the first of its tests is asked: most changes are noticed before.
      if (!read.has(file)) {
        shared.activeMutant = activation;
        read.set(file, new Map(testsOf(file).map((test) => [test.id, test])));
        shared.activeMutant = activeMutant.id;
      }
      const result = await resultOf(read.get(file).get(id));
      tests.push(result);
      if (result.status === TestStatus.Failed) break;
    }
    const limit = determineHitLimitReached(shared.hitCount, hitLimit);
    return toMutantRunResult(limit ?? { status: DryRunStatus.Complete, tests });
  }
}

async function resultOf({ id, name, file, run }) {
  const began = performance.now();
  const about = () => ({ id, name, fileName: file, timeSpentMs: performance.now() - began });
  try {
    await run();
    return { ...about(), status: TestStatus.Success };
  } catch (error) {
    return { ...about(), status: TestStatus.Failed, failureMessage: String(error).slice(0, 500) };
  }
}

const fileOf = (id) => id.slice(0, id.indexOf(" "));
const isOwn = (id) => id.startsWith(own);

/** The tests that are called as the changed file is, then the others, of each in their order: those look at it closest. */
function namesakeFirst(ids, changed) {
  const isNamesake = (id) => changed.endsWith(fileOf(id).replace(/\.test\.ts$/, ".ts"));
  return [...ids.filter(isNamesake), ...ids.filter((id) => !isNamesake(id))];
}

/**
 * The room's own quick tests, its long ones, those of other rooms: of each those that reach the fewest changes first, since
 * they look at what they reach most closely, and of these the quickest.
 */
function inTurn(reach) {
  return (one, other) =>
    turnOf(one) - turnOf(other) ||
    reach.get(one.id) - reach.get(other.id) ||
    one.timeSpentMs - other.timeSpentMs;
}

function turnOf({ id, timeSpentMs }) {
  if (!isOwn(id)) return 3;
  if (fileOf(id) === slowToBegin) return 2;
  return timeSpentMs < longest.others ? 0 : 1;
}

export const strykerPlugins = [declareClassPlugin(PluginKind.TestRunner, "in-memory", InMemoryRunner)];
