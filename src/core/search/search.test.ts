import { describe, expect, it } from "vitest";
import { swap, wear } from "../piece/look";
import type { Piece } from "../piece/piece";
import { read } from "../reading/read";
import { markOf } from "../reading/verdict";
import { sample, sampleLook, sampleOccasion } from "../testing/sample";
import { boardReader } from "./board";
import { rank } from "./rank";
import { reachOf } from "./reach";

const garments = [
  sample("trousers", {
    name: "navy trousers",
    hex: "#1d2742",
    figures: { inseam: 73.5, opening: 35, above: 36.5 },
  }),
  sample("top", { name: "ice shirt", hex: "#cfe0ee", figures: { tucked: true } }),
];
const boots = (name: string, hex: string, shaft: number, shaftTop: number) =>
  sample("shoe", { name, hex, figures: { form: "boot", shaft, shaftTop, lift: 4, toe: "almond" } });
const loose = boots("loose black boots", "#18181a", 12, 31);
const close = boots("close navy boots", "#1d2742", 5, 26);
const wardrobe: Piece[] = [
  loose,
  close,
  sample("bag", { name: "bag" }),
  sample("bracelet", { name: "cuff" }),
  sample("watch", { name: "watch" }),
];
const look = sampleLook({ garments, accessories: [loose], occasion: sampleOccasion });

describe("candidates for a station", () => {
  const candidates = rank(look, "shoe", wardrobe);

  it("are the pieces of the slot, the best first, with the change each really makes", () => {
    expect(candidates.map(({ piece }) => piece.name)).toEqual(["close navy boots", "loose black boots"]);
    const now = read(look);
    for (const { piece, worth } of candidates) {
      const reading = read(swap(look, "shoe", piece));
      expect(worth).toMatchObject({ before: markOf(now), after: markOf(reading) });
      expect(worth.gain).toBeCloseTo(reading.points - now.points, 5);
    }
  });

  it("say which faults they mend and which is on", () => {
    expect(candidates[0]?.mends.length).toBeGreaterThan(0);
    expect(candidates.map(({ worn }) => worn)).toEqual([false, true]);
    expect(candidates[1]).toMatchObject({ worth: { gain: 0 }, mends: [], brings: [] });
  });

  it("join a stack rather than empty it", () => {
    const stacked = { ...look, accessories: [sample("bracelet", { name: "bangle" })] };
    const [first] = rank(stacked, "wrist", wardrobe);
    expect(first && markOf(read(wear(stacked, first.piece)))).toBe(first?.worth.after);
  });
});

describe("the reach of a set", () => {
  it("counts the turn-up that saves a pair", () => {
    const turned = reachOf(sampleLook({ garments, accessories: [boots("boots", "#1d2742", 9.5, 28)] }));
    expect(turned.turned).toBe(true);
    expect(turned.verdict).not.toBe("jars");
  });

  it("is the plain reading where nothing jars", () => {
    const plain = sampleLook({ garments, accessories: [close] });
    const { verdict, score, level } = read(plain);
    expect(verdict).not.toBe("jars");
    expect(reachOf(plain)).toEqual({ verdict, score, level, turned: false });
  });
});

describe("a board", () => {
  it("reads each cell as it would be read alone, though it solves the same hem once", () => {
    const top = sample("top", { name: "top", hex: "#6b1f2f", figures: { tucked: true } });
    const bases: Piece[][] = [
      garments,
      [...garments.slice(0, 1), top],
      [sample("trousers", { name: "wide legs", figures: { leg: "wide", inseam: 82 } }), top],
      [sample("dress", { name: "dress" })],
    ];
    const socks = sample("hosiery", { name: "socks", figures: { form: "crew sock" } });
    const sets: Piece[][] = [[loose], [close], [boots("boots", "#1d2742", 9.5, 28)]].flatMap((shoes) => [
      [...shoes, ...wardrobe.slice(2, 3)],
      [...shoes, ...wardrobe.slice(2, 4), socks],
    ]);
    const cold = { ...sampleOccasion, id: "cold", temperature: 2 };
    const readCell = boardReader();
    let turned = 0;
    for (const occasion of [null, sampleOccasion, cold])
      for (const accessories of sets)
        for (const base of bases) {
          const cell = sampleLook({ garments: base, accessories, occasion });
          const alone = reachOf(cell);
          expect(readCell(cell)).toEqual(alone);
          if (alone.turned) turned += 1;
        }
    expect(turned).toBeGreaterThan(3);
  });
});
