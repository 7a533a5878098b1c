import { describe, expect, it } from "vitest";
import { swap, type Look } from "../piece/look";
import type { Piece } from "../piece/piece";
import { sample, sampleLook, sampleOccasion } from "../testing/sample";
import { apply } from "./change";
import { editPass, surprises } from "./edit-pass";
import { read } from "./read";
import { isFault } from "./severity";
import { compareVerdicts, markOf } from "./verdict";
import { byWorth, worthOf } from "./worth";

const worn = sampleLook({
  accessories: [
    sample("shoe", { name: "Black ankle boots", hex: "#17181a", metal: "gold", metalSize: 1 }),
    sample("bag", { name: "Tan bag", hex: "#a77b4f", metal: "brass", metalSize: 2 }),
    sample("watch", { name: "Steel watch", metal: "steel", metalSize: 2 }),
  ],
});

describe("the edit pass", () => {
  it("reads the look without each accessory but the shoes, the best to lose first", () => {
    const removals = editPass(worn);
    expect(removals.map(({ piece }) => piece.name).sort()).toEqual(["Steel watch", "Tan bag"]);
    expect(removals[0]?.worth.after).toBe(Math.max(...removals.map(({ worth }) => worth.after)));
    for (const { piece, worth } of removals) {
      const without = read(apply(worn, { kind: "take-off", piece: piece.id }));
      expect(worth.after).toBe(markOf(without));
      expect(worth.gain).toBeCloseTo(without.points - read(worn).points, 5);
    }
  });

  it("has faults to be rid of", () => {
    expect(read(worn).findings.some(isFault)).toBe(true);
  });
});

describe("a surprise", () => {
  const said = (name: string, statement: 0 | 1 | 2 | 3, hex = "#a77b4f") =>
    sample("bag", { name, hex, statement });
  const plain = sampleLook({
    garments: [sample("dress", { name: "dress", hex: "#1d2742" })],
    accessories: [sample("shoe", { name: "shoe", hex: "#6d3f26" }), said("plain", 0)],
  });

  it("says a little, not nothing and not too much, and is one that is not worn", () => {
    const offered = [said("silent", 0), said("loud", 3), said("a little", 1)];
    expect(surprises(plain, offered).map(({ off, on }) => [off.name, on.name])).toEqual([
      ["plain", "a little"],
    ]);
    expect(surprises(plain, [said("speaks", 2)]).map(({ on }) => on.name)).toEqual(["speaks"]);
    expect(surprises(plain, offered.slice(0, 2))).toEqual([]);
    const spoken = said("spoken", 1);
    expect(surprises({ ...plain, accessories: [...plain.accessories, spoken] }, [spoken])).toEqual([]);
  });

  it("is the best of those that could take a place, with what it is worth", () => {
    const offered = ["#a77b4f", "#c02a7a", "#2fd018", "#6d3f26"].map((hex) => said(hex, 1, hex));
    const worn = (on: (typeof offered)[number]) => read(swap(plain, "bag", on));
    const verdict = read(plain).verdict;
    const best = offered
      .filter((on) => compareVerdicts(worn(on).verdict, verdict) >= 0)
      .reduce((one, other) => (worn(other).points > worn(one).points ? other : one));
    const found = surprises(plain, offered);
    expect(found).toMatchObject([{ off: { name: "plain" }, on: { name: best.name } }]);
    expect(found[0]?.worth).toEqual(worthOf(read(plain), worn(best)));
  });

  it("never makes a look jar, whatever it says", () => {
    const dinner = { ...sampleOccasion, span: { low: 8, high: 9 } };
    const dressy = (piece: Piece): Piece => ({ ...piece, register: { low: 7, centre: 8.5, high: 9 } });
    const formal: Look = {
      ...plain,
      occasion: dinner,
      garments: plain.garments.map(dressy),
      accessories: plain.accessories.map(dressy),
    };
    const shore = { ...said("beach", 1), register: { low: 1, centre: 1, high: 2 } };
    expect(read(formal).verdict).not.toBe("jars");
    expect(read(swap(formal, "bag", shore)).verdict).toBe("jars");
    expect(surprises(formal, [shore])).toEqual([]);
  });

  it("is one for each plain piece, four at most, the best first", () => {
    const five = (given: { name?: string; statement?: 1 }): Piece[] => [
      sample("bag", given),
      sample("belt", given),
      sample("hat", given),
      sample("gloves", given),
      sample("scarf", given),
    ];
    const all = sampleLook({
      garments: plain.garments,
      accessories: [sample("shoe", { name: "shoe" }), ...five({})],
    });
    const louder = five({ statement: 1 }).map((piece) => ({ ...piece, id: `other ${piece.id}` }));
    const found = surprises(all, louder);
    expect(found.length).toBeLessThanOrEqual(4);
    expect(found.length).toBeGreaterThan(1);
    expect(found).toEqual([...found].sort(byWorth));
    expect(new Set(found.map(({ off }) => off)).size).toBe(found.length);
  });
});
