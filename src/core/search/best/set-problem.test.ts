import { describe, expect, it } from "vitest";
import type { Piece } from "../../piece/piece";
import { slotOf } from "../../piece/piece";
import type { Slot } from "../../piece/slots";
import { effectValues } from "../../reading/verdict";
import { polished } from "../../rule-book/rule-book";
import { agreementOf, looseOf, pointsOf } from "../../sets/agreement";
import { generatedWardrobe } from "../../testing/generated";
import { sample, sampleClient, sampleLook, sampleOccasion } from "../../testing/sample";
import { bestChoices } from "./branch-and-bound";
import { setProblem, type SetWish } from "./set-problem";

const base = sampleLook({
  garments: [
    sample("trousers", { name: "trousers", hex: "#1d2742", figures: { inseam: 73 } }),
    sample("top", { name: "top", hex: "#e9e2d2", figures: { tucked: true } }),
  ],
  occasion: sampleOccasion,
});
const wishOf = (slots: readonly Slot[], given: Partial<SetWish> = {}): SetWish => ({
  slots: slots.map((slot) => ({ slot, optional: slot !== "shoe", pinned: null })),
  forRain: false,
  from: null,
  to: null,
  ...given,
});

describe("the best sets", () => {
  it("leave an optional slot empty rather than spoil the set, and never a needed one", () => {
    const shoe = sample("shoe", { name: "shoe", hex: "#6d3f26" });
    const clash = sample("bag", {
      name: "bag",
      hex: "#8fb4e0",
      register: { low: 1, centre: 1, high: 1 },
      figures: { carry: "shoulder", strap: 150 },
    });
    const { problem, pieces } = setProblem(base, [shoe, clash], wishOf(["shoe", "bag"]));
    const [best] = bestChoices(problem, 1).best;
    expect(best?.options.map((option) => pieces[option]?.name ?? null)).toEqual(["shoe", null]);
  });

  it("keep what is pinned, whatever it is worth", () => {
    const wardrobe = generatedWardrobe(["shoe", "bag"], 5, 3);
    for (const pinned of wardrobe.filter((piece) => slotOf(piece) === "shoe")) {
      const wish = wishOf(["shoe", "bag"]);
      const { problem, pieces } = setProblem(base, wardrobe, {
        ...wish,
        slots: wish.slots.map((each) => (each.slot === "shoe" ? { ...each, pinned: pinned.id } : each)),
      });
      for (const { options } of bestChoices(problem, 3).best)
        expect(options.map((option) => pieces[option]?.id)).toContain(pinned.id);
    }
  });

  it("leave out what the client's limits bar, what the rain spoils and what is of another level", () => {
    const heels = sample("shoe", { name: "heels", figures: { lift: 9, platform: 0 } });
    const suede = sample("shoe", { name: "suede", finish: "suede" });
    const flats = sample("shoe", { name: "flats", register: { low: 2, centre: 3, high: 4 } });
    const offered = (given: Partial<SetWish>, heel: number | null = null) => {
      const client = { ...sampleClient, limits: { ...sampleClient.limits, heel } };
      const { pieces } = setProblem({ ...base, client }, [heels, suede, flats], wishOf(["shoe"], given));
      return pieces.map((piece) => piece?.name ?? null);
    };
    expect(offered({})).toEqual(["heels", "suede", "flats"]);
    expect(offered({}, 5)).toEqual(["suede", "flats"]);
    expect(offered({ forRain: true })).toEqual(["heels", "flats"]);
    expect(offered({ from: 5 })).toEqual(["heels", "suede"]);
    expect(offered({ to: 2 })).toEqual(["flats"]);
  });

  it("leave out what the weather of the occasion spoils, though not what is kept on", () => {
    const suede = sample("shoe", { name: "suede", finish: "suede" });
    const open = sample("shoe", { name: "open", figures: { toe: "open" } });
    const waxed = sample("shoe", { name: "waxed", finish: "waxed" });
    const offered = (occasion: Partial<typeof sampleOccasion>, pinned: string | null = null) =>
      setProblem({ ...base, occasion: { ...sampleOccasion, ...occasion } }, [suede, open, waxed], {
        ...wishOf([]),
        slots: [{ slot: "shoe", optional: false, pinned }],
      }).pieces.map((piece) => piece?.name ?? null);
    expect(offered({ rain: 0.4 })).toEqual(["suede", "open", "waxed"]);
    expect(offered({ rain: 0.5 })).toEqual(["waxed"]);
    expect(offered({ rain: 0.5, ground: "indoors" })).toEqual(["suede", "open", "waxed"]);
    expect(offered({ rain: 0.5 }, suede.id)).toEqual(["suede"]);
  });

  it.each([
    ["lawn", ["block", "flats", "boots"]],
    ["snow and ice", ["boots"]],
    ["pavement", ["slim", "block", "flats", "boots"]],
  ] as const)("leave out what the ground of the occasion is not for: %s", (ground, left) => {
    const heeled = (name: string, tip: "slim" | "block") =>
      sample("shoe", { name, figures: { lift: 6, tip } });
    const boots = sample("shoe", {
      name: "boots",
      figures: { form: "boot", shaft: 18, shaftTop: 30, tip: "slim", lift: 2, soleBulk: "heavy" },
    });
    const shoes = [
      heeled("slim", "slim"),
      heeled("block", "block"),
      sample("shoe", { name: "flats", figures: { form: "flat" } }),
      boots,
    ];
    const offered = setProblem({ ...base, occasion: { ...sampleOccasion, ground } }, shoes, wishOf(["shoe"]));
    expect(offered.pieces.map((piece) => piece?.name)).toEqual(left);
  });

  it("offer under an umbrella that stays what it keeps dry, and not what walks through the rain", () => {
    const bag = sample("bag", { name: "suede bag", finish: "suede" });
    const shoe = sample("shoe", { name: "suede shoe", finish: "suede" });
    const umbrella = sample("umbrella", { name: "umbrella" });
    const slot = (name: Slot, pinned: string | null = null) => ({ slot: name, optional: false, pinned });
    const offered = (held: boolean) =>
      setProblem({ ...base, occasion: { ...sampleOccasion, rain: 0.8 } }, [bag, shoe, umbrella], {
        ...wishOf([]),
        slots: [slot("umbrella", held ? umbrella.id : null), slot("bag"), slot("shoe")],
      }).pieces.map((piece) => piece?.name ?? null);
    expect(offered(true)).toEqual(["umbrella", "suede bag", null]);
    expect(offered(false)).toEqual(["umbrella", null, null]);
  });

  it("say which slot has nothing to offer", () => {
    const { bare, problem } = setProblem(base, [], wishOf(["shoe", "bag"]));
    expect(bare).toEqual(["shoe", "bag"]);
    expect(bestChoices(problem, 1).best).toHaveLength(1);
  });
});

describe("why two pieces agree, or not", () => {
  const shoe = (given: object) => sample("shoe", { name: "shoe", hex: "#6d3f26", ...given });
  const bag = (given: object) => sample("bag", { name: "bag", hex: "#8f5733", ...given });
  const between = (one: Piece, other: Piece, ruleBook = polished) => {
    const client = { ...sampleClient, ruleBook };
    return agreementOf(looseOf(one, client), looseOf(other, client));
  };
  const by = (one: Piece, other: Piece) => between(one, other).map(({ rule, effect }) => `${rule} ${effect}`);
  const agreementPoints = (one: Piece, other: Piece, book = polished) => pointsOf(between(one, other, book));

  it.each([
    ["depth and metal", shoe({ metal: "gold", metalSize: 1 }), bag({ metal: "brass", metalSize: 1 }), 1],
    [
      "gold beside steel, both plain to see",
      shoe({ metal: "gold", metalSize: 2 }),
      bag({ metal: "steel", metalSize: 2 }),
      -1,
    ],
    ["patent beside velvet", shoe({ finish: "patent" }), bag({ finish: "velvet" }), -1],
  ] as const)("%s", (_, one, other, sign) => {
    expect(Math.sign(agreementPoints(one, other, polished))).toBe(sign);
  });

  it("counts two that lead against one another, as the rule of one lead does", () => {
    const two = (statement: number) =>
      [shoe({ statement, poles: ["sport"] }), bag({ statement, poles: ["romantic"] })] as const;
    const [loud, quiet] = [two(2), two(0)];
    expect(by(...loud)).toContain("style.one-lead rubs");
    expect(by(...quiet)).not.toContain("style.one-lead rubs");
    expect(agreementPoints(...loud)).toBeCloseTo(agreementPoints(...quiet) + effectValues.rubs, 9);
  });

  it("is the same from either side, in points and in kind", () => {
    const wardrobe = generatedWardrobe(["shoe", "bag", "scarf", "hat"], 4, 5);
    for (const one of wardrobe)
      for (const other of wardrobe) {
        if (one === other) continue;
        expect(agreementPoints(one, other, polished)).toBeCloseTo(agreementPoints(other, one, polished), 9);
        expect(by(one, other).sort()).toEqual(by(other, one).sort());
      }
  });

  it("follows the schools", () => {
    const matched = { ...polished, schools: { ...polished.schools, shoeBag: "matched" as const } };
    const free = { ...polished, schools: { ...polished.schools, metals: "free" as const } };
    expect(agreementPoints(shoe({}), bag({}), matched)).toBeLessThan(
      agreementPoints(shoe({}), bag({}), polished),
    );
    const [gold, steel] = [shoe({ metal: "gold", metalSize: 2 }), bag({ metal: "steel", metalSize: 2 })];
    expect(agreementPoints(gold, steel, free)).toBeGreaterThan(agreementPoints(gold, steel, polished));
  });
});
