import { spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it } from "vitest";

const folder = mkdtempSync(join(tmpdir(), "juxtane-look-"));
const example = "docs/examples/aran-over-camel.look.json";
const text = readFileSync(example, "utf8");
const readLook = (path: string) =>
  spawnSync(process.execPath, ["scripts/read-look.mjs", path], { encoding: "utf8" });

describe("npm run read", () => {
  it("prints the reading of the documented example, the same bytes each time", () => {
    const { status, stdout } = readLook(example);
    expect(status).toBe(0);
    const reading = JSON.parse(stdout) as { verdict: string; findings: { text: string; rule: string }[] };
    expect(reading.verdict).toBe("sings");
    expect(reading.findings.find(({ rule }) => rule === "proportion.gap")?.text).toContain(
      "3 cm of ankle shows between the camel straight trousers and the tan close ankle boots",
    );
    expect(readLook(example).stdout).toBe(stdout);
  });

  it.each([
    ["broken JSON", text.slice(0, 400), /not whole JSON/],
    ["a version to come", text.replace('"version": 1', '"version": 2'), /"version" is 2/],
    ["a missing field", text.replace('"crotch": 83,', "").replace('"height": 174,', ""), /Height is missing/],
    [
      "a height of 17 m",
      text.replace('"height": 174', '"height": 1700'),
      /client\.measured\.height: Height must be at most 230; 1700 is not plausible/,
    ],
  ])("refuses %s with exit 2 and one line", (name, broken, sentence) => {
    const path = join(folder, `${name.replaceAll(" ", "-")}.json`);
    writeFileSync(path, broken);
    const { status, stdout, stderr } = readLook(path);
    expect(status).toBe(2);
    expect(stdout).toBe("");
    expect(
      stderr
        .trim()
        .split("\n")
        .filter((line) => !line.startsWith("npm warn")),
    ).toHaveLength(1);
    expect(stderr).toMatch(sentence);
  });

  it("says when there is no such file", () => {
    expect(readLook(join(folder, "nothing.json"))).toMatchObject({ status: 2, stdout: "" });
  });
});
