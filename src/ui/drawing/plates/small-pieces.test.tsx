import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import type { Piece } from "@/core/piece/piece";
import { sample } from "@/core/testing/sample";
import { pathPoints } from "../path-points";
import { Plate } from "../plate";
import { plateBox } from "../plate-box";

const drawn = (piece: Piece) => renderToStaticMarkup(<Plate piece={piece} />);
const count = (markup: string, what: RegExp) => (markup.match(what) ?? []).length;

describe("a belt on its plate", () => {
  const belt = (width: number, more: object = {}) =>
    sample("belt", { name: "belt", figures: { width }, ...more });

  it("takes as much more height as it is wider", () => {
    expect(plateBox(belt(6)).height - plateBox(belt(3)).height).toBeCloseTo(3);
    expect(plateBox(belt(6)).width).toBe(plateBox(belt(3)).width);
  });

  it("has a buckle of its metal, and one covered like the belt where it has none", () => {
    expect(drawn(belt(3, { metal: "gold", metalSize: 1 }))).toContain("#c8a24a");
    expect(drawn(belt(3, { hex: "#b07d4b", metal: "none" }))).not.toMatch(/#8[0-9a-f]8[0-9a-f]8[0-9a-f]/);
  });

  it("of links has neither holes nor a buckle", () => {
    expect(count(drawn(belt(3)), /<circle/g)).toBe(3);
    const chain = drawn(belt(2, { finish: "chain", metal: "silver", metalSize: 2 }));
    expect(count(chain, /<circle|<rect/g)).toBe(0);
    expect(chain).toContain("stroke-dasharray");
  });
});

describe("glasses", () => {
  const glasses = (form: "round" | "oval" | "square" | "upswept", more: object = {}) =>
    sample("eyewear", { name: "glasses", figures: { form, width: 13.5 }, ...more });
  /** The outline of a lens, its outer side to the right. */
  const lens = (form: Parameters<typeof glasses>[0]) => {
    const [, d = ""] = /<path d="(M[^"]*Z)"/.exec(drawn(glasses(form))) ?? [];
    return pathPoints(d);
  };

  it("rise to the temple where they are upswept, and lie level where they are square", () => {
    const topAt = (points: readonly { x: number; y: number }[], side: number) =>
      Math.min(...points.filter(({ x }) => Math.sign(x) === side).map(({ y }) => y));
    const upswept = lens("upswept");
    expect(topAt(upswept, 1)).toBeLessThan(topAt(upswept, -1) - 0.5);
    const square = lens("square");
    expect(topAt(square, 1)).toBeCloseTo(topAt(square, -1), 1);
  });

  it("are a wire where they are of metal, and their lenses of the colour that was said", () => {
    expect(drawn(glasses("round"))).toContain('stroke-width="0.6"');
    const wire = glasses("round", { metal: "gold", metalSize: 2 });
    expect(drawn(wire)).not.toContain('stroke-width="0.6"');
    const green = { hex: "#2f7a45", share: 0.12, role: "trim" } as const;
    expect(drawn({ ...wire, swatches: [...wire.swatches, green] })).toContain('fill="#2f7a45"');
  });
});

describe("a ring", () => {
  const ring = (hex: string) => sample("ring", { name: "ring", hex, metal: "gold", metalSize: 2 });

  it("has a stone where something is of another colour than its metal", () => {
    expect(count(drawn(ring("#8f1433")), /<ellipse/g)).toBeGreaterThan(0);
    expect(count(drawn(ring("#c8a24a")), /<ellipse/g)).toBe(0);
  });
});

describe("a hat on its plate", () => {
  it("is held whole by its box, whatever its form", () => {
    for (const form of ["felt", "straw", "beret", "knit cap", "peaked cap"] as const) {
      const piece = sample("hat", { name: "hat", figures: { form, brim: form === "felt" ? 8 : 0 } });
      const { width, height } = plateBox(piece);
      const outlines = [...drawn(piece).matchAll(/<path d="(M[^"]*)" id=/g)].map(([, d = ""]) => d);
      const xs = outlines.flatMap((d) => pathPoints(d).map(({ x }) => x));
      expect(xs.length, form).toBeGreaterThan(4);
      expect(Math.max(...xs.map(Math.abs)), form).toBeLessThanOrEqual(width / 2);
      // A hat hangs three centimetres under the middle of its plate.
      const ys = outlines.flatMap((d) => pathPoints(d).map(({ y }) => y + 3));
      expect(Math.min(...ys), form).toBeGreaterThanOrEqual(-height / 2);
    }
  });
});
