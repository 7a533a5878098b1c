import { describe, expect, it } from "vitest";
import { kindNames } from "@/core/piece/kinds";
import type { Piece } from "@/core/piece/piece";
import { sample } from "@/core/testing/sample";
import { captionOf } from "../pieces/caption";
import { sayChange, sayTurn } from "./change-words";

const pieces = new Map<string, Piece>([
  ["belt", sample("belt", { name: "Woven sand belt" })],
  ["shirt", sample("top", { name: "Ice-blue shirt" })],
  ["chain", sample("necklace", { name: "Long chain" })],
  ["bag", sample("bag", { name: "Slate tote" })],
]);
const say = (change: Parameters<typeof sayChange>[0]) => sayChange(change, "cm", (id) => pieces.get(id));

describe("a change in the words of a button", () => {
  it("is a verb with its piece and its figure", () => {
    expect(say({ kind: "wear", piece: sample("shoe", { name: "Navy boots" }) })).toBe("Put on navy boots");
    expect(say({ kind: "take-off", piece: "belt" })).toBe("Take off woven sand belt");
    expect(say({ kind: "take-off", piece: "gone" })).toBe("Take off it");
    expect(say({ kind: "turn", piece: "x", count: 1, depth: 4 })).toBe("Turn once, 4 cm");
    expect(say({ kind: "unturn", piece: "x" })).toBe("Let the hem down");
    expect(say({ kind: "tuck-into-boot", piece: "x" })).toBe("Tuck into the boot");
    expect(say({ kind: "tuck-in", piece: "shirt" })).toBe("Tuck in ice-blue shirt");
    expect(say({ kind: "wear-out", piece: "shirt" })).toBe("Wear ice-blue shirt out");
    expect(say({ kind: "double", piece: "chain" })).toBe("Double long chain");
    expect(say({ kind: "undouble", piece: "chain" })).toBe("Wear long chain single");
    expect(say({ kind: "strap", piece: "bag", carry: "cross-body", way: "as made" })).toBe(
      "Carry slate tote across the body",
    );
    expect(say({ kind: "strap", piece: "bag", carry: "shoulder", way: "doubled" })).toBe(
      "Carry slate tote on the shoulder, strap doubled",
    );
  });

  it("follows the studio's unit", () => {
    expect(sayTurn({ count: 2, depth: 3.175 }, "in")).toBe("Turn twice, 1 1/4 in");
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
    expect(captionOf(boots, "cm")).toBe("boot, lift 4 cm, shaft 12 cm, brass");
    expect(captionOf(sample("belt", { metal: "unknown" }), "in")).toBe("1 1/4 in wide, metal not recorded");
  });
});
