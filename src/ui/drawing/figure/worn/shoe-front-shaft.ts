import type { Frame } from "../frame";
import type { Point } from "../path";
import type { Upper } from "./shoe-front-uppers";
import type { ShoeFigures } from "./shoe-front";
import { eyelets, type Last } from "./shoe-last";

interface ShaftedFoot {
  readonly last: Last;
  /** The outline of the foot, from ankle to ankle. */
  readonly down: readonly Point[];
  readonly frame: Frame;
  /** Laces over the foot. */
  readonly lacing: readonly Point[][];
}

/** A shoe with a shaft: foot and shaft in one, laced up the front where it is. */
export function shaftOf(shoe: ShoeFigures, { last: { ankle }, down, frame, lacing }: ShaftedFoot): Upper {
  const first = down[0] ?? { x: 0, h: 0 };
  const shaft = shoe.shaft ?? 10;
  const half = Math.max((shoe.shaftTop ?? 28) / (2 * Math.PI), ankle);
  const bend = Math.min(shaft - 1, first.h + 1.5);
  const leg = (h: number) =>
    h <= bend
      ? ankle + 0.7
      : ankle + 0.7 + (half - ankle - 0.7) * ((h - bend) / Math.max(1, shaft - bend)) ** 0.8;
  const heights = [shaft, bend + (shaft - bend) * 0.6, bend + (shaft - bend) * 0.3, bend].filter(
    (h, i, all) => h !== all[i - 1],
  );
  const outer = heights.map((h) => ({ x: leg(h), h }));
  const inner = [...heights].reverse().map((h) => ({ x: -leg(h), h }));
  const top: Point[] = [
    { x: -half, h: shaft },
    { x: 0, h: shaft - half * 0.16 },
    { x: half, h: shaft },
  ];
  const foot = down.slice(1, -1);
  const creases = [0.6, 2.4].map((up): Point[] => [
    { x: -ankle * 0.9, h: bend - 1 + up },
    { x: 0.2, h: bend - 2 + up },
    { x: ankle * 0.5, h: bend - 1.4 + up },
  ]);
  const short = shaft < 0.09 * frame.body.height;
  const isLaced = shoe.laced || shoe.form === "trainer";
  return {
    laces: isLaced ? [...lacing, ...lacesUp(shaft, bend)] : [],
    upper: [[[...outer, ...foot, ...inner], top]],
    seams: short
      ? creases.slice(0, 1)
      : [
          ...creases,
          [
            { x: ankle * 0.2, h: shaft - 2 },
            { x: ankle * 0.2 + 0.2, h: bend + 2 },
          ],
        ].slice(0, 2),
    stitches: [
      top.map(({ x, h }) => ({ x, h: h - 0.8 })),
      ...(isLaced
        ? [-1.9, 1.9].map((x) => [
            { x, h: shaft - 1 },
            { x, h: bend - 2 },
          ])
        : []),
    ],
  };
}

/** Laces from the bend of the ankle up the front of the shaft. */
function lacesUp(shaft: number, bend: number): Point[][] {
  const up = Math.max(0, Math.floor((Math.min(shaft, 24) - 1 - bend) / eyelets));
  return Array.from({ length: up + 1 }, (_, i): Point[] => {
    const h = bend - 0.6 + i * eyelets;
    return [
      { x: -1.3, h: h + 0.3 },
      { x: 0, h: h - 0.2 },
      { x: 1.3, h: h + 0.3 },
    ];
  });
}
