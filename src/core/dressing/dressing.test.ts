import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Look } from "../piece/look";
import { sample, sampleLook } from "../testing/sample";
import { dress } from "./dress";
import { overlap, totalLength, uncovered } from "../length/interval";

const interval = fc
  .tuple(fc.float({ min: 0, max: 180, noNaN: true }), fc.float({ min: 0, max: 60, noNaN: true }))
  .map(([from, size]) => ({ from, to: from + size }));

describe("intervals", () => {
  it("loses just what is covered", () => {
    fc.assert(
      fc.property(interval, interval, (one, cover) => {
        const left = totalLength(uncovered(one, [cover]));
        expect(left).toBeCloseTo(one.to - one.from - overlap(one, cover), 3);
      }),
    );
  });

  it("never shows more under more covers", () => {
    fc.assert(
      fc.property(interval, fc.array(interval, { maxLength: 6 }), interval, (one, covers, more) => {
        expect(totalLength(uncovered(one, [...covers, more]))).toBeLessThanOrEqual(
          totalLength(uncovered(one, covers)) + 1e-6,
        );
      }),
    );
  });
});

const trousers = sample("trousers", { name: "trousers", figures: { inseam: 73.5 } });
const shirt = sample("top", { name: "shirt", figures: { tucked: true, length: 66 } });
const boots = sample("shoe", { name: "boots", figures: { form: "boot", shaft: 12, shaftTop: 26, lift: 4 } });
const belt = sample("belt", { name: "belt" });
const jacket = sample("jacket", { name: "jacket", figures: { closed: true, length: 70 } });
const seenOf = (look: Look, id: string) =>
  totalLength(dress(look).worn.find(({ piece }) => piece.id === id)?.seen ?? []);

describe("what is seen", () => {
  it("covers trousers down to a shirt that hangs out, and not by one that is tucked in", () => {
    const tucked = sampleLook({ garments: [trousers, shirt] });
    const out: Look = { ...tucked, adjustments: [{ kind: "wear-out", piece: "shirt" }] };
    expect(seenOf(out, "trousers")).toBeLessThan(seenOf(tucked, "trousers"));
  });

  it("hides a belt under a closed jacket and shows it under an open one", () => {
    const open = { ...jacket, figures: { ...jacket.figures, closed: false } };
    expect(seenOf(sampleLook({ garments: [trousers, shirt, jacket], accessories: [belt] }), "belt")).toBe(0);
    expect(
      seenOf(sampleLook({ garments: [trousers, shirt, open], accessories: [belt] }), "belt"),
    ).toBeGreaterThan(0);
  });

  it("shows a shirt in the neck of the knit over it, in whichever order they were laid out", () => {
    const knit = sample("top", {
      name: "knit",
      finish: "knit",
      figures: { neckline: "v", length: 62, bodyGirth: 98 },
    });
    const collared = sample("top", {
      name: "shirt",
      figures: { neckline: "shirt collar", length: 62, bodyGirth: 104 },
    });
    for (const garments of [
      [trousers, collared, knit],
      [trousers, knit, collared],
    ]) {
      const { worn, touches } = dress(sampleLook({ garments }));
      const of = (id: string) => worn.find(({ piece }) => piece.id === id);
      // The neck of a V lies 18 cm below the side neck point.
      expect(seenOf(sampleLook({ garments }), "shirt")).toBeCloseTo(18, 9);
      expect(of("shirt")?.area).toBeGreaterThan(0.01);
      expect(of("shirt")?.area).toBeLessThan(of("knit")?.area ?? 0);
      expect(of("knit")?.order).toBeGreaterThan(of("shirt")?.order ?? Infinity);
      expect(touches.find(({ join }) => join === "neck")).toMatchObject({
        upper: { piece: { id: "shirt" } },
        lower: { piece: { id: "knit" } },
      });
    }
  });

  it("shows the tail of a shirt that is longer than the knit over it, and none that is tucked in", () => {
    const knit = sample("top", {
      name: "knit",
      finish: "knit",
      figures: { neckline: "crew", length: 60, bodyGirth: 98 },
    });
    const tail = (tucked: boolean) => {
      const under = sample("top", {
        name: "under",
        figures: { neckline: "crew", length: 70, bodyGirth: 104, tucked },
      });
      return seenOf(sampleLook({ garments: [trousers, knit, under] }), "under");
    };
    expect(tail(false) - tail(true)).toBeCloseTo(10, 9);
  });

  const tee = sample("top", { name: "tee", figures: { neckline: "crew", sleeve: "short", bodyGirth: 92 } });
  const collared = sample("top", { name: "shirt", figures: { neckline: "shirt collar", bodyGirth: 104 } });
  const roll = sample("top", { name: "roll", finish: "knit", figures: { neckline: "roll", bodyGirth: 110 } });
  const bustier = sample("top", { name: "bustier", figures: { neckline: "strapless", bodyGirth: 88 } });

  it.each([
    { outer: collared, inner: tee },
    { outer: collared, inner: roll },
    { outer: roll, inner: tee },
    { outer: bustier, inner: tee },
  ])("lays the $outer.id over the $inner.id", ({ outer, inner }) => {
    for (const garments of [
      [trousers, outer, inner],
      [trousers, inner, outer],
    ]) {
      const { worn } = dress(sampleLook({ garments }));
      const order = (id: string) => worn.find(({ piece }) => piece.id === id)?.order ?? NaN;
      expect(order(outer.id)).toBeGreaterThan(order(inner.id));
    }
  });

  it("shares the whole look out among its pieces", () => {
    const { worn } = dress(sampleLook({ garments: [trousers, shirt, jacket], accessories: [boots, belt] }));
    expect(worn.reduce((sum, { area }) => sum + area, 0)).toBeCloseTo(1, 9);
  });

  it("gives an empty look no area, hem or level", () => {
    const dressed = dress(sampleLook({}));
    expect(dressed).toMatchObject({ worn: [], hem: null, level: null, leg: null });
  });
});

describe("who touches whom", () => {
  it("joins shirt and trousers at the waist, with the belt between", () => {
    const waist = dress(sampleLook({ garments: [trousers, shirt], accessories: [belt] })).touches.find(
      ({ join }) => join === "waist",
    );
    expect(waist).toMatchObject({
      upper: { piece: { id: "shirt" } },
      lower: { piece: { id: "trousers" } },
      separator: { piece: { id: "belt" } },
    });
  });

  it("does not let hem and boot touch across a gap", () => {
    const touching = (inseam: number) =>
      dress(
        sampleLook({ garments: [sample("trousers", { figures: { inseam } })], accessories: [boots] }),
      ).touches.some(({ join }) => join === "foot");
    expect(touching(74)).toBe(true);
    expect(touching(66)).toBe(false);
  });

  it("finds what a bag lies against", () => {
    const bag = sample("bag", { name: "bag", figures: { carry: "hand", strap: 20 } });
    const landing = dress(sampleLook({ garments: [trousers, shirt], accessories: [bag] })).touches.find(
      ({ join }) => join === "landing",
    );
    expect(landing?.lower.piece.id).toBe("trousers");
  });
});

describe("the body's own laws", () => {
  it("never lowers the hem above the floor with a higher lift", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 12, noNaN: true }),
        fc.double({ min: 0, max: 12, noNaN: true }),
        (a, b) => {
          const over = (lift: number) =>
            dress(
              sampleLook({
                garments: [trousers],
                accessories: [sample("shoe", { figures: { lift, platform: 0 } })],
              }),
            ).leg?.hemAboveFloor ?? NaN;
          const [low, high] = [Math.min(a, b), Math.max(a, b)];
          expect(over(high)).toBeGreaterThanOrEqual(over(low));
        },
      ),
    );
  });
});
