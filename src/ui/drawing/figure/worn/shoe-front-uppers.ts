import type { Frame } from "../frame";
import type { Point } from "../path";
import type { ShoeFigures } from "./shoe-front";
import { shaftOf } from "./shoe-front-shaft";
import { round, strap, type Last } from "./shoe-last";

export interface Upper {
  /** Each part as runs with a corner between them. */
  readonly upper: readonly (readonly (readonly Point[])[])[];
  readonly seams: readonly Point[][];
  readonly stitches: readonly Point[][];
  readonly laces: readonly Point[][];
}

/** The places and lines from which the upper of each form is drawn. */
interface UpperCut extends Last {
  readonly shoe: ShoeFigures;
  /** The outline of the whole shoe, from ankle to ankle. */
  readonly down: readonly Point[];
  /** An opening that dips to a throat at the front. */
  readonly openTo: (throat: number, round: number) => Point[];
  /** A line across the foot. */
  readonly across: (h: number, reach: number, sag: number) => Point[];
  /** The opening of a shoe that is closed over the instep, and its eyelet facings. */
  readonly closed: readonly Point[];
  readonly facing: readonly Point[][];
  readonly cap: Point[];
  readonly lacing: readonly Point[][];
}

type LowForm = Exclude<ShoeFigures["form"], "boot">;

const bare: Upper = { upper: [], seams: [], stitches: [], laces: [] };

const uppers: Readonly<Record<LowForm, (cut: UpperCut) => Upper>> = {
  pump: ({ shoe, down, tread, rise, openTo, lacing }) => ({
    ...bare,
    upper: [[down, openTo(tread + 3 + rise * 0.16, 1)]],
    laces: shoe.laced ? lacing.slice(0, 2) : [],
  }),
  flat: (cut) => uppers.pump(cut),
  // As a pump is in front; behind, a strap goes round the heel.
  slingback: ({ down, tread, rise, turn, ball, ankle, openTo }) => ({
    ...bare,
    upper: [
      [down.slice(2, -2), openTo(tread + 3 + rise * 0.16, 0.86)],
      ...[-1, 1].map((way) =>
        strap(
          [
            { x: way * (ankle + 0.3), h: tread + 4.6 + rise },
            { x: way * (ankle + ball) * 0.46 + turn * 0.3, h: tread + 3.4 + rise * 0.6 },
            { x: way * ball * 0.84 + turn * 0.55, h: tread + 2.6 + rise * 0.25 },
          ],
          0.6,
        ),
      ),
    ],
  }),
  mule: ({ down, tread, rise, across }) => ({
    ...bare,
    upper: [[down.slice(2, -2), across(tread + 3.7 + rise * 0.3, 0.5, 0.2).reverse()]],
  }),
  loafer: ({ down, tread, rise, openTo, across }) => {
    const throat = tread + 4.9 + rise * 0.4;
    return {
      ...bare,
      upper: [[down, openTo(throat, 0.8)]],
      seams: [
        [...across(tread + 1.4, 0.62, 2.6)],
        across(throat - 1, 0.74, -0.5),
        across(throat - 2, 0.8, -0.5),
      ],
      stitches: [],
    };
  },
  "laced shoe": ({ down, cap, closed, lacing, facing }) => ({
    ...bare,
    upper: [[down, closed]],
    seams: [cap, ...facing],
    laces: lacing,
  }),
  trainer: ({ down, tread, across, closed, lacing, facing }) => ({
    ...bare,
    upper: [[down, closed]],
    seams: [across(tread + 2.2, 0.82, -1), ...facing],
    laces: lacing,
  }),
  "running shoe": (cut) => ({
    ...uppers.trainer(cut),
    stitches: [
      cut.across(cut.tread + 4.4 + cut.rise * 0.2, 0.8, -1.4),
      cut.across(cut.tread + 3.6, 0.95, -1.2),
    ],
  }),
  sandal: ({ tread, rise, ankle, across }) => ({
    ...bare,
    upper: [
      strap(across(tread + 2.6, 1, -0.9), 1.7),
      strap(across(tread + 4.8 + rise * 0.34, 0.78, -0.8), 1.2),
      strap(round(ankle + 0.2, tread + 7.4 + rise, 0.8), 1),
    ],
  }),
  thong: ({ tread, rise, turn, ball }) => {
    const toe = { x: turn * 1.02, h: tread + 1.3 };
    return {
      ...bare,
      upper: [1, -1].map((way) =>
        strap(
          [
            { x: way * ball * 0.86 + turn * 0.6, h: tread + 3.6 + rise * 0.3 },
            { x: way * ball * 0.4 + turn * 0.9, h: tread + 2.9 },
            toe,
          ],
          0.9,
        ),
      ),
    };
  },
};

/** What the upper of each form covers, from the outline of the whole shoe. */
export function uppersOf(shoe: ShoeFigures, last: Last, down: readonly Point[], frame: Frame): Upper {
  const cut = cutOf(shoe, last, down);
  const { form, shaft } = shoe;
  if (form === "boot") return shaftOf(shoe, { last, down, frame, lacing: [] });
  if (shaft !== null && (form === "trainer" || form === "running shoe"))
    return shaftOf(shoe, { last, down, frame, lacing: cut.lacing });
  return uppers[form](cut);
}

function cutOf(shoe: ShoeFigures, last: Last, down: readonly Point[]): UpperCut {
  const { tread, rise, turn, ball } = last;
  const first = down[0] ?? { x: 0, h: 0 };
  const end = down[down.length - 1] ?? first;
  const openTo = (throat: number, round: number): Point[] => [
    end,
    { x: -ball * 0.62 * round + turn * 0.5, h: throat + (first.h - throat) * 0.32 },
    { x: turn * 0.75, h: throat },
    { x: ball * 0.62 * round + turn * 0.5, h: throat + (first.h - throat) * 0.32 },
    first,
  ];
  const across = (h: number, reach: number, sag: number): Point[] => [
    { x: -ball * reach + turn * 0.75, h: h + sag },
    { x: turn * 0.8, h },
    { x: ball * reach + turn * 0.75, h: h + sag },
  ];
  const cap = across(tread + 2.5, 0.9, -0.7);
  const closedTo = first.h + 1.6;
  const closed: Point[] = [end, { x: 0, h: closedTo - 0.5 }, first];
  const lacing = [0, 1, 2, 3].map((i) => {
    const h = tread + 4 + rise * 0.3 + i * ((closedTo - tread - 4.6 - rise * 0.3) / 3.4);
    const x = turn * (0.62 - i * 0.16);
    return [
      { x: x - 1.2, h: h + 0.2 },
      { x, h: h - 0.1 },
      { x: x + 1.2, h: h + 0.2 },
    ];
  });
  const facing = [-1, 1].map((way) => [
    { x: turn * 0.7 + way * 1.5, h: tread + 3.4 + rise * 0.28 },
    { x: turn * 0.2 + way * 1.9, h: closedTo - 0.8 },
  ]);
  return { ...last, shoe, down, openTo, across, cap, closed, lacing, facing };
}
