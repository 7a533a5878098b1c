import { describe, expect, it } from "vitest";
import { sample } from "@/core/testing/sample";
import { pathPoints } from "./path-points";
import { capColour, heelColour, soleColour } from "./shoe-colours";
import { shoeSide, type ShoeFigures } from "./shoe-side";

const foot = 25;
const side = (figures: Partial<ShoeFigures>) => shoeSide(sample("shoe", { figures }).figures, foot);

/** Where a drawn outline stands on the floor, from its back to its front, cm. */
const onFloor = (d: string) => {
  const xs = pathPoints(d).flatMap(({ x, y }) => (y === 0 ? [x] : []));
  return [Math.min(...xs), Math.max(...xs)] as const;
};

describe("a heel from the side", () => {
  it("is as wide on the floor as its sort: under 1.5 cm a stiletto, under 3 a slim one, a block wider", () => {
    const wide = (tip: ShoeFigures["tip"]) => {
      const [from, to] = onFloor(side({ form: "pump", lift: 7, tip }).heel?.outline ?? "");
      return to - from;
    };
    expect(wide("stiletto")).toBeLessThan(1.5);
    expect(wide("slim")).toBeGreaterThan(1.5);
    expect(wide("slim")).toBeLessThan(3);
    expect(wide("block")).toBeGreaterThan(3);
  });

  it("reaches from the floor to the sole, and is shod at its foot", () => {
    for (const lift of [4, 7, 11]) {
      const { heel } = side({ form: "pump", lift, tip: "stiletto" });
      const heights = pathPoints(heel?.outline ?? "").map(({ y }) => y);
      expect(Math.min(...heights)).toBe(0);
      expect(Math.max(...heights)).toBeGreaterThan(lift - 1);
      expect(Math.max(...pathPoints(heel?.shod ?? "").map(({ y }) => y))).toBeLessThan(0.5);
    }
  });

  it("is apart from the sole under a loafer, and one with it under a trainer or a wedge", () => {
    expect(side({ form: "loafer", lift: 2, tip: "flat" }).heel).not.toBeNull();
    expect(side({ form: "trainer", lift: 4, tip: "flat" }).heel).toBeNull();
    expect(side({ form: "sandal", lift: 7, tip: "wedge" }).heel).toBeNull();
  });

  it("leaves the ball on the floor, whatever the platform under it", () => {
    for (const platform of [0.8, 2, 4]) {
      const { sole } = side({ form: "pump", lift: 11, platform, tip: "stiletto" });
      const heights = pathPoints(sole).map(({ y }) => y);
      expect(Math.min(...heights)).toBe(0);
      expect(heights).toContain(platform);
    }
  });
});

describe("the colours of a shoe that nobody has said", () => {
  const red = { hex: "#b3202a", share: 1, role: "ground" } as const;
  const shoe = (figures: Partial<ShoeFigures>, more: readonly object[] = []) => {
    const made = sample("shoe", { figures });
    return { ...made, swatches: [red, ...more] as typeof made.swatches };
  };

  it("cover a slim heel and that of a dressy shoe in the upper, and stack any other as the sole", () => {
    const slim = shoe({ form: "boot", shaft: 12, tip: "slim", lift: 8 });
    const stacked = shoe({ form: "boot", shaft: 12, tip: "block", lift: 5 });
    expect(heelColour(slim)).not.toBe(soleColour(slim));
    expect(heelColour(stacked)).toBe(soleColour(stacked));
    expect(heelColour(shoe({ form: "pump", tip: "block", lift: 5 }))).toBe(heelColour(slim));
  });

  it("give way to a sole that was recorded", () => {
    const soled = shoe({ form: "loafer", tip: "flat" }, [{ hex: "#fafafa", share: 0.08, role: "sole" }]);
    expect(soleColour(soled)).toBe("#fafafa");
    expect(heelColour(soled)).toBe("#fafafa");
  });

  it("make a pale trainer pale under the foot, and a dark one dark", () => {
    const trainer = (hex: string) => ({ ...shoe({ form: "trainer" }), swatches: [{ ...red, hex }] });
    expect(soleColour(trainer("#fafafa"))).not.toBe(soleColour(trainer("#141414")));
  });

  it("put the second of two plain colours on toe and counter, of a closed shoe without a print", () => {
    const white = [{ hex: "#fafafa", share: 0.4, role: "motif" }];
    expect(capColour(shoe({ form: "laced shoe" }, white))).toBe("#fafafa");
    expect(capColour(shoe({ form: "sandal", toe: "open" }, white))).toBeNull();
    expect(capColour({ ...shoe({ form: "laced shoe" }, white), pattern: "dot" })).toBeNull();
    expect(capColour(shoe({ form: "laced shoe" }))).toBeNull();
  });
});
