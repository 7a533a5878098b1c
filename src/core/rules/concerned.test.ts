import { describe, expect, it } from "vitest";
import { dress } from "../dressing/dress";
import { swap, type Look } from "../piece/look";
import { slotOf, type Piece } from "../piece/piece";
import { exchangedIn } from "../reading/differing";
import { lookWith } from "../search/best/options";
import { accessoryKinds, generatedChoice, wornInWays } from "../testing/generated-choice";
import { inShades } from "../testing/in-shades";
import { ruleCases } from "../testing/rule-cases";
import type { Rule } from "./define-rule";
import { registry } from "./registry";

const concerning = registry.flatMap(({ concerns, ...rule }) => (concerns ? [{ ...rule, concerns }] : []));
type Concerning = (typeof concerning)[number];

/** Exchanges each accessory of a look for some others of its slot: how often no piece of those had a part. */
function exchangedWithout(rule: Concerning, look: Look, offered: readonly Piece[]): number {
  const whole = dress(look);
  const said = JSON.stringify(rule.read(whole));
  let without = 0;
  for (const piece of offered.filter((each) => !look.accessories.includes(each))) {
    const slot = slotOf(piece);
    const other = slot && dress(swap(look, slot, piece), whole);
    const exchanged = other && exchangedIn(whole, other);
    if (!exchanged || exchanged.some((item) => rule.concerns(item, look.client.ruleBook))) continue;
    expect(JSON.stringify(rule.read(other)), `${rule.id}, ${piece.name} put on`).toBe(said);
    without += 1;
  }
  return without;
}

describe("a piece that a rule says can have no part in it", () => {
  it("takes the place of another such without a change in what is said", () => {
    const met = new Map<Rule["id"], number>();
    for (let seed = 0; seed < 120; seed += 1) {
      const { base, wardrobe } = wornInWays(inShades(generatedChoice(seed, accessoryKinds, 3), seed), seed);
      const look = lookWith(
        base,
        wardrobe.filter((_, i) => i % 3 === 0 && (seed + i) % 7 !== 0),
      );
      const offered = wardrobe.filter((_, i) => i % 3 !== 0);
      for (const rule of concerning)
        met.set(rule.id, (met.get(rule.id) ?? 0) + exchangedWithout(rule, look, offered));
    }
    for (const { id } of concerning) expect(met.get(id), id).toBeGreaterThan(20);
  }, 120_000);

  it.each(concerning.map((rule) => [rule.id, rule] as const))(
    "nor does it in the rule's own cases: %s",
    (id, rule) => {
      let met = 0;
      for (const [i, [, , given]] of (ruleCases[id]?.says ?? []).entries()) {
        const { wardrobe } = inShades(generatedChoice(900 + i, accessoryKinds, 4), i);
        const beside = wardrobe.filter((piece, k) => {
          const slot = slotOf(piece);
          return k % 4 === 0 && slot !== null && !given.accessories.some((on) => slotOf(on) === slot);
        });
        const look = { ...given, accessories: [...given.accessories, ...beside] };
        met += exchangedWithout(rule, look, wardrobe);
      }
      expect(met).toBeGreaterThan(0);
    },
  );
});
