import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { dress } from "@/core/dressing/dress";
import type { Adjustment } from "@/core/piece/adjustment";
import type { Piece } from "@/core/piece/piece";
import type { Scarf } from "@/core/piece/tied-scarf";
import { girthsOf } from "@/core/scarf/girths";
import { sidesOf, tieOf } from "@/core/scarf/tied";
import { tieNames, tieSpec, type TieName } from "@/core/scarf/ties";
import { usualWay } from "@/core/scarf/usual-way";
import { bodyOf } from "@/core/body/body";
import { clothOf } from "@/core/piece/tied-scarf";
import { sample, sampleClient, sampleLook } from "@/core/testing/sample";
import { Figure } from "../figure/figure";
import { frameOf } from "../figure/frame";
import { bagHandle } from "../figure/worn/bag";
import { pathPoints } from "../path-points";

const picture = { colours: ["#1f6b3a", "#efe7d6", "#c24a2e"], rows: ["0011", "0212", "1122", "2200"] };
const scarfOf = (sideA: number, sideB: number, loop = false) =>
  sample("scarf", { name: "scarf", hex: "#1f6b3a", figures: { sideA, sideB, loop, picture } });
/** Cloths enough that each tie can be done with one of them. */
const cloths = [
  scarfOf(90, 90),
  scarfOf(110, 110),
  scarfOf(135, 135),
  scarfOf(180, 60),
  scarfOf(190, 35),
  scarfOf(220, 110),
  scarfOf(150, 30, true),
];

const bodies = [
  { height: 152, neck: 30, bust: 80, waist: 62, hip: 86 },
  { height: 170, neck: 36, bust: 92, waist: 74, hip: 98 },
  { height: 190, neck: 44, bust: 122, waist: 112, hip: 124 },
] as const;

interface Done {
  readonly scarf: Scarf;
  readonly adjustment: Adjustment;
}

function done(tie: TieName, measured: (typeof bodies)[number]): Done | null {
  const girths = girthsOf(bodyOf(measured));
  for (const scarf of cloths) {
    const way = usualWay(tie, sidesOf(scarf.figures));
    if (way && tieOf(clothOf(scarf), way, girths).possible)
      return { scarf, adjustment: { kind: "tie", piece: scarf.id, ...way } };
  }
  return null;
}

const bag = sample("bag", { name: "bag", figures: { carry: "hand", strap: 30, width: 30, height: 22 } });
const hat = sample("hat", { name: "hat", figures: { form: "felt", brim: 6 } });
const coat = sample("coat", { name: "coat" });
const garments = [
  sample("trousers", { name: "legs" }),
  sample("top", { name: "top", figures: { tucked: true } }),
];

function lookOf(
  { scarf, adjustment }: Done,
  measured: (typeof bodies)[number],
  { more = [], layers = [] }: { more?: readonly Piece[]; layers?: readonly Piece[] } = {},
) {
  return dress({
    ...sampleLook({
      client: { ...sampleClient, measured },
      garments: [...garments, ...layers],
      accessories: [scarf, ...more],
    }),
    adjustments: [adjustment],
  });
}

const drawn = (dressed: ReturnType<typeof lookOf>) =>
  renderToStaticMarkup(<Figure dressed={dressed} unit="cm" label="figure" plain />);

/** The drawn paths of one piece. */
function pathsOf(markup: string, piece: string): string[] {
  const begin = markup.indexOf(`data-piece="${piece}"`);
  const end = markup.indexOf("data-piece=", begin + 10);
  const part = markup.slice(begin, end === -1 ? undefined : end);
  return [...part.matchAll(/ d="([^"]+)"/g)].map(([, d]) => d ?? "");
}

const middleOf = (values: readonly number[]) => (Math.min(...values) + Math.max(...values)) / 2;

describe("a tied scarf on the figure", () => {
  describe.each(tieNames)("%s", (tie) => {
    it.each(bodies)("lies on a body of $height cm", (measured) => {
      const way = done(tie, measured);
      // The widest girths are not gone round by every cloth.
      if (!way) {
        expect(measured.bust).toBeGreaterThan(100);
        return;
      }
      const paths = pathsOf(drawn(lookOf(way, measured)), "scarf");
      expect(paths.length).toBeGreaterThan(2);
      const points = paths.flatMap((d) => pathPoints(d));
      expect(points.every(({ x, y }) => Number.isFinite(x) && Number.isFinite(y))).toBe(true);
      const { height } = measured;
      for (const { x, y } of points) {
        expect(Math.abs(x)).toBeLessThan(height * 0.42);
        expect(y).toBeGreaterThan(-height * 1.12);
        expect(y).toBeLessThan(0);
      }
    });
  });

  const [, measured] = bodies;

  it("is tied where the tie says: from the head down the places follow one another", () => {
    const placed = (["head cover", "knot in front", "band top", "sash", "wrist wrap"] as const).map((tie) => {
      const way = done(tie, measured);
      if (!way) throw new Error(`no cloth for ${tie}`);
      return middleOf(
        pathsOf(drawn(lookOf(way, measured)), "scarf").flatMap((d) => pathPoints(d).map(({ y }) => y)),
      );
    });
    expect(placed).toEqual([...placed].sort((one, other) => one - other));
  });

  it("hangs on the bag's handle, on whichever side the bag is carried, and over the bag", () => {
    const way = done("bow on the bag", measured);
    if (!way) throw new Error("no cloth for a bow");
    const right = lookOf(way, measured, { more: [bag] });
    const left = dress({
      ...right.look,
      adjustments: [...right.look.adjustments, { kind: "other-side", piece: bag.id }],
    });
    for (const [dressed, side] of [
      [right, 1],
      [left, -1],
    ] as const) {
      const markup = drawn(dressed);
      const handle = bagHandle(bag, { top: dressed.bag?.extent.to ?? 0, side, frame: frameOf(dressed.body) });
      const xs = pathsOf(markup, "scarf").flatMap((d) => pathPoints(d).map(({ x }) => x));
      expect(Math.abs(middleOf(xs) - (handle?.foot.x ?? NaN))).toBeLessThan(5);
      expect(markup.indexOf('data-piece="scarf"')).toBeGreaterThan(markup.indexOf('data-piece="bag"'));
    }
  });

  it("lies over a hat as its band, and under a coat that is closed over it", () => {
    const band = done("hat band", measured);
    const tucked = done("cross and tuck", measured);
    const round = done("once round", measured);
    if (!band || !tucked || !round) throw new Error("no cloth for these");
    const order = (markup: string) => [...markup.matchAll(/data-piece="([^"]+)"/g)].map(([, name]) => name);
    const over = (way: Done, more: readonly Piece[], layers: readonly Piece[] = []) =>
      order(drawn(lookOf(way, measured, { more, layers })));
    expect(over(band, [hat]).indexOf("scarf")).toBeGreaterThan(over(band, [hat]).indexOf("hat"));
    expect(over(tucked, [], [coat]).indexOf("scarf")).toBeLessThan(over(tucked, [], [coat]).indexOf("coat"));
    expect(over(round, [], [coat]).indexOf("scarf")).toBeGreaterThan(over(round, [], [coat]).indexOf("coat"));
  });

  it("is drawn for every place that a tie names", () => {
    const places = new Set(tieNames.map((name) => tieSpec(name).place));
    expect([...places].sort()).toEqual([
      "bag",
      "belt loops",
      "hair",
      "head",
      "neck",
      "top",
      "waist",
      "wrist",
    ]);
  });
});
