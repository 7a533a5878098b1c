import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Kind } from "../piece/kinds";
import { slotOf, type Piece } from "../piece/piece";
import { effectValues } from "../reading/verdict";
import { polished, readyBooks, type RuleBook } from "../rule-book/rule-book";
import { registry } from "../rules/registry";
import { generatedWardrobe, numbersFrom } from "../testing/generated";
import { sample, sampleClient, sampleLook } from "../testing/sample";
import { dress } from "../dressing/dress";
import { agreementOf, looseOf, pointsOf } from "./agreement";

const kinds: readonly Kind[] = [
  "shoe",
  "bag",
  "belt",
  "scarf",
  "necklace",
  "earrings",
  "watch",
  "hat",
  "gloves",
  "umbrella",
  "pocket square",
];
const pairRules = registry.filter(({ pairs }) => pairs !== null);

/** What of their messages is about one piece alone, about a lack, or about three or more: no pair says it. */
const notOfPairs: Readonly<Record<string, readonly string[]>> = {
  "colour.echo": ["lone", "only", "half", "bare", "bridge"],
  "finish.metal": ["unread", "story"],
  "proportion.neck-layers": ["many"],
  "style.one-lead": ["leads"],
  "style.scale": ["lost"],
  "style.story": ["shared"],
};

/** What the rules of pairs say of a look that is just the two pieces, read as any look is. */
function readTogether(one: Piece, other: Piece, ruleBook: RuleBook): string[] {
  const client = { ...sampleClient, ruleBook };
  const dressed = dress(sampleLook({ client, garments: [], accessories: [one, other] }));
  return pairRules.flatMap((rule) =>
    rule
      .read(dressed)
      .filter(({ message }) => !notOfPairs[rule.id]?.includes(message))
      .map(({ effect, weight, message }) => `${rule.id} ${message} ${effect} ${weight}`),
  );
}

function agreed(one: Piece, other: Piece, ruleBook: RuleBook): string[] {
  const client = { ...sampleClient, ruleBook };
  return agreementOf(looseOf(one, client), looseOf(other, client)).map(
    ({ rule, message, effect, weight }) => `${rule} ${message} ${effect} ${weight}`,
  );
}

describe("what two pieces are to one another", () => {
  it("is what the reading of the two says, in every ready rule book", () => {
    let said = 0;
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 4000 }), fc.constantFrom(...readyBooks), (seed, book) => {
        const wardrobe = generatedWardrobe(kinds, 2, seed);
        const next = numbersFrom(seed);
        const pick = () => wardrobe[Math.floor(next() * wardrobe.length)] as Piece;
        const [one, other] = [pick(), pick()];
        if (slotOf(one) === slotOf(other)) return;
        const whole = readTogether(one, other, book);
        said += whole.length;
        expect(agreed(one, other, book).sort()).toEqual(whole.sort());
      }),
      { numRuns: 300 },
    );
    expect(said).toBeGreaterThan(100);
  });

  it("leaves nothing out that the reading says of two, whichever rule says it", () => {
    const one = sample("shoe", { name: "shoe", hex: "#6d3f26", metal: "gold", metalSize: 2, statement: 2 });
    const other = sample("bag", {
      name: "bag",
      hex: "#e8d9b0",
      metal: "steel",
      metalSize: 2,
      statement: 2,
      poles: ["romantic"],
      finish: "velvet",
    });
    const rules = new Set(agreed(one, other, polished).map((each) => each.split(" ")[0]));
    for (const rule of ["finish.metal", "colour.value-match", "style.one-lead"])
      expect(rules).toContain(rule);
  });

  it("costs nothing where a rule rests, and hears a changed limit", () => {
    const gold = sample("shoe", { name: "shoe", metal: "gold", metalSize: 2 });
    const steel = sample("bag", { name: "bag", metal: "steel", metalSize: 2 });
    const said = (book: RuleBook) =>
      agreed(gold, steel, book).filter((each) => each.startsWith("finish.metal"));
    expect(said(polished)).toHaveLength(1);
    expect(said({ ...polished, weights: { "finish.metal": 0 } })).toEqual([]);
    const heavier = agreementOf(
      looseOf(gold, { ...sampleClient, ruleBook: { ...polished, weights: { "finish.metal": 2 } } }),
      looseOf(steel, sampleClient),
    ).find(({ rule }) => rule === "finish.metal");
    expect(heavier?.weight).toBe(2);

    const dark = sample("shoe", { name: "shoe", hex: "#404040" });
    const pale = sample("bag", { name: "bag", hex: "#8a8a8a" });
    const parted = (book: RuleBook) => agreed(dark, pale, book).some((each) => each.includes("parted"));
    expect(parted(polished)).toBe(true);
    expect(parted({ ...polished, params: { "colour.value-match": { depth: 90 } } })).toBe(false);
  });

  it("adds up to the points of its findings, each counted whole", () => {
    const gold = sample("shoe", { name: "shoe", metal: "gold", metalSize: 2 });
    const steel = sample("bag", { name: "bag", metal: "steel", metalSize: 2 });
    const findings = agreementOf(looseOf(gold, sampleClient), looseOf(steel, sampleClient));
    const sum = findings.reduce((points, { weight, effect }) => points + weight * effectValues[effect], 0);
    expect(pointsOf(findings)).toBeCloseTo(sum, 9);
    expect(pointsOf([])).toBe(0);
  });
});
