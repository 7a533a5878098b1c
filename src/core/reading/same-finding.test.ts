import { describe, expect, it } from "vitest";
import { madeFinding, named } from "../testing/made-finding";
import { sample } from "../testing/sample";
import { identityOf, isSameFinding, isSameMatter } from "./same-finding";

const [bag, belt, watch] = [
  sample("bag", { name: "bag" }),
  sample("belt", { name: "belt" }),
  sample("watch", { name: "watch" }),
];
const metals = madeFinding({ rule: "finish.metal", effect: "rubs", of: named(bag, belt) });
const identity = identityOf(metals);

describe("one finding and the next", () => {
  it("is told by who says it, how grave it is, and of which pieces", () => {
    expect(identity).toEqual({ rule: "finish.metal", effect: "rubs", pieceIds: ["bag", "belt"] });
  });

  it("are the same in whatever order their pieces are named, and by nothing less", () => {
    expect(isSameFinding(identity, metals)).toBe(true);
    expect(isSameFinding(identity, { ...metals, of: named(belt, bag) })).toBe(true);
    expect(isSameFinding(identity, { ...metals, of: named(bag) })).toBe(false);
    expect(isSameFinding(identity, { ...metals, of: named(bag, watch) })).toBe(false);
    expect(isSameFinding(identity, { ...metals, of: named(bag, belt, watch) })).toBe(false);
    expect(isSameFinding(identity, { ...metals, effect: "jars" })).toBe(false);
    expect(isSameFinding(identity, { ...metals, rule: "finish.bold" })).toBe(false);
  });

  it("are the same where a piece has taken another's place", () => {
    const instead = (piece: string) => (piece === "belt" ? "watch" : piece);
    expect(isSameFinding(identity, { ...metals, of: named(bag, watch) }, instead)).toBe(true);
    expect(isSameFinding(identity, metals, instead)).toBe(false);
  });
});

describe("the same matter", () => {
  it("is one rule's, of some of the same pieces, however grave", () => {
    expect(isSameMatter(identity, { ...metals, effect: "bar", of: named(belt, watch) })).toBe(true);
    expect(isSameMatter(identity, { ...metals, of: named(watch) })).toBe(false);
    expect(isSameMatter(identity, { ...metals, rule: "finish.bold" })).toBe(false);
  });

  it("is anything one rule says of the whole look", () => {
    expect(isSameMatter(identity, { ...metals, of: {} })).toBe(true);
    expect(isSameMatter({ ...identity, pieceIds: [] }, { ...metals, of: named(watch) })).toBe(true);
  });

  it("follows a piece that has taken another's place", () => {
    const instead = (piece: string) => (piece === "belt" ? "watch" : piece);
    expect(isSameMatter(identity, { ...metals, of: named(watch) }, instead)).toBe(true);
    expect(isSameMatter(identity, { ...metals, of: named(belt) }, instead)).toBe(false);
  });
});
