import { describe, expect, it } from "vitest";
import { dress } from "../../dressing/dress";
import { pullsOf } from "../../dressing/level";
import type { Piece } from "../../piece/piece";
import type { Schools } from "../../rule-book/schools";
import { effectsOf, findingsOf } from "../../testing/findings";
import { sample, sampleClientWith, sampleLook } from "../../testing/sample";
import { spread } from "./spread";
import { trainers } from "./trainers";

const at = (low: number, centre: number, high: number) => ({ low, centre, high });
const suit = [
  sample("trousers", { name: "suit trousers", poles: ["tailored"], register: at(5, 6, 7) }),
  sample("jacket", { name: "jacket", poles: ["tailored"], register: at(5, 6, 7) }),
];
const shirt = sample("top", { name: "shirt", register: at(4, 6, 7), figures: { neckline: "shirt collar" } });
const tee = sample("top", { name: "tee", register: at(1, 3, 5), figures: { neckline: "crew" } });

describe("accessories place the base", () => {
  const plain = sample("dress", { name: "plain dark dress", hex: "#17171a", register: at(2, 5, 8) });
  const levelOf = (...accessories: Piece[]) =>
    dress(sampleLook({ garments: [plain], accessories })).level ?? 0;

  it("from the shore to a wedding, on one plain dark dress", () => {
    const shore = levelOf(
      sample("shoe", { name: "thongs", register: at(1, 1, 2) }),
      sample("bag", { name: "basket", register: at(1, 1.5, 3) }),
      sample("hat", { name: "straw hat", register: at(1, 2, 4) }),
    );
    const town = levelOf(
      sample("shoe", { name: "trainers", register: at(1, 3, 4) }),
      sample("bag", {
        name: "cross-body",
        register: at(2, 3.5, 5),
        figures: { carry: "cross-body", strap: 120 },
      }),
    );
    const office = levelOf(
      sample("shoe", { name: "pumps", register: at(5, 6.5, 8) }),
      sample("bag", { name: "satchel", register: at(4, 6, 7) }),
    );
    const wedding = levelOf(
      sample("shoe", { name: "satin sandals", register: at(6, 8, 9) }),
      sample("bag", { name: "clutch", register: at(6, 8, 9), figures: { carry: "clutch", strap: 0 } }),
      sample("earrings", { name: "drops", statement: 2, register: at(6, 8, 9) }),
    );
    const levels = [shore, town, office, wedding];
    expect(levels).toEqual([...levels].sort((one, other) => one - other));
    expect(shore).toBeLessThan(2.6);
    expect(town).toBeGreaterThan(3);
    expect(town).toBeLessThan(4.2);
    expect(office).toBeGreaterThan(5.5);
    expect(office).toBeLessThan(6.5);
    expect(wedding).toBeGreaterThan(7);
  });

  it("by their own shares, which add up, and never past their own mean or the base's span", () => {
    const { placing, worn } = dress(
      sampleLook({
        garments: [plain],
        accessories: [
          sample("shoe", { name: "pumps", register: at(5, 6.5, 8) }),
          sample("bag", { name: "satchel", register: at(4, 6, 7) }),
        ],
      }),
    );
    const pulled = (placing ? pullsOf(worn, placing) : []).reduce((sum, { steps }) => sum + steps, 0);
    expect((placing?.base ?? 0) + pulled).toBeCloseTo(placing?.level ?? 0, 9);
    expect(placing?.level).toBeLessThan(6.5);
    const narrow = { ...plain, statement: 2 as const, register: at(5, 5, 5) };
    const high = sampleLook({
      garments: [narrow],
      accessories: [sample("shoe", { name: "satin sandals", register: at(6, 9, 9) })],
    });
    expect(dress(high).level).toBe(5);
  });

  it("with carry and strap speaking, within the bag's own span", () => {
    const bag = (carry: "clutch" | "cross-body" | "shoulder", high = 9) =>
      levelOf(
        sample("bag", {
          name: "bag",
          register: at(3, 6, high),
          figures: { carry, strap: 120, strapMade: "leather" },
        }),
      );
    expect(bag("clutch")).toBeGreaterThan(bag("shoulder"));
    expect(bag("cross-body")).toBeLessThan(bag("shoulder"));
    expect(bag("clutch", 6)).toBe(bag("shoulder", 6));
  });
});

describe("every piece within reach of the level", () => {
  const read = (accessory: Piece, garments: Piece[] = [...suit, shirt]) =>
    effectsOf(spread, sampleLook({ garments, accessories: [accessory] }));

  it.each([
    ["within its span", at(4, 5.5, 7), []],
    ["more than a step and a half under it", at(1, 2, 4), ["jars"]],
    ["a little off and alone", at(3, 4.5, 5), ["rubs"]],
    ["over it, within what is forgiven", at(7.5, 8.5, 9), ["rubs"]],
  ] as const)("a shoe %s", (_, register, effects) => {
    expect(read(sample("shoe", { name: "shoe", register }))).toEqual(effects);
  });

  it("excuses no piece by the level it has pulled itself", () => {
    const thongs = sample("shoe", { name: "thongs", register: at(1, 1, 2) });
    const basket = sample("bag", { name: "basket", register: at(1, 1, 2) });
    const hat = sample("hat", { name: "hat", register: at(1, 1, 2) });
    const look = sampleLook({ garments: [...suit, shirt], accessories: [thongs, basket, hat] });
    expect(effectsOf(spread, look)).toContain("jars");
  });

  it("is meant when something else leans the same way, and praised once a pair", () => {
    const loafers = sample("shoe", { name: "loafers", register: at(3, 4.5, 5) });
    const watch = sample("watch", { name: "watch", register: at(3, 4.5, 5) });
    const look = sampleLook({ garments: [...suit, shirt], accessories: [loafers, watch] });
    const findings = findingsOf(spread, look);
    expect(findings).toHaveLength(1);
    expect(findings).toMatchObject([{ effect: "lifts", message: "meant" }]);
    expect([findings[0]?.names.piece, findings[0]?.names.partner].sort()).toEqual(["loafers", "watch"]);
  });

  it("asks nothing of plain hosiery but that it does not jar", () => {
    const tights = (register: { low: number; centre: number; high: number }) =>
      read(sample("hosiery", { name: "tights", register }));
    expect(tights(at(3, 4, 5))).toEqual([]);
    expect(tights(at(1, 2, 3))).toEqual(["jars"]);
  });
});

describe("trainers under tailoring", () => {
  const runner = sample("shoe", { name: "trainers", register: at(1, 3, 4.5), figures: { form: "trainer" } });
  const bow = sample("scarf", { name: "bow tie", figures: { worn: "tied as a bow" } });
  const tie = sample("scarf", { name: "tie", figures: { sideA: 145, sideB: 8 } });
  const scarf = sample("scarf", { name: "silk square" });
  const look = (top: Piece, school: Schools["trainers"], ...more: Piece[]) =>
    sampleLook({
      client: sampleClientWith({}, { trainers: school }),
      garments: [...suit, top],
      accessories: [runner, ...more],
    });
  const allowed = "if the rest is dressed down too";

  it("rub under a shirt, jar with its tie, and are meant over a tee", () => {
    expect(effectsOf(trainers, look(shirt, allowed))).toEqual(["rubs"]);
    expect(effectsOf(trainers, look(shirt, allowed, tie))).toEqual(["jars"]);
    expect(effectsOf(trainers, look(tee, allowed))).toEqual(["lifts"]);
    expect(effectsOf(trainers, look(tee, allowed, bow))).toEqual(["jars"]);
    expect(effectsOf(trainers, look(tee, allowed, scarf))).toEqual(["lifts"]);
  });

  it("are never meant when they are made for running, nor where the school says no", () => {
    const running = { ...runner, figures: { ...runner.figures, form: "running shoe" as const } };
    const { garments } = look(tee, allowed);
    expect(effectsOf(trainers, sampleLook({ garments, accessories: [running] }))).toEqual(["jars"]);
    expect(effectsOf(trainers, look(tee, "no"))).toEqual(["jars"]);
  });

  it("are read with a tee in the V of a closed jacket, and not without a jacket", () => {
    const closed = suit.map((piece) =>
      piece.kind === "jacket" ? { ...piece, figures: { ...piece.figures, closed: true } } : piece,
    );
    expect(effectsOf(trainers, sampleLook({ garments: [...closed, tee], accessories: [runner] }))).toEqual([
      "lifts",
    ]);
    const [legs] = suit;
    const separates = sampleLook({ garments: legs ? [legs, shirt] : [], accessories: [runner] });
    expect(effectsOf(trainers, separates)).toEqual([]);
  });

  it("are scolded once: neither the shoe nor the top that makes it meant a second time", () => {
    expect(effectsOf(spread, look(tee, allowed))).toEqual([]);
    expect(findingsOf(spread, look(shirt, allowed)).flatMap(({ names }) => names.piece)).not.toContain(
      "trainers",
    );
  });
});
