import { describe, expect, it } from "vitest";
import type { Look } from "../piece/look";
import type { Piece } from "../piece/piece";
import type { Finding } from "../rules/finding";
import { pieceIdsOf } from "../rules/spoken";
import { generatedWardrobe } from "../testing/generated";
import { generatedLook } from "../testing/generated-look";

import { apply, type Change } from "./change";
import { read, type Reading } from "./read";
import { remediesOf } from "./remedies";
import { effectValues, markOf, verdicts } from "./verdict";

const wardrobe: Piece[] = generatedWardrobe(["shoe", "bag", "belt", "earrings", "scarf", "hosiery"], 5, 23);
const looks = Array.from({ length: 60 }, (_, seed) => generatedLook(400 + seed));
const points = ({ effect, weight }: Finding) => weight * effectValues[effect];
const hasShoes = ({ accessories }: Look) => accessories.some(({ kind }) => kind === "shoe");

/** What a change puts in another's place, by the piece before. */
function nowCalled(look: Look, { kind, ...change }: Change): (id: string) => string {
  if (kind !== "wear" || !("piece" in change) || typeof change.piece === "string") return (id) => id;
  const on = change.piece;
  const after = apply(look, { kind, piece: on });
  const off = look.accessories.find(({ id }) => !after.accessories.some((left) => left.id === id));
  return (id) => (id === off?.id ? on.id : id);
}

/** The findings of one rule that speak of some of the same pieces, or of the look as a whole. */
function sameMatter(finding: Finding, reading: Reading, called: (id: string) => string): Finding[] {
  const pieces = pieceIdsOf(finding).map(called);
  return reading.findings.filter((other) => {
    const others = pieceIdsOf(other);
    const overlaps = pieces.length === 0 || others.length === 0 || others.some((id) => pieces.includes(id));
    return other.rule === finding.rule && overlaps;
  });
}

/** A made-up look with what is found for it. */
function remedied(look: Look) {
  const reading = read(look);
  return { look, reading, found: remediesOf(look, reading, wardrobe) };
}

/** Every remedy that stands under a finding of a look, done and read again. */
function everyRemedy(given: Look) {
  const { look, reading, found } = remedied(given);
  return found.mended.flatMap(({ finding: at, remedies }) =>
    remedies.map((remedy) => {
      const finding = reading.findings[at];
      if (!finding) throw new Error("a remedy of no finding");
      const changed = apply(look, remedy.change);
      return { look, reading, finding, remedy, changed, after: read(changed) };
    }),
  );
}

it("finds enough for made-up looks to be judged by", () => {
  const found = looks.map((look) => remedied(look).found);
  const under = found.flatMap(({ mended }) => mended.flatMap(({ remedies }) => remedies));
  expect(under.length).toBeGreaterThan(150);
  expect(found.flatMap(({ alsoBetter }) => alsoBetter).length).toBeGreaterThan(10);
});

describe.each(looks.map((look, i) => [i, look] as const))("remedies of made-up look %i", (_, look) => {
  it("are three at most under each thing that is wrong or to be noted, the best first", () => {
    const { reading, found } = remedied(look);
    for (const { finding, remedies } of found.mended) {
      expect(effectValues[reading.findings[finding]?.effect ?? "sings"]).toBeLessThanOrEqual(0);
      expect(remedies.length).toBeGreaterThan(0);
      expect(remedies.length).toBeLessThanOrEqual(3);
      const marks = remedies.map(({ worth }) => worth.after);
      expect(marks).toEqual([...marks].sort((one, other) => other - one));
    }
  });

  it("lead to what they promise, and the look reads better", () => {
    for (const { reading, remedy, after } of everyRemedy(look)) {
      expect(remedy.worth).toMatchObject({ before: markOf(reading), after: markOf(after) });
      expect(remedy.verdict).toBe(after.verdict);
      expect(after.points).toBeGreaterThan(reading.points);
      expect(verdicts.indexOf(after.verdict)).toBeLessThanOrEqual(verdicts.indexOf(reading.verdict));
    }
  });

  it("leave what they stand under gone or less grave", () => {
    for (const { reading, finding, remedy, after } of everyRemedy(look)) {
      const called = nowCalled(look, remedy.change);
      const stoodBeside = reading.findings.filter((other) => other !== finding);
      const left = sameMatter(finding, after, called).filter(
        (now) =>
          !stoodBeside.some(
            (then) => then.rule === now.rule && then.effect === now.effect && alike(then, now, called),
          ),
      );
      for (const now of left)
        expect(
          points(now) > points(finding) || points(now) > 0,
          `${finding.rule}: ${remedy.change.kind}`,
        ).toBe(true);
    }
  });

  it("bring nothing as grave as what they mend", () => {
    for (const { reading, finding, remedy, after } of everyRemedy(look)) {
      const called = nowCalled(look, remedy.change);
      for (const now of after.findings) {
        if (points(now) >= 0 || points(now) > points(finding)) continue;
        const stood = reading.findings.some(
          (then) => then.rule === now.rule && then.effect === now.effect && alike(then, now, called),
        );
        expect(stood, `${finding.rule} mended, ${now.rule} come`).toBe(true);
      }
    }
  });

  it("never leave the shoes off", () => {
    for (const { changed } of everyRemedy(look)) if (hasShoes(look)) expect(hasShoes(changed)).toBe(true);
  });

  it("stand apart where they mend nothing, and are better all the same", () => {
    const { reading, found } = remedied(look);
    for (const { change } of found.alsoBetter) {
      const after = read(apply(look, change));
      expect(after.points).toBeGreaterThan(reading.points);
      expect(verdicts.indexOf(after.verdict)).toBeLessThanOrEqual(verdicts.indexOf(reading.verdict));
      for (const { remedies } of found.mended)
        expect(remedies.map((remedy) => JSON.stringify(remedy.change))).not.toContain(JSON.stringify(change));
    }
  });
});

function alike(one: Finding, other: Finding, called: (id: string) => string): boolean {
  return pieceIdsOf(one).map(called).sort().join() === pieceIdsOf(other).sort().join();
}
