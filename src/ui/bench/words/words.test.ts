import { describe, expect, it } from "vitest";
import type { Adjustment } from "@/core/piece/adjustment";
import type { AdjustmentKind } from "@/core/piece/adjustments";
import { kindNames } from "@/core/piece/kinds";
import type { Piece } from "@/core/piece/piece";
import type { Change } from "@/core/reading/change";
import { sample } from "@/core/testing/sample";
import { captionOf } from "../../pieces/words/caption";
import { sayChange } from "./change-words";

const pieces = new Map<string, Piece>([
  ["belt", sample("belt", { name: "Woven sand belt" })],
  ["shirt", sample("top", { name: "Ice-blue shirt" })],
  ["chain", sample("necklace", { name: "Long chain" })],
  ["legs", sample("trousers", { name: "Navy trousers" })],
  ["bag", sample("bag", { name: "Slate tote" })],
]);
const named = (id: string) => pieces.get(id);
const say = (change: Change) => sayChange(change, "cm", named);
const adjusted = (adjustment: Adjustment): Change => ({ kind: "adjust", adjustment });
const undo = (way: AdjustmentKind, piece: string): Change => ({ kind: "undo", way, piece });

describe("a change in the words of a button", () => {
  it("is a verb with its piece and its figure", () => {
    expect(say({ kind: "wear", piece: sample("shoe", { name: "Navy boots" }) })).toBe("Put on navy boots");
    expect(say({ kind: "take-off", piece: "belt" })).toBe("Take off woven sand belt");
    expect(say({ kind: "take-off", piece: "gone" })).toBe("Take off it");
    expect(say(adjusted({ kind: "turn", piece: "legs", count: 1, depth: 4 }))).toBe(
      "Turn navy trousers up once, 4 cm",
    );
    expect(say(undo("turn", "legs"))).toBe("Turn navy trousers down");
    expect(say(adjusted({ kind: "tuck-into-boot", piece: "legs" }))).toBe(
      "Tuck navy trousers into the boots",
    );
    expect(say(adjusted({ kind: "tuck-in", piece: "shirt" }))).toBe("Tuck ice-blue shirt in");
    expect(say(adjusted({ kind: "wear-out", piece: "shirt" }))).toBe("Wear ice-blue shirt out");
    expect(say(adjusted({ kind: "double", piece: "chain" }))).toBe("Double long chain");
    expect(say(adjusted({ kind: "other-side", piece: "bag" }))).toBe("Carry slate tote on the other side");
    expect(say(undo("other-side", "bag"))).toBe("Carry slate tote on the usual side");
    expect(say(undo("double", "chain"))).toBe("Wear long chain single");
    expect(say(adjusted({ kind: "strap", piece: "bag", carry: "cross-body", way: "as made" }))).toBe(
      "Carry slate tote across the body",
    );
    expect(say(adjusted({ kind: "strap", piece: "bag", carry: "shoulder", way: "doubled" }))).toBe(
      "Carry slate tote on the shoulder, the strap doubled",
    );
  });

  it("follows the studio's unit", () => {
    expect(sayChange(adjusted({ kind: "turn", piece: "legs", count: 2, depth: 3.175 }), "in", named)).toBe(
      "Turn navy trousers up twice, 1 1/4 in each",
    );
  });
});

describe("a piece at a glance", () => {
  it("has a caption for every kind, without a figure that is missing", () => {
    for (const kind of kindNames) {
      const caption = captionOf(sample(kind) as Piece, "cm");
      expect(caption, kind).not.toMatch(/undefined|NaN|null|, ,/);
      expect(caption.length, kind).toBeGreaterThan(3);
    }
  });

  it("says the figures that decide, and the metal", () => {
    const boots = sample("shoe", {
      metal: "brass",
      metalSize: 1,
      figures: { form: "boot", lift: 4, shaft: 12, shaftTop: 30 },
    });
    expect(captionOf(boots, "cm")).toBe("boot, heel 4 cm, shaft 12 cm, brass");
    expect(captionOf(sample("belt", { metal: "unknown" }), "in")).toBe("1 1/4 in wide, metal not recorded");
  });
});
