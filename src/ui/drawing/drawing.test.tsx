import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { dress } from "@/core/dressing/dress";
import type { Fields } from "@/core/piece/field";
import { initialFigures } from "@/core/piece/initial-figures";
import { kindNames, kinds } from "@/core/piece/kinds";
import type { Look } from "@/core/piece/look";
import { placeOf, type Piece } from "@/core/piece/piece";
import { sample, sampleClient, sampleLook } from "@/core/testing/sample";
import { AnkleWindow } from "./ankle/ankle-window";
import { Figure } from "./figure/figure";
import { NeckWindow } from "./neck/neck-window";
import { Plate } from "./plate";
import { pathPoints } from "./path-points";
import { commonBox, plateBox } from "./plate-box";
import { shoeSide } from "./shoe-side";

const client = { ...sampleClient, measured: { ...sampleClient.measured, neck: 36.5, waist: 76, hip: 100 } };
const look = (garments: Piece[], accessories: Piece[] = [], rest: Partial<Look> = {}) =>
  sampleLook({ client, garments, accessories, ...rest });
const figure = (of: Look) =>
  renderToStaticMarkup(<Figure dressed={dress(of)} unit="cm" label="figure" plain />);

/** The drawing of one piece within the markup of a figure. */
function partOf(markup: string, piece: string): string {
  const begin = markup.indexOf(`data-piece="${piece}"`);
  const end = markup.indexOf("data-piece=", begin + 10);
  return markup.slice(begin, end === -1 ? undefined : end);
}

/** The greatest y of the closed paths: the lowest edge, as y goes down. */
function lowestEdge(markup: string): number {
  const lowest = [...markup.matchAll(/<path d="(M[^"]*z)"/gi)].map(([, d = ""]) =>
    Math.max(...pathPoints(d).map(({ y }) => y)),
  );
  return Math.max(...lowest);
}

describe("the figure is the reading drawn", () => {
  it("ends a trouser leg at the hem the core computed, turned or not", () => {
    const trousers = sample("trousers", { name: "trousers", figures: { inseam: 70 } });
    const plain = look([trousers]);
    const turned = {
      ...plain,
      adjustments: [{ kind: "turn" as const, piece: "trousers", count: 1 as const, depth: 4 }],
    };
    for (const worn of [plain, turned]) {
      const hem = dress(worn).hem ?? NaN;
      // The fold of a turn-up bows 0.7 cm below its ends.
      expect(Math.abs(-lowestEdge(partOf(figure(worn), "trousers")) - hem)).toBeLessThan(0.8);
    }
  });

  it("ends a skirt and a dress at theirs", () => {
    for (const garment of [
      sample("skirt", { name: "skirt", figures: { length: 70 } }),
      sample("dress", { name: "dress", figures: { length: 110 } }),
    ]) {
      const worn = look([garment]);
      const drawn = -lowestEdge(partOf(figure(worn), garment.id));
      expect(Math.abs(drawn - (dress(worn).hem ?? NaN))).toBeLessThan(3.5);
    }
  });

  it("hangs the bag where it lands", () => {
    const bag = sample("bag", { name: "bag", figures: { carry: "shoulder", strap: 70 } });
    const worn = look([], [bag]);
    const top = dress(worn).landing?.top ?? NaN;
    expect(partOf(figure(worn), "bag")).toMatch(
      new RegExp(`translate\\([\\d.]+, ${(-top).toString().slice(0, 7)}`),
    );
  });

  it("hangs the bag on the side it is carried on", () => {
    const bag = sample("bag", { name: "bag", figures: { carry: "shoulder", strap: 70 } });
    const placeOf = (adjustments: Look["adjustments"]) => {
      const part = partOf(figure(look([], [bag], { adjustments })), "bag");
      const [, x = "", y = ""] = /translate\((-?[\d.]+), (-?[\d.]+)\)/.exec(part) ?? [];
      return { x: Number(x), y: Number(y) };
    };
    const usual = placeOf([]);
    const other = placeOf([{ kind: "other-side", piece: "bag" }]);
    expect(usual.x).toBeGreaterThan(10);
    expect(other).toEqual({ x: -usual.x, y: usual.y });
  });

  it("draws every kind of piece, without a figure that is no number", () => {
    for (const kind of kindNames) {
      const piece = sample(kind, { name: kind }) as Piece;
      const markup = figure(placeOf(piece) ? look([piece]) : look([], [piece]));
      expect(partOf(markup, kind).length, kind).toBeGreaterThan(40);
      expect(markup, kind).not.toMatch(/NaN|undefined|Infinity/);
    }
  });

  it("sits when its client does", () => {
    const seated = { ...client, seated: true };
    expect(figure({ ...look([sample("trousers")]), client: seated })).toContain('-lower"');
    expect(figure(look([sample("trousers")]))).not.toContain('-lower"');
  });
});

describe("the windows", () => {
  const boots = sample("shoe", {
    name: "boots",
    figures: { form: "boot", lift: 4, shaft: 12, shaftTop: 30 },
  });

  it("write the ankle's lengths, in the studio's unit", () => {
    const dressed = dress(look([sample("trousers", { figures: { inseam: 66 } })], [boots]));
    const cm = renderToStaticMarkup(<AnkleWindow dressed={dressed} unit="cm" />);
    expect(cm).toContain("Ankle from the side: shaft 12 cm, heel 4 cm, hem to floor 19.5 cm, gap 3.5 cm.");
    expect(renderToStaticMarkup(<AnkleWindow dressed={dressed} unit="in" />)).toContain("shaft 4 3/4 in");
  });

  it("write the neck's drops, each below the side neck points", () => {
    const chain = sample("necklace", { name: "chain", figures: { loop: 46 } });
    const dressed = dress(look([sample("top", { figures: { neckline: "v", neckDepth: 18 } })], [chain]));
    expect(renderToStaticMarkup(<NeckWindow dressed={dressed} unit="cm" />)).toContain(
      "neckline 18 cm below the side neck points, drop 11.7 cm",
    );
  });
});

describe("plates", () => {
  it("stand to one scale in one box", () => {
    const low = sample("shoe", { figures: { lift: 2 } });
    const tall = sample("shoe", { figures: { form: "boot", shaft: 38, shaftTop: 38 } });
    const box = commonBox([low, tall]);
    expect(box).toEqual({
      width: Math.max(plateBox(low).width, plateBox(tall).width),
      height: plateBox(tall).height,
    });
  });

  it("cut a garment to its figures", () => {
    const skirt = (length: number, hemWidth: number) =>
      plateBox(sample("skirt", { figures: { length, hemWidth } }));
    expect(skirt(80, 100).height - skirt(60, 100).height).toBe(20);
    expect(skirt(60, 230).width).toBeGreaterThan(skirt(60, 100).width);
    const ends = (inseam: number) => {
      const markup = renderToStaticMarkup(<Plate piece={sample("trousers", { figures: { inseam } })} />);
      const [, d = ""] = /<path d="(M[^"]*z)"/.exec(markup) ?? [];
      const heights = pathPoints(d).map(({ y }) => y);
      return Math.max(...heights) - Math.min(...heights);
    };
    expect(ends(80) - ends(60)).toBeCloseTo(20, 1);
  });

  it("raise a shoe's heel by its lift, and a boot by its shaft", () => {
    const side = (figures: Parameters<typeof sample<"shoe">>[1]) =>
      shoeSide(sample("shoe", figures).figures, 25);
    expect(side({ figures: { lift: 8, tip: "slim" } }).heel?.outline).toContain("M -0.1 7.");
    expect(side({ figures: { lift: 0.5 } }).heel).toBeNull();
    expect(side({ figures: { form: "trainer", lift: 4, tip: "flat" } }).heel).toBeNull();
    expect(side({ figures: { form: "boot", lift: 4, shaft: 20, shaftTop: 30 } }).height).toBe(24);
  });
});

describe("a figure that is half typed", () => {
  it("draws no side of less than nothing, whatever the kind and the measure", () => {
    for (const kind of kindNames) {
      const fields = Object.entries(kinds[kind].figures as Fields);
      const forms = fields.flatMap(([name, field]) =>
        field.type === "choice" ? field.options.map((option) => ({ [name]: option })) : [],
      );
      for (const form of [{}, ...forms])
        for (const [name, { type }] of fields)
          for (const digit of type === "number" ? [0, 1, 2, 5, 9] : []) {
            const made = sample(kind, { name: kind });
            const figures = { ...initialFigures(kind), ...form, [name]: digit };
            const markup = renderToStaticMarkup(<Plate piece={{ ...made, figures } as Piece} />);
            expect(markup, `${kind}, ${name} ${digit}`).not.toMatch(
              /(?:width|height|r|rx|ry)="-|NaN|Infinity|undefined/,
            );
          }
    }
  });
});
