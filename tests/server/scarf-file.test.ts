import { spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it } from "vitest";

const folder = mkdtempSync(join(tmpdir(), "juxtane-scarf-"));
const run = (path: string) => spawnSync(process.execPath, ["scripts/scarf.mjs", path], { encoding: "utf8" });

interface CaseFile {
  readonly cases: readonly { readonly expect: Readonly<Record<string, unknown>> }[];
}

describe("npm run scarf", () => {
  it.each(["folds", "ties"])(
    "prints what each case of %s comes to, in the shape that is expected of it",
    (name) => {
      const path = `tests/cases/${name}.json`;
      const { cases } = JSON.parse(readFileSync(path, "utf8")) as CaseFile;
      const { status, stdout } = run(path);
      expect(status).toBe(0);
      const answers = JSON.parse(stdout) as Record<string, unknown>[];
      expect(answers).toHaveLength(cases.length);
      answers.forEach((answer, i) => {
        const wanted = cases[i]?.expect ?? {};
        expect(Object.keys(answer).sort()).toEqual(Object.keys(wanted).sort());
        for (const [figure, value] of Object.entries(wanted))
          if (typeof value === "number") expect(Number(answer[figure])).toBeCloseTo(value, 0);
      });
    },
  );

  it("tells all of a cloth of which nothing in particular was asked", () => {
    const path = join(folder, "plain.json");
    const steps = [{ through: [0, 0], angle: 45, side: "left", over: true }];
    const cases = [{ map: "one", sides: [90, 90], steps, axis: 45 }];
    writeFileSync(path, JSON.stringify({ maps: { one: [["navy"]] }, cases }));
    const [answer] = JSON.parse(run(path).stdout) as { shares: { colours: object }[] }[];
    expect(answer?.shares).toHaveLength(6);
    expect(answer?.shares[0]?.colours).toEqual({ "reverse of navy": 1 });
  });

  const scarf = { a: 90, b: 90, fold: "bias", width: 5, thickness: 0.1 };
  const tie = { neck: 36, ease: 4, wraps: 1, knot: "half" };
  it.each([
    ["broken JSON", '{"cases": [', /not whole JSON/],
    ["a scarf without a side", { cases: [{ scarf: { ...scarf, a: undefined }, tie }] }, /Side a is missing/],
    [
      "a knot nobody ties",
      { cases: [{ scarf, tie: { ...tie, knot: "granny" } }] },
      /Knot must be one of half, reef/,
    ],
    [
      "a map that is not there",
      { maps: {}, cases: [{ map: "sea", sides: [9, 9], steps: [], axis: 0 }] },
      /no map "sea"/,
    ],
    [
      "a map with a short row",
      { maps: { sea: [["a", "b"], ["a"]] }, cases: [{ map: "sea", sides: [9, 9], steps: [], axis: 0 }] },
      /rows of a map must be of one length/,
    ],
  ])("refuses %s with exit 2 and one line", (name, content, sentence) => {
    const path = join(folder, `${name.replaceAll(" ", "-")}.json`);
    writeFileSync(path, typeof content === "string" ? content : JSON.stringify(content));
    const { status, stdout, stderr } = run(path);
    expect({ status, stdout }).toEqual({ status: 2, stdout: "" });
    expect(stderr).toMatch(sentence);
    expect(stderr.trim().split("\n")).toHaveLength(1);
  });
});
