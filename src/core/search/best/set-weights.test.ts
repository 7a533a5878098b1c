import { describe, expect, it } from "vitest";
import { dress } from "../../dressing/dress";
import { swap, type Look } from "../../piece/look";
import { slotOf, type Piece } from "../../piece/piece";
import type { Slot } from "../../piece/slots";
import { read } from "../../reading/read";
import { pointsIn } from "../../reading/score";
import { effectValues } from "../../reading/verdict";
import { polished, type RuleBook } from "../../rule-book/rule-book";
import { rulesTagged } from "../../rules/registry";
import { agreementOf, looseOf, pointsOf } from "../../sets/agreement";
import { generatedWardrobe } from "../../testing/generated";
import { sample, sampleClient, sampleLook, sampleOccasion } from "../../testing/sample";
import { worthOf } from "./problem";
import { setProblem, type SetWish } from "./set-problem";

const baseFor = (ruleBook: RuleBook): Look =>
  sampleLook({
    client: { ...sampleClient, measured: { ...sampleClient.measured, neck: 36.5 }, ruleBook },
    garments: [
      sample("skirt", { name: "skirt", hex: "#1d2742", figures: { length: 60 } }),
      sample("top", { name: "top", hex: "#e9e2d2", figures: { tucked: true, neckline: "v", neckDepth: 16 } }),
    ],
    occasion: sampleOccasion,
  });
const wish = (needed: readonly Slot[], optional: readonly Slot[] = []): SetWish => ({
  slots: [
    ...needed.map((slot) => ({ slot, optional: false, pinned: null })),
    ...optional.map((slot) => ({ slot, optional: true, pinned: null })),
  ],
  forRain: false,
  from: null,
  to: null,
});
const pointsOfLook = (look: Look) => pointsIn(read(look).findings);
const put = (look: Look, piece: Piece) => swap(look, slotOf(piece) ?? "shoe", piece);
const wardrobe = [
  ...generatedWardrobe(["shoe", "bag", "belt", "hosiery"], 3, 17),
  sample("scarf", { name: "scarf", figures: { worn: "wrapped" } }),
  sample("scarf", { name: "bow", figures: { worn: "tied as a bow" } }),
  ...[40, 50, 90].map((loop) => sample("necklace", { name: `chain of ${loop}`, figures: { loop } })),
];

describe("what a set is weighed by", () => {
  it.each([
    ["edited", polished, 0.9],
    ["layered", { ...polished, schools: { ...polished.schools, ornament: "layered" } }, 0.4],
    ["as the rule book sets it", { ...polished, params: { set: { edited: 2 } } }, 2],
  ] as const)("is the reading of each piece on the base, less its place where it is %s", (_, book, place) => {
    const base = baseFor(book);
    const { problem, pieces } = setProblem(base, wardrobe, wish(["shoe"], ["bag", "belt"]));
    const nothing = pointsOfLook(base);
    let looked = 0;
    pieces.forEach((piece, i) => {
      if (!piece) {
        expect(problem.worth[i]).toBe(0);
        return;
      }
      const cost = slotOf(piece) === "shoe" ? 0 : place;
      const gain = pointsOfLook(put(base, piece)) - nothing - cost;
      expect(problem.worth[i], piece.name).toBe(Math.round(100 * gain));
      looked += 1;
    });
    expect(looked).toBe(9);
  });

  it("is the agreement of two, whose praise counts less than their quarrel", () => {
    const base = baseFor(polished);
    const { problem, pieces } = setProblem(base, wardrobe, wish(["shoe", "bag", "belt"]));
    const counted = { praised: 0, quarrelled: 0 };
    pieces.forEach((one, i) =>
      pieces.forEach((other, j) => {
        if (!one || !other || slotOf(one) === slotOf(other)) return;
        const points = pointsOf(agreementOf(looseOf(one, base.client), looseOf(other, base.client)));
        if (points > 0) counted.praised += 1;
        if (points < 0) counted.quarrelled += 1;
        const counts = points > 0 ? points * 0.3 : points;
        expect(problem.together[i * problem.count + j]).toBe(Math.round(100 * counts));
      }),
    );
    expect(counted.praised).toBeGreaterThan(0);
    expect(counted.quarrelled).toBeGreaterThan(0);
  });

  it.each([
    ["hosiery", "shoe", "leg"],
    ["necklace", "neck", "neck"],
  ] as const)(
    "of %s and %s is what they make of the base together, read by the rules of the %s",
    (a, b, tag) => {
      const base = baseFor(polished);
      const rules = rulesTagged(tag);
      const heard = (look: Look) => {
        const dressed = dress(look);
        return pointsIn(rules.flatMap((rule) => rule.read(dressed)));
      };
      const { problem, pieces } = setProblem(base, wardrobe, wish([a, b]));
      let said = 0;
      pieces.forEach((one, i) =>
        pieces.forEach((other, j) => {
          if (!one || !other || slotOf(one) !== a || slotOf(other) !== b) return;
          const both = heard(put(put(base, one), other));
          const value = both - heard(put(base, one)) - heard(put(base, other)) + heard(base);
          if (value !== 0) said += 1;
          expect(problem.together[i * problem.count + j]).toBe(Math.round(100 * value));
        }),
      );
      expect(said).toBeGreaterThan(0);
    },
  );

  it.each([
    ["two leads", polished, 2, effectValues.jars],
    [
      "three leads",
      { ...polished, schools: { ...polished.schools, ornament: "layered" } },
      3,
      effectValues.jars,
    ],
    ["one lead", { ...polished, params: { "style.one-lead": { most: 1 } } }, 1, effectValues.jars],
    ["any leads for nothing", { ...polished, weights: { "style.one-lead": 0 } }, 2, 0],
  ] as const)("allows %s as the rule does, and counts each further one", (_, book, limit, cost) => {
    const leads = (["shoe", "bag", "belt", "scarf"] as const).map((kind) =>
      sample(kind, { name: kind, statement: 2 }),
    ) as Piece[];
    const { problem } = setProblem(baseFor(book), leads, wish(["shoe", "bag", "belt", "neck"]));
    const [group] = problem.groups;
    expect(group?.limit).toBe(limit);
    expect(group?.cost).toBeCloseTo(-100 * cost, 9);
    expect([...(group?.counts ?? [])]).toEqual([1, 1, 1, 1]);
    const groupless = { ...problem, groups: [] };
    const all = [0, 1, 2, 3];
    expect(worthOf(groupless, all) - worthOf(problem, all)).toBeCloseTo((4 - limit) * -100 * cost, 9);
  });

  it("counts a second print as the rule of prints does", () => {
    const prints = (["shoe", "bag", "belt"] as const).map((kind) =>
      sample(kind, { name: kind, pattern: "stripe", patternScale: 2 }),
    ) as Piece[];
    const { problem } = setProblem(baseFor(polished), prints, wish(["shoe", "bag", "belt"]));
    const group = problem.groups[1];
    expect(group?.limit).toBe(1);
    expect(group?.cost).toBe(-100 * effectValues.rubs);
    expect([...(group?.counts ?? [])]).toEqual([1, 1, 1]);
  });

  it("lets what suffers in the rain stay where an umbrella that is kept shelters it", () => {
    const umbrella = sample("umbrella", { name: "umbrella" });
    const hat = sample("hat", { name: "velvet hat", finish: "velvet" });
    const wet = { ...baseFor(polished), occasion: { ...sampleOccasion, rain: 0.7 } };
    const offered = (pinned: string | null) =>
      setProblem(wet, [umbrella, hat], {
        ...wish([], ["hat"]),
        slots: [
          { slot: "umbrella", optional: true, pinned },
          { slot: "hat", optional: true, pinned: null },
        ],
      }).pieces.map((piece) => piece?.name ?? null);
    expect(offered(null)).not.toContain("velvet hat");
    expect(offered("umbrella")).toContain("velvet hat");
  });

  it("leaves out what is nowhere at home among the levels of the occasion, unless it is kept", () => {
    const at = (name: string, low: number, high: number) =>
      sample("shoe", { name, register: { low, centre: (low + high) / 2, high } });
    const shoes = [
      at("beach sandals", 1, 3),
      at("glitter boots", 7, 9),
      at("loafers", 3, 6),
      at("pumps", 5, 7),
    ];
    const asks = {
      ...baseFor(polished),
      occasion: { ...sampleOccasion, rain: 0, span: { low: 4, high: 6 } },
    };
    const offered = (pinned: string | null, look: Look = asks) =>
      setProblem(look, shoes, { ...wish([]), slots: [{ slot: "shoe", optional: false, pinned }] }).pieces.map(
        (piece) => piece?.name ?? null,
      );
    expect(offered(null)).toEqual(["loafers", "pumps"]);
    expect(offered("glitter boots")).toEqual(["glitter boots"]);
    expect(offered(null, { ...asks, occasion: null })).toHaveLength(4);
  });
});
