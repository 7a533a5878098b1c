import { describe, expect, it } from "vitest";
import { sample } from "@/core/testing/sample";
import { sayEdge } from "./edge-line";

const trousers = sample("trousers", { name: "Navy trousers" });

describe("a reading on the edge", () => {
  it("names the figure, by how much it decides, and what to measure again", () => {
    const edge = { label: "Inseam", piece: trousers, unit: "cm", by: -0.12, verdict: "jars" } as const;
    expect(sayEdge(edge, "cm")).toBe(
      "It is close: with the inseam of the navy trousers 1 mm less, the look would jar. Measure it again.",
    );
    const more = { ...edge, piece: null, label: "Crotch", by: 1.4, verdict: "sits" } as const;
    expect(sayEdge(more, "cm")).toBe(
      "It is close: with the crotch 1.4 cm more, the look would sit. Measure it again.",
    );
  });

  it("speaks of a shade by daylight, without figures", () => {
    const edge = { label: "Colour", piece: trousers, unit: "dE", by: 2, verdict: "sings" } as const;
    expect(sayEdge(edge, "cm")).toBe(
      "It is close: with the navy trousers a little lighter or darker, the look would sing. Look at the colour again by daylight.",
    );
  });
});
