import { describe, expect, it } from "vitest";
import type { Piece } from "../../piece/piece";
import { effectsOf } from "../../testing/findings";
import { sample, sampleLook } from "../../testing/sample";
import { print } from "./print";

const shoe = (hex: string) => sample("shoe", { name: "shoes", hex });
const look = (garments: Piece[], accessories: Piece[] = []) => sampleLook({ garments, accessories });

describe("prints", () => {
  const botanical = sample("dress", {
    name: "botanical dress",
    pattern: "floral",
    patternScale: 9,
    swatches: [
      { hex: "#1f2b3d", share: 0.6, role: "ground" },
      { hex: "#c6d9d2", share: 0.4, role: "motif" },
    ],
  });
  const dotted = sample("hosiery", {
    name: "dotted tights",
    pattern: "dot",
    patternScale: 1,
    swatches: [
      { hex: "#202020", share: 0.8, role: "ground" },
      { hex: "#e0e0e0", share: 0.2, role: "motif" },
    ],
  });

  it("want plain legs and a shoe of their own ground", () => {
    expect(effectsOf(print, look([botanical], [dotted]))).toEqual(["jars"]);
    expect(effectsOf(print, look([botanical], [shoe("#202c3f")]))).toEqual(["lifts"]);
    expect(effectsOf(print, look([botanical], [shoe("#b98e5f")]))).toEqual([]);
    const toTheFloor = { ...botanical, figures: { ...botanical.figures, length: 160 } };
    expect(effectsOf(print, look([toTheFloor], [shoe("#202c3f")]))).toEqual([]);
  });

  it("jar in twos, unless they share two colours and differ in scale", () => {
    const jacket = (patternScale: number, hexes: readonly [string, string]) =>
      sample("jacket", {
        name: "printed jacket",
        pattern: "check",
        patternScale,
        swatches: [
          { hex: hexes[0], share: 0.5, role: "ground" },
          { hex: hexes[1], share: 0.5, role: "motif" },
        ],
        figures: { closed: true, length: 66 },
      });
    expect(effectsOf(print, look([botanical, jacket(8, ["#a5482a", "#f2d53c"])]))).toEqual(["jars"]);
    expect(effectsOf(print, look([botanical, jacket(4, ["#1f2b3d", "#c6d9d2"])]))).toEqual(["sings"]);
    expect(effectsOf(print, look([botanical, jacket(8, ["#1f2b3d", "#c6d9d2"])]))).toEqual(["jars"]);
  });
});
