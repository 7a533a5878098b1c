import { describe, expect, it } from "vitest";
import { optionsOf } from "../piece/adjustment";
import { apply, wornSo } from "../reading/change";
import { effectiveStrap } from "../strap/configure";
import { sample, sampleLook } from "../testing/sample";
import { dress } from "./dress";

describe("a strap", () => {
  const bag = sample("bag", {
    figures: { strap: 120, handle: 6, adjuster: 80, sideLoops: 5, handleComesOff: true },
  }).figures;

  it("is wound once to four times, shortened, or hooked to the side loops", () => {
    expect(effectiveStrap(bag, "wound once")).toBe(114);
    expect(effectiveStrap(bag, "wound")).toBe(108);
    expect(effectiveStrap(bag, "wound three times")).toBe(102);
    expect(effectiveStrap(bag, "wound four times")).toBe(96);
    expect(effectiveStrap(bag, "shortened")).toBe(80);
    expect(effectiveStrap(bag, "side loops")).toBe(110);
  });

  it("is none of these on a bag that is not made for it", () => {
    const plain = sample("bag", {
      figures: { strap: 120, handle: null, adjuster: null, sideLoops: null },
    }).figures;
    for (const way of ["wound once", "wound four times", "shortened", "side loops"] as const)
      expect(effectiveStrap(plain, way)).toBeNull();
  });

  it("round the waist holds the bag at the waist line", () => {
    const round = sample("bag", { name: "round", figures: { carry: "waist", strap: 90, height: 12 } });
    const dressed = dress(sampleLook({ accessories: [round] }));
    expect(dressed.landing?.zone).toBe("waist");
  });

  it("alone is left when the handle is off", () => {
    const tote = sample("bag", { name: "tote", figures: { handle: 6, handleComesOff: true } });
    const look = apply(sampleLook({ accessories: [tote] }), wornSo({ kind: "handle-off", piece: tote.id }));
    const item = dress(look).worn.find(({ piece }) => piece.id === tote.id);
    expect(item?.asWorn.figures).toMatchObject({ handle: null });
    expect(optionsOf("handle-off", sample("bag", { figures: { handle: 6 } }))).toEqual([]);
  });
});
