import { describe, expect, it } from "vitest";
import type { Reach } from "@/core/search/reach";
import { firstStock } from "@/core/sets/template";
import { reachWords } from "./reach-words";
import { missingWords, templateWords } from "../stock/words/template-words";

const read = (verdict: Reach["verdict"], level: number | null): Reach => ({
  verdict,
  level,
  score: 70,
  turned: false,
});

describe("a reach in words", () => {
  it("counts what is served and spans its levels, leaving out what jars", () => {
    const reach = [read("sings", 4), read("sits", 6.6), read("jars", 9), read("sits", 5)];
    expect(reachWords(reach, 4)).toBe("serves 3 of 4 bases, easy smart to dressy");
  });

  it("names one level once", () => {
    expect(reachWords([read("sits", 5.1), read("sings", 4.9)], 2)).toBe(
      "serves 2 of 2 bases, polished smart",
    );
  });

  it("says nothing of levels where nothing is served, or none is known", () => {
    expect(reachWords([read("jars", 5)], 1)).toBe("serves 0 of 1 base");
    expect(reachWords(undefined, 3)).toBe("reading ...");
    expect(reachWords([], 0)).toBe("no base to wear it on yet");
  });
});

describe("a template in words", () => {
  const words = Object.fromEntries(firstStock.map((template) => [template.name, templateWords(template)]));

  it("is its levels and whether it takes rain", () => {
    expect(words).toEqual({
      "Off duty": "shore and sofa to casual",
      Work: "easy smart to business",
      "Evening, quiet": "business to dressy",
      Weather: "off duty to business, takes rain",
      Ceremony: "formal to black tie",
    });
  });

  it("says what is missing by what it must be", () => {
    const [weather] = firstStock.filter(({ forRain }) => forRain);
    if (!weather) throw new Error("one ready template is for rain");
    expect(missingWords(["shoe", "bag"], weather)).toBe(
      "shoe and bag at home between off duty and business that takes rain",
    );
  });
});
