import { describe, expect, it } from "vitest";
import { nearWord } from "./near-word";
import { knownWords } from "./vocabulary";

describe("a word with one slip in it", () => {
  it.each([
    ["a letter missing", "lofers", "loafers"],
    ["a letter too many", "loaffers", "loafers"],
    ["another letter", "loagers", "loafers"],
    ["two exchanged", "laofers", "loafers"],
    ["two exchanged at its end", "burgunyd", "burgundy"],
    ["another first letter", "koafers", "loafers"],
    ["its last letter missing", "burgund", "burgundy"],
    ["a slip in its plural", "earings", "earrings"],
  ])("%s: %s is %s", (_, word, meant) => {
    expect(nearWord(word)).toBe(meant);
  });

  it.each(["looofers", "lafoers", "oafersl", "xylophone", "burgxndx"])(
    "%s is two slips off, and no word",
    (word) => {
      expect(nearWord(word)).toBeNull();
    },
  );

  it("is a slip within the word rather than at its first letter", () => {
    for (const known of knownWords) {
      if (known.length < 6 || known.includes(" ")) continue;
      const slipped = known.slice(0, 3) + known.slice(4);
      const meant = nearWord(slipped);
      if (meant !== null && !knownWords.has(slipped)) expect(meant[0], slipped).toBe(slipped[0]);
    }
  });

  it("is as likely another word where it is short", () => {
    expect(nearWord("bog")).toBeNull();
    expect(nearWord("nevy")).toBeNull();
  });

  it("is itself where it is known, in the singular or the plural", () => {
    for (const word of ["bag", "bags", "navy", "loafer", "loafers"]) expect(nearWord(word)).toBe(word);
  });
});
