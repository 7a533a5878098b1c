import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { dress } from "@/core/dressing/dress";
import type { Dressed, Worn } from "@/core/dressing/dressed";
import { uncovered } from "@/core/length/interval";
import type { Adjustment } from "@/core/piece/adjustment";
import type { Look } from "@/core/piece/look";
import type { Piece } from "@/core/piece/piece";
import { numbersFrom } from "@/core/testing/generated";
import { sample, sampleClient, sampleLook } from "@/core/testing/sample";
import { Figure } from "./figure/figure";

/** The pieces of a figure in the order in which they are drawn: what comes later lies over what came before. */
function drawnOrder(dressed: Dressed): string[] {
  const markup = renderToStaticMarkup(<Figure dressed={dressed} unit="cm" label="figure" plain />);
  return [...markup.matchAll(/data-piece="([^"]+)"/g)].map(([, id = ""]) => id);
}

const next = numbersFrom(77);
const one = <T,>(list: readonly T[]): T => list[Math.floor(next() * list.length)] as T;
const perhaps = (share: number, piece: () => Piece): Piece[] => (next() < share ? [piece()] : []);

function anyLook(withLegGirths: boolean): Look {
  const { height } = sampleClient.measured;
  const measured = withLegGirths ? sampleClient.measured : { height };
  const closed = next() < 0.5;
  const legs = sample("trousers", {
    name: "trousers",
    figures: {
      inseam: 60 + next() * 25,
      opening: 28 + next() * 24,
      leg: one(["straight", "narrow", "wide"] as const),
    },
  });
  const top = sample("top", { name: "top", figures: { tucked: next() < 0.5 } });
  const type = next();
  const garments: Piece[] =
    type < 0.5
      ? [legs, top]
      : type < 0.75
        ? [sample("skirt", { name: "skirt", figures: { length: 40 + next() * 50 } }), top]
        : [sample("dress", { name: "dress", figures: { length: 85 + next() * 50 } })];
  garments.push(...perhaps(0.4, () => sample("jacket", { name: "jacket", figures: { closed } })));
  garments.push(...perhaps(0.3, () => sample("coat", { name: "coat", figures: { closed } })));
  const boot = next() < 0.5;
  const accessories = [
    sample("shoe", {
      name: "shoe",
      figures: boot ? { form: "boot", shaft: 8 + next() * 32, shaftTop: 24 + next() * 18 } : { form: "pump" },
    }),
    ...perhaps(0.5, () =>
      sample("hosiery", { name: "hosiery", figures: { form: one(["tights", "crew sock"] as const) } }),
    ),
    ...perhaps(0.4, () => sample("belt", { name: "belt" })),
    ...perhaps(0.3, () => sample("scarf", { name: "scarf" })),
    ...perhaps(0.3, () => sample("necklace", { name: "necklace" })),
    ...perhaps(0.3, () => sample("bag", { name: "bag" })),
    ...perhaps(0.2, () => sample("umbrella", { name: "umbrella" })),
    ...perhaps(0.2, () => sample("hat", { name: "hat" })),
  ];
  const adjustments: Adjustment[] =
    type < 0.5 && boot && next() < 0.4 ? [{ kind: "tuck-into-boot", piece: "trousers" }] : [];
  return sampleLook({ client: { ...sampleClient, measured }, garments, accessories, adjustments });
}

/** What of a piece the reading takes to be hidden. */
function hiddenOf({ extent, seen }: Worn) {
  return uncovered(extent, seen);
}

const onTheLeg = ["trousers", "skirt", "dress", "hosiery", "shoe"];

describe("300 looks", () => {
  const looks = Array.from({ length: 300 }, (_, i) => dress(anyLook(i % 2 === 0)));

  it("are drawn with each piece once, in the order in which they are read", () => {
    for (const dressed of looks) {
      const order = drawnOrder(dressed);
      expect([...order].sort()).toEqual(dressed.worn.map(({ piece }) => piece.id).sort());
      const places = order.map((id) => dressed.worn.find(({ piece }) => piece.id === id)?.order ?? NaN);
      expect(places).toEqual([...places].sort((low, high) => low - high));
    }
  });

  it("hide in the drawing what is hidden in the reading, and show what is seen", () => {
    let hidden = 0;
    for (const dressed of looks) {
      const order = drawnOrder(dressed);
      const byId = new Map(dressed.worn.map((item) => [item.piece.id, item]));
      order.forEach((id, at) => {
        const item = byId.get(id);
        if (!item) return;
        const over = order.slice(at + 1).flatMap((other) => byId.get(other) ?? []);
        for (const gap of hiddenOf(item)) {
          hidden += 1;
          const left = uncovered(
            gap,
            over.map(({ extent }) => extent),
          );
          expect(
            left.filter(({ from, to }) => to - from > 0.01),
            id,
          ).toEqual([]);
        }
        if (!onTheLeg.includes(item.piece.kind)) return;
        for (const { piece, extent } of over)
          if (onTheLeg.includes(piece.kind))
            for (const { from, to } of item.seen)
              expect(
                Math.min(to, extent.to) - Math.max(from, extent.from),
                `${id} is seen under ${piece.id}`,
              ).toBeLessThan(0.01);
      });
    }
    expect(hidden).toBeGreaterThan(300);
  });
});

describe("what lies over what", () => {
  const order = (look: Look) => drawnOrder(dress(look));

  it("is a boot over the trousers tucked into it, whether or not the leg was measured", () => {
    for (const measured of [sampleClient.measured, { height: 170 }]) {
      const look = sampleLook({
        client: { ...sampleClient, measured },
        garments: [sample("trousers", { name: "legs" })],
        accessories: [sample("shoe", { name: "boots", figures: { form: "boot", shaft: 30, shaftTop: 38 } })],
      });
      const tucked = { ...look, adjustments: [{ kind: "tuck-into-boot" as const, piece: "legs" }] };
      expect(order(tucked)).toEqual(["legs", "boots"]);
      expect(order(look)).toEqual(["boots", "legs"]);
    }
  });

  it("is a coat over a jacket over a belt over a top, and a scarf over all of them", () => {
    const look = sampleLook({
      garments: [
        sample("coat", { name: "coat" }),
        sample("jacket", { name: "jacket" }),
        sample("top", { name: "top" }),
      ],
      accessories: [sample("scarf", { name: "scarf" }), sample("belt", { name: "belt" })],
    });
    expect(order(look)).toEqual(["top", "belt", "jacket", "coat", "scarf"]);
    const jacket = dress(look).worn.find(({ piece }) => piece.id === "jacket");
    const closed = sampleLook({
      garments: [
        sample("coat", { name: "coat", figures: { closed: true, length: 110 } }),
        sample("jacket", { name: "jacket", figures: { length: 60 } }),
      ],
    });
    expect(jacket?.seen.length).toBeGreaterThan(0);
    const [shown] = dress(closed).worn.find(({ piece }) => piece.id === "jacket")?.seen ?? [];
    const { bustLine, neckPoint } = dress(closed).body.measures;
    // In the V of the coat's lapels, and nowhere else.
    expect(shown?.from).toBeCloseTo(bustLine.cm - 6, 6);
    expect(shown?.to).toBeCloseTo(neckPoint.cm, 6);
    const shut = {
      ...closed,
      garments: closed.garments.map((piece) =>
        piece.kind === "coat" ? { ...piece, figures: { ...piece.figures, collar: "stand" as const } } : piece,
      ),
    };
    expect(dress(shut).worn.find(({ piece }) => piece.id === "jacket")?.seen).toEqual([]);
  });
});
