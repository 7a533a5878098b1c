import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { bodyOf } from "@/core/body/body";
import type { Measured } from "@/core/body/measurements";
import { dress } from "@/core/dressing/dress";
import type { cloths } from "@/core/finish/cloths";
import { finishNames } from "@/core/finish/finishes";
import { hairForms } from "@/core/piece/client";
import type { Look } from "@/core/piece/look";
import { numbersFrom } from "@/core/testing/generated";
import { sample, sampleClient, sampleLook } from "@/core/testing/sample";
import { paintOf } from "../paint";
import { pathPoints } from "../path-points";
import { Figure } from "./figure";
import { frameOf } from "./frame";
import { breakFolds, elbowFolds, fallOf } from "./garments/folds";
import { skirtFolds } from "./garments/skirt";
import { legOuter } from "./limbs";
import { curve, outline, shadeAlong } from "./path";

const drawn = (look: Look) =>
  renderToStaticMarkup(<Figure dressed={dress(look)} unit="cm" label="figure" plain />);

/** The part of a figure that draws one piece. */
function partOf(markup: string, piece: string): string {
  const begin = markup.indexOf(`data-piece="${piece}"`);
  const end = markup.indexOf("data-piece=", begin + 10);
  return markup.slice(begin, end === -1 ? undefined : end);
}

const next = numbersFrom(31);
const within = (from: number, to: number) => from + next() * (to - from);

/** A body of any height and build, as wide as it is for its height. */
function anyBody(): Measured {
  const height = within(130, 205);
  const build = within(0.75, 1.5);
  return {
    height,
    neck: 0.205 * height * build ** 0.6,
    shoulderWidth: 0.234 * height * build ** 0.25,
    bust: 0.545 * height * build,
    waist: 0.445 * height * build ** 1.3,
    hip: 0.57 * height * build ** 0.9,
    thigh: 0.315 * height * build ** 0.9,
    knee: 0.222 * height * build ** 0.7,
    calf: 0.216 * height * build ** 0.7,
    ankle: 0.13 * height * build ** 0.5,
    upperArm: 0.17 * height * build ** 0.9,
    wrist: 0.095 * height * build ** 0.4,
  };
}

const look = (measured: Measured, rest: Partial<Look> = {}) =>
  sampleLook({
    client: { ...sampleClient, measured },
    garments: [
      sample("trousers", { name: "legs", figures: { inseam: bodyOf(measured).measures.crotch.cm - 6 } }),
      sample("top", { name: "top", figures: { tucked: true, bodyGirth: (measured.bust ?? 90) + 8 } }),
    ],
    accessories: [sample("shoe", { name: "shoe", figures: { form: "laced shoe" } })],
    ...rest,
  });

describe("sixty bodies of 130 to 205 cm, slight to heavy", () => {
  const bodies = Array.from({ length: 60 }, anyBody);

  it("are covered by what they wear: no trousers narrower than the leg in them, none across the middle", () => {
    for (const measured of bodies) {
      const frame = frameOf(bodyOf(measured));
      const markup = partOf(drawn(look(measured)), "legs");
      const [, d = ""] = /<path d="(M[^"]*z)"/.exec(markup) ?? [];
      const points = pathPoints(d);
      expect(Math.min(...points.map(({ x }) => x))).toBeGreaterThan(-0.5);
      for (const share of [0.2, 0.28, 0.36, 0.42]) {
        const h = share * measured.height;
        const near = points.filter(({ y }) => Math.abs(-y - h) < 0.03 * measured.height);
        expect(Math.max(...near.map(({ x }) => x))).toBeGreaterThan(legOuter(frame, h) - 0.2);
      }
    }
  });

  it("stand alike on both sides, and hold together whether they stand or sit", () => {
    for (const measured of bodies) {
      for (const seated of [false, true]) {
        const markup = drawn({ ...look(measured), client: { ...sampleClient, measured, seated } });
        expect(markup).not.toMatch(/NaN|Infinity|undefined/);
        const ids = [...markup.matchAll(/ id="([^"]+)"/g)].map(([, id = ""]) => id);
        expect(new Set(ids).size, "an id twice").toBe(ids.length);
        for (const [, id = ""] of markup.matchAll(/(?:href="#|url\(#)([^")]+)/g)) expect(ids).toContain(id);
      }
    }
  });

  it("take no more than 60 kB each", () => {
    for (const measured of bodies) expect(drawn(look(measured)).length).toBeLessThan(60_000);
  });
});

describe("folds come from a rule", () => {
  const frame = frameOf(bodyOf({ height: 170 }));

  it("more of them the more cloth a hem has, none in a close skirt", () => {
    const counts = [100, 150, 200, 250].map((hem) => skirtFolds("a-line", hem, 98).length);
    expect(counts).toEqual([...counts].sort((a, b) => a - b));
    expect(counts[3]).toBeGreaterThan(counts[0] ?? 0);
    expect(skirtFolds("pencil", 250, 98)).toEqual([]);
    expect(skirtFolds("pleated", 200, 98).length).toBeGreaterThan(skirtFolds("a-line", 200, 98).length);
  });

  it("more of them in silk than in denim and in leather", () => {
    const many = (cloth: (typeof cloths)[number]) =>
      elbowFolds(frame, 1, fallOf({ cloth, finish: "matte smooth" })).length;
    expect(many("silk")).toBeGreaterThan(many("denim"));
    expect(many("wool")).toBeGreaterThan(many("heavy knit"));
  });

  it("one over the shoe for each stretch of cloth there is too much of", () => {
    expect([0, 1, 3, 5, 20].map((over) => breakFolds(9, 8, 0, over).length / 2)).toEqual([0, 1, 2, 3, 3]);
  });
});

describe("one light from the upper left", () => {
  it("leaves a shadow along the right edge, no wider than it was asked for", () => {
    const edge = [10, 11, 12, 11, 10].map((x, i) => ({ x, h: 50 - i * 10 }));
    const points = pathPoints(shadeAlong(edge, 3));
    expect(Math.min(...points.map(({ x }) => x))).toBeGreaterThan(6.9);
    expect(Math.max(...points.map(({ x }) => x))).toBeGreaterThan(12);
  });
});

describe("surfaces", () => {
  it.each(finishNames)("%s is drawn on a bag, a shoe and a top", (finish) => {
    for (const piece of [sample("bag", { finish }), sample("shoe", { finish }), sample("top", { finish })]) {
      const paint = paintOf(piece, "s");
      expect(paint.surface.cover).toBeGreaterThan(0.4);
      expect(paint.texture === null).toBe(paint.surface.texture === null);
    }
  });

  it("tell finishes and cloths apart", () => {
    const seen = (finish: (typeof finishNames)[number]) => {
      const { surface } = paintOf(sample("bag", { finish }), "s");
      return JSON.stringify([surface.shine, surface.cover, surface.darkEdge, surface.texture?.name]);
    };
    const alike = ["matte smooth", "bow"] as const;
    const others = finishNames.filter((finish) => !alike.some((same) => same === finish));
    expect(new Set(others.map(seen)).size).toBe(others.length);
    expect(paintOf(sample("top", { cloth: "heavy knit", finish: "knit" }), "s").surface).not.toBe(
      paintOf(sample("top", { cloth: "fine knit", finish: "knit" }), "s").surface,
    );
  });

  it("show skin through lace and sheer cloth, and through no other", () => {
    const covers = finishNames.filter((finish) => paintOf(sample("top", { finish }), "s").surface.cover < 1);
    expect(covers).toEqual(["lace", "sheer"]);
    expect(
      drawn(look({ height: 170 }, { garments: [sample("top", { name: "lace", finish: "lace" })] })),
    ).toContain('opacity="0.55"');
  });

  it("turn a print with the arm, and leave a plain cloth alone", () => {
    const swatches = [
      { hex: "#ffffff", share: 0.6, role: "ground" },
      { hex: "#224466", share: 0.4, role: "motif" },
    ] as const;
    const striped = paintOf(
      sample("top", { swatches: [...swatches], pattern: "stripe", patternScale: 3 }),
      "s",
    );
    expect(new Set([striped.fill, striped.fillOnArm(1), striped.fillOnArm(-1)]).size).toBe(3);
    const plain = paintOf(sample("top"), "s");
    expect(plain.fillOnArm(1)).toBe(plain.fill);
  });
});

describe("hair", () => {
  it("is drawn in another way for each form, and not at all where there is none", () => {
    const heads = [null, ...hairForms].map((hairForm) =>
      drawn(
        sampleLook({
          client: { ...sampleClient, colouring: { ...sampleClient.colouring, hair: "#123456", hairForm } },
        }),
      ),
    );
    expect(new Set(heads).size).toBe(heads.length);
    const bald = heads[1 + hairForms.indexOf("no hair")];
    expect(bald).not.toContain("#123456");
    expect(heads[0]).toContain("#123456");
  });
});

describe("a path", () => {
  it("goes through its points whether it is told from the origin or from point to point", () => {
    const points = [
      { x: 0.004, h: 10 },
      { x: -12.345, h: 0.05 },
      { x: 100.5, h: -3 },
      { x: 100.49, h: -3.01 },
    ];
    const through = pathPoints(curve(points));
    for (const { x, h } of points)
      expect(through.some((at) => Math.abs(at.x - x) < 0.006 && Math.abs(at.y + h) < 0.006)).toBe(true);
  });

  it("has a corner where one run ends and the next begins, and is closed", () => {
    const d = outline(
      [
        { x: 0, h: 0 },
        { x: 5, h: 1 },
      ],
      [{ x: 5, h: 9 }],
      [{ x: 0, h: 9 }],
    );
    expect(d).toMatch(/^M.*z$/);
    expect(d.match(/l/g)?.length).toBeGreaterThanOrEqual(2);
  });
});
