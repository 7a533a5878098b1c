import { readFileSync, readdirSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { parseBundle, serialiseBundle, type Bundle } from "./bundle";
import { FormatError } from "./format-error";
import { parseTemplates, serialiseTemplates } from "./templates-file";

const files = readdirSync("demo").filter((name) => name.endsWith(".bundle.json"));
const textOf = (name: string) => readFileSync(`demo/${name}`, "utf8");
const [first = ""] = files;

/** The first file with one place changed. */
function changed(change: (file: { -readonly [K in keyof Bundle]: Bundle[K] }) => void): string {
  const file = JSON.parse(textOf(first)) as Bundle;
  change(file);
  return JSON.stringify(file);
}

describe("a bundle", () => {
  it.each(files)("%s comes out as it went in", (name) => {
    expect(serialiseBundle(parseBundle(textOf(name)))).toBe(textOf(name));
  });

  it("has its day, its pieces and its groups in it", () => {
    const bundle = parseBundle(textOf(first));
    for (const part of ["pieces", "occasions", "bases", "sets", "looks"] as const)
      expect(bundle[part].length, part).toBeGreaterThan(0);
  });

  it.each<[string, string, RegExp]>([
    [
      "another format",
      JSON.stringify({ format: "juxtane.look", version: 1 }),
      /"format" must be "juxtane.bundle"/,
    ],
    ["another version", JSON.stringify({ format: "juxtane.bundle", version: 9 }), /"version" is 9/],
    [
      "a piece that is not there",
      changed((file) => (file.bases = [{ id: "b", name: "Bare", pieceIds: ["nobody"] }])),
      /bases\.0: no piece has the id "nobody"/,
    ],
    [
      "a look of no base",
      changed((file) => (file.looks = file.looks.map((look) => ({ ...look, baseId: "none" })))),
      /looks\.0: no base has the id "none"/,
    ],
    [
      "an adjustment of nothing",
      changed(
        (file) =>
          (file.looks = file.looks.map((look) => ({
            ...look,
            adjustments: [{ kind: "tuck-in", piece: "nobody" }],
          }))),
      ),
      /looks\.0\.adjustments: no piece has the id "nobody"/,
    ],
    [
      "two pieces of one id",
      changed((file) => (file.pieces = [...file.pieces, ...file.pieces.slice(0, 1)])),
      /pieces: two have the id/,
    ],
    [
      "a day that is none",
      changed((file) => (file.sets = file.sets.map((set) => ({ ...set, worn: ["soon"] })))),
      /must be a day/,
    ],
  ])("with %s is refused in one sentence", (_, text, sentence) => {
    expect(() => parseBundle(text)).toThrow(FormatError);
    expect(() => parseBundle(text)).toThrow(sentence);
  });
});

describe("a file of templates", () => {
  it("comes out as it went in, and without shoes is refused", () => {
    const text = readFileSync("demo/templates.json", "utf8");
    expect(serialiseTemplates(parseTemplates(text))).toBe(text);
    expect(() => parseTemplates(text.replace('"shoe"', '"belt"'))).toThrow(/must have shoes among them/);
  });
});
