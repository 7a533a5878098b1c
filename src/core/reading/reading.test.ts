import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { adjustmentOn } from "../piece/adjustment";
import type { Look } from "../piece/look";
import type { Piece } from "../piece/piece";
import { accessoryKinds, generatedChoice } from "../testing/generated-choice";
import { sample, sampleLook, sampleOccasion } from "../testing/sample";
import { pieceIdsOf } from "../rules/spoken";
import { apply, wornSo } from "./change";
import { phrase, sayLimit } from "./phrase";
import { read } from "./read";
import { markOf } from "./verdict";
import { remediesOf } from "./remedies";
import { scoreOf } from "./score";
import { solveTurnUp } from "./turn-ups";

const trousers = sample("trousers", {
  name: "Camel trousers",
  hex: "#c2a57d",
  figures: { inseam: 73.5, opening: 35, above: 36.5 },
});
const knit = sample("top", { name: "Oatmeal knit", hex: "#d6c7aa", finish: "knit", figures: { length: 66 } });
const looseBoots = sample("shoe", {
  name: "Loose boots",
  hex: "#8d5430",
  figures: { form: "boot", lift: 4, shaft: 12, shaftTop: 31, toe: "almond" },
});
const closeBoots = sample("shoe", {
  name: "Close boots",
  hex: "#a9794b",
  figures: { form: "boot", lift: 4.5, shaft: 6.5, shaftTop: 26, toe: "almond" },
});
const bag = sample("bag", { name: "Tan bag", hex: "#a77b4f", metal: "brass", metalSize: 2 });
const watch = sample("watch", { name: "Steel watch", metal: "steel", metalSize: 2 });
const goldWatch = sample("watch", { name: "Gold watch", metal: "gold", metalSize: 2 });
const worn: Look = sampleLook({
  garments: [trousers, knit],
  accessories: [looseBoots, bag, watch],
  occasion: sampleOccasion,
});
const wardrobe: Piece[] = [looseBoots, closeBoots, bag, watch, goldWatch];

describe("a reading", () => {
  it("is the same to the byte for the same look", () => {
    expect(JSON.stringify(read(worn))).toBe(JSON.stringify(read(structuredClone(worn))));
  });

  it("does not depend on the order in which pieces were put on", () => {
    const pieces = [
      looseBoots,
      bag,
      watch,
      sample("belt", { name: "Belt", hex: "#6b3d25" }),
      sample("scarf", { name: "Scarf", hex: "#c4922f" }),
    ];
    const byRule = (accessories: readonly Piece[]) => read({ ...worn, accessories }).score;
    const score = byRule(pieces);
    fc.assert(
      fc.property(
        fc.shuffledSubarray(pieces, { minLength: pieces.length }),
        (order) => byRule(order) === score,
      ),
    );
  });

  it("finds the same of made-up looks whichever piece was put on first", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1 << 17 }), (seed) => {
        const { base, wardrobe } = generatedChoice(seed, accessoryKinds, 1);
        const accessories = wardrobe.filter((_, i) => (seed >> i) % 3 !== 0);
        const found = (order: readonly Piece[]) =>
          read({ ...base, accessories: order })
            .findings.map(({ rule, effect, message }) => `${rule} ${effect} ${message}`)
            .sort();
        expect(found([...accessories].reverse())).toEqual(found(accessories));
      }),
      { numRuns: 1000 },
    );
  });

  it("jars when any finding jars, whatever the score", () => {
    const reading = read(worn);
    expect(reading.findings.some(({ effect }) => effect === "jars")).toBe(true);
    expect(reading.verdict).toBe("jars");
  });

  it("starts at 70, and counts the n-th praise of a lens 1/n", () => {
    expect(scoreOf([])).toBe(70);
    const finding = read(worn).findings[0];
    if (!finding) throw new Error("the look should have a finding");
    const praise = { ...finding, lens: "colour", weight: 1, effect: "sings" } as const;
    expect(scoreOf([praise])).toBe(78);
    expect(scoreOf([praise, praise])).toBe(82);
    expect(scoreOf([praise, { ...praise, lens: "finish" }])).toBe(86);
    expect(scoreOf(Array.from({ length: 20 }, () => ({ ...praise, effect: "jars" as const })))).toBe(0);
  });

  it("fills every sentence in: no brace is left, every figure has its unit", () => {
    for (const finding of read(worn).findings) {
      for (const unit of ["cm", "in"] as const)
        expect(phrase(finding, unit)).not.toMatch(/[{}]|undefined|NaN/);
      for (const figure of Object.values(finding.figures))
        expect(sayLimit(figure, "cm")).not.toMatch(/undefined|NaN/);
    }
  });
});

describe("remedies", () => {
  const reading = read(worn);
  const { mended } = remediesOf(worn, reading, wardrobe);

  it("are offered for what jars", () => {
    const rules = mended.map(({ finding }) => reading.findings[finding]?.rule);
    expect(rules).toContain("finish.metal");
  });

  it("give the promised score when they are applied, and the finding is gone", () => {
    expect(mended.length).toBeGreaterThan(0);
    for (const { finding, remedies } of mended)
      for (const remedy of remedies) {
        const after = read(apply(worn, remedy.change));
        expect(markOf(after)).toBe(remedy.worth.after);
        expect(after.verdict).toBe(remedy.verdict);
        expect(after.points).toBeGreaterThan(reading.points);
        const old = reading.findings[finding];
        expect(
          after.findings.some(
            (each) =>
              each.rule === old?.rule &&
              each.effect === old.effect &&
              pieceIdsOf(each).join() === pieceIdsOf(old).join(),
          ),
        ).toBe(false);
      }
  });
});

describe("the turn-up solver", () => {
  it("gives a turn-up that does not jar when it is read again", () => {
    const lengths = fc.record({
      inseam: fc.double({ min: 64, max: 82, noNaN: true }),
      opening: fc.double({ min: 30, max: 52, noNaN: true }),
      flare: fc.double({ min: -6, max: 6, noNaN: true }),
      shaft: fc.double({ min: 6, max: 22, noNaN: true }),
      shaftTop: fc.double({ min: 24, max: 36, noNaN: true }),
      madeToTurn: fc.boolean(),
    });
    fc.assert(
      fc.property(lengths, ({ inseam, opening, flare, shaft, shaftTop, madeToTurn }) => {
        const look = sampleLook({
          garments: [
            sample("trousers", {
              name: "leg",
              figures: { inseam, opening, above: opening + flare, madeToTurn },
            }),
          ],
          accessories: [
            sample("shoe", {
              name: "boot",
              figures: { form: "boot", lift: 4, shaft, shaftTop, toe: "almond" },
            }),
          ],
        });
        const answer = solveTurnUp(look);
        const proportion = (next: Look) => read(next).findings.filter(({ lens }) => lens === "proportion");
        if (!answer?.best) {
          expect(answer?.because.length).toBeGreaterThan(0);
          return;
        }
        const after = answer.best.turn ? apply(look, wornSo(answer.best.turn)) : look;
        expect(proportion(after).some(({ effect }) => effect === "jars")).toBe(false);
      }),
      { numRuns: 60 },
    );
  });

  it("turns the cropped leg once over a close boot it overlaps", () => {
    const look = {
      ...worn,
      accessories: [
        sample("shoe", {
          name: "boot",
          figures: { form: "boot", lift: 3, shaft: 8, shaftTop: 25.5, toe: "almond" },
        }),
      ],
    };
    const best = solveTurnUp(look)?.best;
    expect(best?.turn).toMatchObject({ kind: "turn", count: 1 });
    const after = best?.turn ? apply(look, wornSo(best.turn)) : look;
    expect(adjustmentOn(after.adjustments, "turn", trousers.id)?.depth).toBe(best?.turn?.depth);
  });

  it("has nothing to say of a look without trousers", () => {
    expect(solveTurnUp(sampleLook({ garments: [sample("skirt")] }))).toBeNull();
  });

  it("never rolls pressed cloth, unless it is made to be rolled", () => {
    const boots = sample("shoe", { figures: { form: "boot", shaft: 12, shaftTop: 28, lift: 4 } });
    const answer = (given: Partial<Pick<Piece, "finish" | "cloth">>, madeToTurn = false) =>
      solveTurnUp(
        sampleLook({
          garments: [
            sample("trousers", { ...given, figures: { inseam: 72.5, opening: 37, above: 37.5, madeToTurn } }),
          ],
          accessories: [boots],
        }),
      );
    expect(answer({ cloth: "cotton" })?.best?.turn).toMatchObject({ kind: "turn" });
    expect(answer({ cloth: null })?.best?.turn).toMatchObject({ kind: "turn" });
    for (const given of [{ cloth: "wool" }, { cloth: "silk" }, { finish: "satin" }] as const)
      expect(answer(given)).toMatchObject({ best: null, pressed: true });
    expect(answer({ cloth: "wool" }, true)?.best?.turn).toMatchObject({ kind: "turn" });
    expect(answer({ cloth: "wool", finish: "brushed" })?.best?.turn).toMatchObject({ kind: "turn" });
  });
});

describe("changes", () => {
  it("a turn-up and a tuck into the boot undo each other", () => {
    const turned = apply(worn, wornSo({ kind: "turn", piece: trousers.id, count: 1, depth: 4 }));
    const tucked = apply(turned, wornSo({ kind: "tuck-into-boot", piece: trousers.id }));
    expect(tucked.adjustments.map(({ kind }) => kind)).toEqual(["tuck-into-boot"]);
    expect(apply(tucked, { kind: "undo", way: "turn", piece: trousers.id }).adjustments).toEqual([]);
  });

  it("a piece takes the place of what its slot held, or joins a stack", () => {
    expect(apply(worn, { kind: "wear", piece: closeBoots }).accessories).toEqual([bag, watch, closeBoots]);
    expect(apply(worn, { kind: "wear", piece: goldWatch }).accessories).toEqual([
      looseBoots,
      bag,
      watch,
      goldWatch,
    ]);
    expect(apply(worn, { kind: "take-off", piece: bag.id }).accessories).toEqual([looseBoots, watch]);
  });
});
