import { describe, expect, it } from "vitest";
import type { Piece } from "../piece/piece";
import { markOf } from "../reading/verdict";
import { sample, sampleClient } from "../testing/sample";
import { coherenceOf } from "./coherence";
import { inOrder, variations, withPiece } from "./vary";
import { isWholeSet } from "./whole-set";

const shoe = sample("shoe", { name: "navy shoe", hex: "#1d2742" });
const bag = sample("bag", { name: "navy bag", hex: "#1d2742" });
const belt = sample("belt", { name: "belt", hex: "#1d2742" });
const earrings = sample("earrings", { name: "earrings", metal: "silver", metalSize: 2 });
const cuff = sample("bracelet", { name: "cuff", metal: "silver", metalSize: 2 });
const bangle = sample("bracelet", { name: "bangle", metal: "silver", metalSize: 1 });
const names = (pieces: readonly Piece[]) => pieces.map(({ name }) => name);

describe("a set built by hand", () => {
  it("lies in order from the head down, whatever was put in first", () => {
    expect(names(inOrder([shoe, bag, earrings]))).toEqual(["earrings", "navy bag", "navy shoe"]);
  });

  it("takes one piece a slot, and stacks where the slot stacks", () => {
    const pumps = sample("shoe", { name: "pumps" });
    expect(names(withPiece([bag, shoe], pumps))).toEqual(["navy bag", "pumps"]);
    expect(names(withPiece([cuff, shoe], bangle))).toEqual(["cuff", "bangle", "navy shoe"]);
    expect(withPiece([cuff, shoe], cuff)).toEqual([cuff, shoe]);
    expect(withPiece([shoe], sample("dress", { name: "dress" }))).toEqual([shoe]);
  });
});

describe("variations of one piece", () => {
  const near = sample("bag", { name: "slate bag", hex: "#2f3a4f" });
  const far = sample("bag", { name: "white bag", hex: "#ffffff" });
  const gold = sample("bag", { name: "gold bag", hex: "#1d2742", metal: "gold", metalSize: 2 });
  const cap = sample("hat", { name: "cap" });
  const set = [earrings, cuff, belt, bag, shoe];
  const found = () => variations(set, "bag", [bag, near, far, gold, belt, cap], sampleClient);

  it("are the other pieces of the slot, each with what the set would be by itself", () => {
    expect(names(found().map(({ piece }) => piece)).sort()).toEqual(["gold bag", "slate bag", "white bag"]);
    const now = markOf(coherenceOf(set, sampleClient));
    for (const { piece, score, verdict, change } of found()) {
      const whole = coherenceOf([earrings, cuff, belt, shoe, piece], sampleClient);
      expect({ score, verdict }).toEqual({ score: whole.score, verdict: whole.verdict });
      expect(change).toBe(markOf(whole) - now);
    }
  });

  it("stand by name where they are worth the same", () => {
    const twins = ["tote", "case", "satchel"].map((name) => sample("bag", { name, hex: "#2f3a4f" }));
    const order = names(variations(set, "bag", twins, sampleClient).map(({ piece }) => piece));
    expect(order).toEqual(["case", "satchel", "tote"]);
  });

  it("come with the best first: the near depth before the far one, and the stray metal last of all", () => {
    expect(names(found().map(({ piece }) => piece))).toEqual(["slate bag", "white bag", "gold bag"]);
    expect(found()[2]?.verdict).toBe("jars");
  });
});

describe("a whole set", () => {
  it.each([
    ["shoes and two more", [shoe, bag, belt], true],
    ["shoes and one more", [shoe, bag], false],
    ["three without shoes", [bag, belt, cuff], false],
    ["nothing", [], false],
  ] as const)("%s: %s", (_, pieces, whole) => {
    expect(isWholeSet(pieces)).toBe(whole);
  });
});
