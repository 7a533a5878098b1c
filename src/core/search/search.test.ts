import { describe, expect, it } from "vitest";
import { swap, wear } from "../piece/look";
import { isLegged, type Piece } from "../piece/piece";
import { apply, wornSo } from "../reading/change";
import { read } from "../reading/read";
import { markOf } from "../reading/verdict";
import { worthOf } from "../reading/worth";
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

describe("candidates for the foot", () => {
  const trousers = garments.find(isLegged);
  if (!trousers) throw new Error("there are no trousers");
  const bare = { ...look, accessories: [] };
  const turned = apply(bare, wornSo({ kind: "turn", piece: trousers.id, count: 2, depth: 4 }));
  const shoes = [5, 7, 8.5, 9.5, 11, 13].flatMap((shaft) =>
    [24, 26, 28, 31].map((top) => boots(`boots ${shaft} ${top}`, "#1d2742", shaft, top)),
  );

  it.each([
    ["as cut", bare, "adjust"],
    ["turned up twice", turned, "undo"],
  ] as const)("are read with the hem that suits them best, where it is %s", (_, from, way) => {
    const candidates = rank(from, "shoe", shoes);
    const now = read(from);
    for (const { piece, worth, verdict, also } of candidates) {
      const plain = swap(from, "shoe", piece);
      const reading = read(also ? apply(plain, also) : plain);
      expect(worth).toEqual(worthOf(now, reading));
      expect(verdict).toBe(reading.verdict);
      // The hem is left alone where the pair is right as it is, and touched only where that mends it.
      if (also) expect([read(plain).verdict, verdict === "jars"]).toEqual(["jars", false]);
      else if (verdict === "jars") expect(reachOf(plain).verdict).toBe("jars");
    }
    expect(candidates.filter(({ also }) => also?.kind === way).length).toBeGreaterThan(2);
  });

  it("leave the hem alone at every other station", () => {
    const jarring = { ...bare, accessories: [boots("boots", "#1d2742", 9.5, 28)] };
    expect(read(jarring).verdict).toBe("jars");
    expect(rank(jarring, "bag", wardrobe).map(({ also }) => also)).toEqual([null]);
  });
});

describe("candidates for an occasion", () => {
  const at = (given: Partial<typeof sampleOccasion>) => ({ ...sampleOccasion, ...given });
  const slim = sample("shoe", { name: "slim heels", figures: { tip: "slim", lift: 7 } });
  const suede = sample("shoe", { name: "suede", finish: "suede" });
  const glitter = sample("shoe", { name: "glitter", register: { low: 7, centre: 8, high: 9 } });
  const unknown = { ...sample("shoe", { name: "unknown" }), register: null };
  const plain = sample("shoe", { name: "plain" });
  const belonging = (occasion: typeof sampleOccasion | null, worn: Piece[] = []) =>
    rank({ ...look, accessories: worn, occasion }, "shoe", [slim, suede, glitter, unknown, plain])
      .filter(({ belongs }) => belongs)
      .map(({ piece }) => piece.name)
      .sort();

  it.each([
    ["none", null, ["glitter", "plain", "slim heels", "suede", "unknown"]],
    ["an office", at({}), ["plain", "slim heels", "suede", "unknown"]],
    ["a lawn", at({ ground: "lawn" }), ["plain", "suede", "unknown"]],
    ["rain", at({ rain: 0.9 }), ["plain", "slim heels", "unknown"]],
    ["quiet soles", at({ flags: ["quiet soles"] }), ["plain", "suede", "unknown"]],
  ] as const)("belong there by level, weather, ground and dress code: %s", (_, occasion, names) => {
    expect(belonging(occasion)).toEqual(names);
  });

  it("do not come to belong by an umbrella, which keeps no foot dry", () => {
    expect(belonging(at({ rain: 0.9 }), [sample("umbrella", { name: "umbrella" })])).toEqual(
      belonging(at({ rain: 0.9 })),
    );
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
  const cold = { ...sampleOccasion, id: "cold", temperature: 2 };

  it.each([null, sampleOccasion, cold])(
    "reads each cell as it would be read alone, though it solves the same hem once",
    (occasion) => {
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
      const readCells = boardReader();
      let turned = 0;
      for (const accessories of sets)
        for (const base of bases) {
          const cell = sampleLook({ garments: base, accessories, occasion });
          const alone = reachOf(cell);
          expect(readCells([cell], (look) => look)).toEqual([{ of: cell, reach: alone }]);
          if (alone.turned) turned += 1;
        }
      expect(turned).toBeGreaterThan(1);
    },
  );
});
