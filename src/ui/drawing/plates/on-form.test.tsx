import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import type { Piece } from "@/core/piece/piece";
import { sample } from "@/core/testing/sample";
import { pathPoints } from "../path-points";
import { Plate } from "../plate";
import { plateBox } from "../plate-box";

/** The lowest and the highest point drawn of a garment, from the middle of its plate, cm. */
function reachOf(piece: Piece) {
  const markup = renderToStaticMarkup(<Plate piece={piece} />);
  const [, down = "0"] = /translate\(80, ([\d.]+)\)/.exec(markup) ?? [];
  const heights = [...markup.matchAll(/<path d="(M[^"]*)" id=/g)].flatMap(([, d = ""]) =>
    pathPoints(d).map(({ y }) => y + Number(down) - 80),
  );
  return { top: Math.min(...heights), low: Math.max(...heights) };
}

describe("a garment on its form", () => {
  it.each([
    [
      "a cropped top with long sleeves",
      sample("top", { name: "top", figures: { length: 42, sleeve: "long" } }),
    ],
    ["a short jacket", sample("jacket", { name: "jacket", figures: { length: 48, sleeve: "long" } })],
    [
      "a waistcoat with its points",
      sample("jacket", { name: "vest", figures: { form: "waistcoat", sleeve: "none", length: 56 } }),
    ],
    ["a long coat", sample("coat", { name: "coat", figures: { length: 120 } })],
    ["a dress with short sleeves", sample("dress", { name: "dress", figures: { sleeve: "short" } })],
  ])("is held whole by its plate: %s", (_, piece) => {
    const { top, low } = reachOf(piece);
    const half = plateBox(piece).height / 2;
    expect(low).toBeGreaterThan(0);
    expect(low).toBeLessThanOrEqual(half);
    expect(top).toBeGreaterThanOrEqual(-half);
  });
});

describe("stripes", () => {
  const striped = {
    pattern: "stripe",
    patternScale: 4,
    swatches: [
      { hex: "#1d2742", share: 0.6, role: "ground" },
      { hex: "#fafafa", share: 0.4, role: "motif" },
    ],
  } as const;
  const runsAcross = (piece: Piece) =>
    renderToStaticMarkup(<Plate piece={piece} />).includes("rotate(90 2 2)");

  it("go round what is knitted and a tee, and up and down what is woven", () => {
    const top = (neckline: "crew" | "shirt collar", more: object = {}) =>
      sample("top", { name: "top", figures: { neckline }, ...striped, ...more });
    expect(runsAcross(top("crew"))).toBe(true);
    expect(runsAcross(top("shirt collar"))).toBe(false);
    expect(runsAcross(top("shirt collar", { finish: "knit" }))).toBe(true);
    expect(runsAcross(sample("trousers", { name: "trousers", ...striped }))).toBe(false);
  });
});
