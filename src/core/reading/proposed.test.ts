import { describe, expect, it } from "vitest";
import type { Look } from "../piece/look";
import type { Piece } from "../piece/piece";
import type { Effect, Proposal } from "../rules/finding";
import { madeFinding } from "../testing/made-finding";
import { sample, sampleClient, sampleLook } from "../testing/sample";
import { read } from "./read";
import { remediesOf } from "./remedies";

const shoe = sample("shoe", { name: "shoe" });
const bag = sample("bag", { name: "bag" });
const blazer = sample("jacket", { name: "blazer", figures: { collar: "notched" } });
const look = sampleLook({ garments: [blazer], accessories: [shoe, bag] });

/**
 * What is offered under a finding that proposes something, of a reading so bad that anything is better: the change,
 * and the piece it is done to.
 */
function offered(of: Look, proposal: Proposal, wardrobe: readonly Piece[] = [], effect: Effect = "rubs") {
  const finding = madeFinding({ rule: "nobody.says", effect, proposals: [proposal] });
  const found = remediesOf(of, { ...read(of), findings: [finding], points: -100, verdict: "jars" }, wardrobe);
  expect(found.alsoBetter).toEqual([]);
  return found.mended.flatMap(({ remedies }) =>
    remedies.map(({ change }) => {
      if (change.kind === "wear") return `wear ${change.piece.id}`;
      if (change.kind !== "adjust") return `${change.kind} ${change.piece}`;
      return `${change.adjustment.kind} ${change.adjustment.piece}`;
    }),
  );
}

describe("what a finding proposes", () => {
  it("is to take off a piece that is worn and may come off: never the shoes, never what is not there", () => {
    expect(offered(look, { kind: "take-off", piece: "bag" })).toEqual(["take-off bag"]);
    expect(offered(look, { kind: "take-off", piece: "shoe" })).toEqual([]);
    expect(offered(look, { kind: "take-off", piece: "scarf" })).toEqual([]);
    expect(offered({ ...look, accessories: [] }, { kind: "take-off", piece: "bag" })).toEqual([]);
  });

  it("is to wear any piece of a place that is not worn already, three at most", () => {
    const bags = ["clutch", "tote", "satchel", "pouch"].map((name) => sample("bag", { name }));
    const proposal: Proposal = { kind: "wear", slot: "bag" };
    const two = offered(look, proposal, [bag, ...bags.slice(0, 2), sample("belt", { name: "belt" })]);
    expect(two.sort()).toEqual(["wear clutch", "wear tote"]);
    expect(offered(look, proposal, bags)).toHaveLength(3);
    expect(offered(look, proposal, [bag])).toEqual([]);
  });

  it("is to wear a piece otherwise, and worn so already as it is made", () => {
    const proposal: Proposal = { kind: "adjust", way: "collar-up", piece: "blazer" };
    expect(offered(look, proposal)).toEqual(["collar-up blazer"]);
    const turned: Look = { ...look, adjustments: [{ kind: "collar-up", piece: "blazer" }] };
    expect(offered(turned, proposal)).toEqual(["undo blazer"]);
    expect(offered(look, { ...proposal, piece: "coat" })).toEqual([]);
    expect(offered(look, { ...proposal, piece: "bag" })).toEqual([]);
  });

  it("is every way of a piece that has several, worn so already or not", () => {
    const coat = sample("coat", { name: "coat" });
    const open = { ...look, garments: [coat] };
    const proposal: Proposal = { kind: "adjust", way: "front", piece: "coat" };
    const ways = offered(open, proposal);
    expect(ways.length).toBeGreaterThan(0);
    expect(new Set(ways)).toEqual(new Set(["front coat"]));
  });

  it("is of all turn-ups the one that suits best, and down again where that is none", () => {
    const boot = sample("shoe", {
      name: "boot",
      figures: { form: "boot", shaft: 12, shaftTop: 26, lift: 4, toe: "almond" },
    });
    const wearing = (inseam: number): Look =>
      sampleLook({
        client: sampleClient,
        garments: [sample("trousers", { name: "legs", cloth: "denim", figures: { inseam } })],
        accessories: [boot],
      });
    const proposal: Proposal = { kind: "adjust", way: "turn", piece: "legs" };
    expect(offered(wearing(71), proposal)).toEqual(["turn legs"]);
    const fits = wearing(66);
    expect(offered(fits, proposal)).toEqual(["undo legs"]);
    expect(offered(look, proposal)).toEqual([]);
  });

  it("is tried for what is wrong and for what is to be noted, not for praise", () => {
    const proposal: Proposal = { kind: "take-off", piece: "bag" };
    for (const effect of ["bar", "jars", "rubs", "note"] as const)
      expect(offered(look, proposal, [], effect), effect).toEqual(["take-off bag"]);
    for (const effect of ["unread", "lifts", "sings"] as const)
      expect(offered(look, proposal, [], effect), effect).toEqual([]);
  });
});
