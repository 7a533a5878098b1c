import { describe, expect, it } from "vitest";
import { changedMeanwhile, inWords } from "./meanwhile";

const opened = {
  id: "piece",
  version: 1,
  state: "ready",
  piece: { name: "Grey boots", figures: { shaft: 12, lift: 3 }, swatches: [{ hex: "#808080", share: 1 }] },
};

describe("what somebody else changed meanwhile", () => {
  it("is nothing while the record is as it was, whatever was typed", () => {
    const mine = { ...opened, piece: { ...opened.piece, name: "Slate boots" } };
    expect(changedMeanwhile(opened, mine, opened)).toEqual([]);
  });

  it("is each field of theirs that is not what stands here, both side by side", () => {
    const mine = { ...opened, piece: { ...opened.piece, figures: { shaft: 13, lift: 3 } } };
    const theirs = {
      ...opened,
      version: 2,
      state: "in care",
      piece: { ...opened.piece, figures: { shaft: 14, lift: 3 } },
    };
    expect(changedMeanwhile(opened, mine, theirs)).toEqual([
      { path: "state", mine: "ready", theirs: "in care" },
      { path: "piece.figures.shaft", mine: 13, theirs: 14 },
    ]);
  });

  it("leaves out what both changed alike, and takes a list as one field", () => {
    const swatches = [
      { hex: "#808080", share: 0.6 },
      { hex: "#ffffff", share: 0.4 },
    ];
    const theirs = { ...opened, version: 2, piece: { ...opened.piece, swatches } };
    expect(changedMeanwhile(opened, theirs, theirs)).toEqual([]);
    const [found, ...more] = changedMeanwhile(opened, opened, theirs);
    expect(found).toMatchObject({ path: "piece.swatches", theirs: swatches });
    expect(more).toEqual([]);
  });

  it("tells a figure that was struck out", () => {
    const theirs = {
      ...opened,
      piece: { ...opened.piece, figures: { shaft: null as number | null, lift: 3 } },
    };
    expect(changedMeanwhile(opened, opened, theirs)).toEqual([
      { path: "piece.figures.shaft", mine: 12, theirs: null },
    ]);
  });
});

describe("a value in words", () => {
  it.each([
    [null, "nothing"],
    ["", "nothing"],
    [[], "nothing"],
    [true, "yes"],
    [false, "no"],
    [12.345, "12.35"],
    ["suede", "suede"],
    [["classic", "sport"], "classic, sport"],
    [[{ hex: "#808080", share: 0.6 }], "#808080 60 %"],
  ])("%j is %s", (value, words) => {
    expect(inWords(value)).toBe(words);
  });
});
