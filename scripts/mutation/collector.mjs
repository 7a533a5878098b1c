import * as chai from "chai";
import {
  ASYMMETRIC_MATCHERS_OBJECT,
  JestAsymmetricMatchers,
  JestChaiExpect,
  JestExtend,
} from "@vitest/expect";

for (const matchers of [JestExtend, JestChaiExpect, JestAsymmetricMatchers]) chai.use(matchers);
const expect = Object.assign((value, message) => chai.expect(value, message), chai.expect);
Object.assign(expect, globalThis[ASYMMETRIC_MATCHERS_OBJECT]);

/**
 * What the tests of the core use of vitest, to collect them without running them: `describe`, `it`, `expect`.
 * They have no hooks, and keep nothing from one test to the next.
 */
export function collector() {
  let file = "";
  let tests = [];
  let above = [];
  const it = (name, run) => {
    const title = [...above, name].join(" > ");
    tests.push({ id: `${file} ${tests.length} ${title}`, name: title, file, run });
  };
  const describe = (name, inside) => {
    above = [...above, name];
    inside();
    above = above.slice(0, -1);
  };
  const eachOf = (define) => (table) => (name, run) =>
    [...table].forEach((row, i) => {
      const given = Array.isArray(row) ? row : [row];
      define(`${name} (${i})`, () => run(...given));
    });
  const testsOf = (path, load) => {
    [file, tests, above] = [path, [], []];
    load();
    return tests;
  };
  return {
    vitest: {
      expect,
      it: Object.assign(it, { each: eachOf(it) }),
      describe: Object.assign(describe, { each: eachOf(describe) }),
    },
    testsOf,
  };
}
