import { describe, expect, it } from "vitest";
import { kindNames } from "@/core/piece/kinds";
import { specOf, type Piece } from "@/core/piece/piece";
import { sample } from "@/core/testing/sample";
import { flatTape, tapeOf } from "./tape";
import { tapeBox } from "./tape-over";

/** Lengths that go around, or that a plate shows foreshortened or folded: a tape line is shorter than they are. */
const around = ["shaftTop", "hemWidth", "opening", "above", "bodyGirth", "depth"];

const piecesOf = (kind: (typeof kindNames)[number]) => [
  sample(kind) as Piece,
  ...(kind === "shoe"
    ? [sample("shoe", { figures: { form: "boot", lift: 6, platform: 2, shaft: 32, shaftTop: 36 } })]
    : []),
];

describe("where lengths are taken on a plate", () => {
  it.each(kindNames)("%s: figures it has, as long on the plate as they are", (kind) => {
    for (const piece of piecesOf(kind))
      for (const { figure, from, to } of tapeOf(piece)) {
        expect(specOf(piece).figures[figure]?.type).toBe("number");
        const drawn = Math.hypot(to.x - from.x, to.y - from.y);
        const length = (piece.figures as unknown as Record<string, number>)[figure] ?? NaN;
        if (around.includes(figure)) expect(drawn).toBeLessThan(length);
        else expect(drawn).toBeCloseTo(length, 1);
      }
  });

  it.each(kindNames)("%s: within what the plate holds", (kind) => {
    for (const piece of piecesOf(kind)) {
      const { width, height } = tapeBox(piece);
      for (const { from, to } of tapeOf(piece))
        for (const { x, y } of [from, to]) {
          expect(Math.abs(x - 80)).toBeLessThanOrEqual(width / 2);
          expect(Math.abs(y - 80)).toBeLessThanOrEqual(height / 2);
        }
    }
  });

  it.each(kindNames)("%s: has a line for its lengths, or says how they are taken", (kind) => {
    const lengths = Object.values(specOf({ kind }).figures).filter(
      (field) => field.type === "number" && field.unit === "cm" && !field.optional,
    );
    const long = sample(kind) as Piece;
    // Of a hat without a brim and a piece without lengths nothing is taken.
    if (lengths.length === 0 || kind === "hat") return;
    expect(tapeOf(long).length > 0 || flatTape[kind] !== undefined).toBe(true);
  });

  it("shows a brim where a hat has one", () => {
    expect(tapeOf(sample("hat", { figures: { brim: 7 } }) as Piece)).toHaveLength(1);
  });
});
