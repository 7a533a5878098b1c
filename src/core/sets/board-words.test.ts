import { describe, expect, it } from "vitest";
import { boardWords, type BoardCell } from "./board-words";

const cell = (verdict: BoardCell["verdict"], level: number | null): BoardCell => ({ verdict, level });

describe("a board in words", () => {
  it("names bases no set serves, sets that serve nothing, and levels between that are missing", () => {
    const words = boardWords([
      [cell("sings", 3), cell("jars", 4), cell("sits", 6.2)],
      [cell("jars", 3), cell("jars", 5), cell("jars", 6)],
    ]);
    expect(words.basesUnserved).toEqual([1]);
    expect(words.setsIdle).toEqual([1]);
    expect(words.levelsMissing).toEqual(["easy smart", "polished smart"]);
  });

  it("counts as missing the lowest and the highest level that is dressed, where no look on it serves", () => {
    const words = boardWords([[cell("jars", 3), cell("sits", 4), cell("jars", 5)]]);
    expect(words.levelsMissing).toEqual(["casual", "polished smart"]);
  });

  it("knows no level of where nothing is worn", () => {
    const words = boardWords([[cell("sits", 4), cell("sits", null), cell("sings", 5)]]);
    expect(words).toEqual({ basesUnserved: [], setsIdle: [], levelsMissing: [] });
  });

  it("has nothing to say of a board where all serve, and none of an empty one", () => {
    expect(boardWords([[cell("sings", 5)]])).toEqual({ basesUnserved: [], setsIdle: [], levelsMissing: [] });
    expect(boardWords([])).toEqual({ basesUnserved: [], setsIdle: [], levelsMissing: [] });
  });
});
