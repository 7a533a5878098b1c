import { describe, expect, it } from "vitest";
import type { Piece } from "../piece/piece";
import { sample, sampleLook } from "../testing/sample";
import { generatedWardrobe } from "../testing/generated";
import { apply, standsFor } from "./change";
import { read } from "./read";
import { remediesOf } from "./remedies";
import { identityOf, isSameFinding } from "./same-finding";
import { isFault } from "./severity";

const garments = [
  sample("trousers", { name: "trousers", hex: "#1d2742", figures: { inseam: 74, opening: 35, above: 36.5 } }),
  sample("top", { name: "top", hex: "#cfe0ee", figures: { tucked: true } }),
];
const wardrobe: Piece[] = generatedWardrobe(["shoe", "bag", "belt", "earrings", "scarf", "hat"], 6, 23);
const looks = Array.from({ length: 40 }, (_, seed) =>
  sampleLook({ garments, accessories: generatedWardrobe(["shoe", "bag", "belt", "hat"], 1, 300 + seed) }),
);

describe("remedies", () => {
  it("stand under faults and notes only, three at most, the best first, and each raises the score as it promises", () => {
    let most = 0;
    let offered = 0;
    for (const look of looks) {
      const reading = read(look);
      for (const { finding: at, remedies } of remediesOf(look, reading, wardrobe)) {
        const finding = reading.findings[at];
        if (!finding) throw new Error("a remedy of no finding");
        expect(isFault(finding) || finding.effect === "note").toBe(true);
        expect(remedies.length).toBeGreaterThan(0);
        expect(remedies.length).toBeLessThanOrEqual(3);
        expect(remedies.map(({ after }) => after)).toEqual(
          remedies.map(({ after }) => after).sort((one, other) => other - one),
        );
        for (const { change, before, after } of remedies) {
          const changed = read(apply(look, change));
          expect([before, after]).toEqual([reading.score, changed.score]);
          expect(after).toBeGreaterThan(before);
          const identity = identityOf(finding);
          const stands = standsFor(look, change);
          expect(changed.findings.some((other) => isSameFinding(identity, other, stands))).toBe(false);
          offered += 1;
        }
        most = Math.max(most, remedies.length);
      }
    }
    expect(most).toBe(3);
    expect(offered).toBeGreaterThan(50);
  });

  it("leave out no change that would have been better", () => {
    const [look] = looks;
    if (!look) throw new Error("there is no look");
    const reading = read(look);
    for (const { finding: at, remedies } of remediesOf(look, reading, wardrobe)) {
      const finding = reading.findings[at];
      const worst = Math.min(...remedies.map(({ after }) => after));
      const named = new Set(remedies.map(({ change }) => JSON.stringify(change)));
      for (const piece of wardrobe) {
        const proposed = finding?.proposals.some(
          (proposal) => proposal.kind === "wear" && proposal.slot === piece.kind,
        );
        const change = { kind: "wear" as const, piece };
        if (!finding || !proposed || named.has(JSON.stringify(change))) continue;
        const changed = read(apply(look, change));
        const mends = !changed.findings.some((other) =>
          isSameFinding(identityOf(finding), other, standsFor(look, change)),
        );
        if (mends && remedies.length === 3) expect(changed.score).toBeLessThanOrEqual(worst);
      }
    }
  });
});
