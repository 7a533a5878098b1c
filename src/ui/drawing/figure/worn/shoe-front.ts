import type { PieceOf } from "@/core/piece/piece";
import type { Frame } from "../frame";
import { curve, onSide, outline, type Point } from "../path";

type ShoeFigures = PieceOf<"shoe">["figures"];
type Toe = ShoeFigures["toe"];

/** How much of the ball's width the end of the toe has. */
const toeEnd: Readonly<Record<Toe, number>> = {
  round: 0.74,
  open: 0.8,
  square: 0.88,
  almond: 0.5,
  pointed: 0.22,
};

/** How much of a sole is seen under the upper, cm. */
const soleSeen = { fine: 0.45, middling: 0.9, heavy: 1.7 } as const;

/** One shoe as seen from the front and a little from above, turned outwards: closed paths and lines, in place. */
export interface ShoeFront {
  /** The foot in it, from one side of the ankle round the toes to the other: an open line. */
  readonly foot: string;
  readonly heel: string | null;
  readonly sole: string;
  /** The upper, in as many parts as it has. */
  readonly upper: readonly string[];
  readonly seams: readonly string[];
  readonly stitches: readonly string[];
  readonly laces: readonly string[];
  /** The edge that lies in shadow, and the spot on the toe that takes the light. */
  readonly shadeEdge: readonly Point[];
  readonly light: string;
  /** Inside the top of a shaft, beside the leg. */
  readonly inside: readonly string[];
}

/** The places on a shoe from which everything on it is drawn; x outwards from the leg's axis, heights above the footbed. */
interface Last {
  readonly ankle: number;
  readonly ball: number;
  /** How far the toe is turned outwards, cm. */
  readonly turn: number;
  /** The ground, and what the forefoot stands on. */
  readonly ground: number;
  readonly tread: number;
  /** How much higher the heel stands than the forefoot. */
  readonly rise: number;
  readonly toe: number;
}

/** Breadth of the ball of the foot and how far it is turned out, as shares of the height. */
const ballShare = 0.0242;
const turnShare = 0.0125;

function lastOf({ lift, platform, toe, soleBulk }: ShoeFigures, frame: Frame): Last {
  const { height: H, measures } = frame.body;
  const ball = ballShare * H * Math.sqrt(frame.legHalf(measures.ankleBone.cm) / (0.0225 * H));
  const tread = -lift + Math.max(platform, Math.min(soleSeen[soleBulk], lift));
  return {
    ankle: frame.legHalf(0.05 * H),
    ball,
    turn: turnShare * H,
    ground: -lift,
    tread,
    rise: -tread,
    toe: toeEnd[toe],
  };
}

/** The edge from the ankle down the outer (1) or the inner (-1) side to the end of the toe. */
function sideOf(
  { ankle, ball, turn, tread, rise, toe }: Last,
  way: number,
  from: number,
  off: number,
): Point[] {
  const at = (x: number, share: number) => way * x + turn * share;
  return [
    { x: at(ankle + off, 0), h: from },
    { x: at(ankle + off + 0.35, 0.12), h: tread + 4.6 + rise * 0.55 },
    { x: at(ball * 0.9, 0.6), h: tread + 3.2 + rise * 0.2 },
    { x: at(ball, 0.92), h: tread + 1.9 },
    { x: at(ball * (0.5 + toe * 0.46), 1), h: tread + 0.75 },
    { x: at(ball * toe * 0.62, 1.06), h: tread + 0.08 },
    { x: turn * 1.08, h: tread - 0.12 },
  ];
}

/** Lines and areas of a shoe's front, for the right of the picture. */
export function shoeFront(shoe: ShoeFigures, frame: Frame, side: number): ShoeFront {
  const last = lastOf(shoe, frame);
  const { tread, rise, turn, ball, ankle, ground } = last;
  const axis = frame.legAxis(0);
  const place = (points: readonly Point[]) =>
    onSide(
      side,
      points.map(({ x, h }) => ({ x: axis + x, h })),
    );
  const whole = (from: number, off: number) => {
    const outer = sideOf(last, 1, from, off);
    const inner = sideOf(last, -1, from, off);
    return { outer, inner, down: [...outer, ...[...inner].reverse().slice(1)] };
  };
  const low = tread + 5.2 + rise;
  const body = whole(low, 0.45);
  const shaped = uppersOf(shoe, last, body.down, frame);
  const edge = side > 0 ? body.outer : [...body.inner];
  return {
    foot: curve(place(whole(0.05 * frame.body.height, 0).down)),
    heel: heelOf(shoe, last, place),
    sole: outline(
      place([
        { x: -ball * 0.98 + turn * 0.9, h: tread + 1.5 },
        { x: -ball * (0.5 + last.toe * 0.46) + turn, h: tread + 0.5 },
        { x: -ball * last.toe * 0.62 + turn * 1.06, h: ground + 0.05 },
        { x: turn * 1.08, h: ground - 0.15 },
        { x: ball * last.toe * 0.62 + turn * 1.06, h: ground + 0.05 },
        { x: ball * (0.5 + last.toe * 0.46) + turn, h: tread + 0.5 },
        { x: ball * 0.98 + turn * 0.9, h: tread + 1.5 },
      ]),
    ),
    upper: shaped.upper.map((runs) => outline(...runs.map(place))),
    seams: [
      ...shaped.seams.map((points) => curve(place(points))),
      ...(shoe.cutOuts ? cutOutsOf(last).map((points) => outline(place(points))) : []),
    ],
    stitches: shaped.stitches.map((points) => curve(place(points))),
    laces: shaped.laces.map((points) => curve(place(points))),
    shadeEdge: place(edge),
    light: outline(
      place([
        { x: turn * 0.9 - side * ball * 0.42, h: tread + 2.5 },
        { x: turn * 0.95 - side * ball * 0.12, h: tread + 2.9 },
        { x: turn - side * ball * 0.1, h: tread + 1.9 },
        { x: turn - side * ball * 0.34, h: tread + 1.5 },
        { x: turn * 0.9 - side * ball * 0.42, h: tread + 2.5 },
      ]),
    ),
    inside: shoe.shaft === null ? [] : shaftTop(shoe, frame, side * axis, ankle),
  };
}

/** Openings cut into the upper beside the foot. */
function cutOutsOf({ ball, turn, tread, rise }: Last): Point[][] {
  return [-1, 1].map((way) => {
    const x = way * ball * 0.66 + turn * 0.66;
    const h = tread + 3 + rise * 0.3;
    return [
      { x: x - 0.55, h },
      { x, h: h + 0.95 },
      { x: x + 0.55, h },
      { x, h: h - 0.95 },
      { x: x - 0.55, h },
    ];
  });
}

/** Inside the top of a shaft, what is seen of it on either side of the leg. */
function shaftTop(
  { shaft, shaftTop: around }: ShoeFigures,
  frame: Frame,
  x: number,
  ankle: number,
): string[] {
  const h = shaft ?? 0;
  const half = Math.max((around ?? 28) / (2 * Math.PI), ankle);
  const leg = Math.min(half - 0.1, frame.legHalf(h));
  const round = half * 0.16;
  const up = round * Math.sqrt(1 - (leg / half) ** 2);
  return [1, -1].map((way) => {
    const [from, to] = [(x + way * leg).toFixed(2), (x + way * half).toFixed(2)];
    const sweep = way > 0 ? 1 : 0;
    const bend = `A${half.toFixed(2)} ${round.toFixed(2)} 0 0 ${sweep}`;
    return `M${from} ${(-h - up).toFixed(2)}${bend} ${to} ${-h}${bend} ${from} ${(-h + up).toFixed(2)}Z`;
  });
}

/** Half the width of a heel from behind, cm. */
const heelHalf: Readonly<Record<ShoeFigures["tip"], number>> = {
  flat: 0,
  block: 1.7,
  slim: 0.8,
  stiletto: 0.45,
  wedge: 0,
};

/** A raised heel stands behind the ball, on the inner side of a foot that is turned out. */
function heelOf(
  { tip, lift }: ShoeFigures,
  { ground, turn, ball, ankle }: Last,
  place: (points: readonly Point[]) => Point[],
): string | null {
  if (tip === "wedge" && lift > 1.5)
    return outline(
      place([
        { x: -ball * 0.8, h: -0.6 },
        { x: ball * 0.7, h: -0.6 },
        { x: ball * 0.8 + turn, h: ground },
        { x: -ball * 0.8, h: ground },
      ]),
    );
  const half = heelHalf[tip];
  if (half === 0 || lift < 3) return null;
  // Under the heel of the foot, of which the forefoot leaves the inner side to be seen.
  const x = -ankle * 0.55;
  return outline(
    place([
      { x: x - half * 1.5, h: 0 },
      { x: x - half, h: ground * 0.5 },
      { x: x - half, h: ground },
    ]),
    place([
      { x: x + half, h: ground },
      { x: x + half, h: ground * 0.5 },
      { x: x + half * 1.5, h: 0 },
    ]),
  );
}

interface Upper {
  /** Each part as runs with a corner between them. */
  readonly upper: readonly (readonly (readonly Point[])[])[];
  readonly seams: readonly Point[][];
  readonly stitches: readonly Point[][];
  readonly laces: readonly Point[][];
}

/** What the upper of each form covers, from the outline of the whole shoe. */
function uppersOf(shoe: ShoeFigures, last: Last, down: readonly Point[], frame: Frame): Upper {
  const { tread, rise, turn, ball, ankle } = last;
  const bare: Upper = { upper: [], seams: [], stitches: [], laces: [] };
  const first = down[0] ?? { x: 0, h: 0 };
  const end = down[down.length - 1] ?? first;
  /** An opening that dips to a throat at the front. */
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
  switch (shoe.form) {
    case "pump":
    case "flat":
      return {
        ...bare,
        upper: [[down, openTo(tread + 3 + rise * 0.16, 1)]],
        laces: shoe.laced ? lacing.slice(0, 2) : [],
      };
    case "slingback":
      // As a pump is in front; behind, a strap goes round the heel.
      return {
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
      };
    case "mule":
      return { ...bare, upper: [[down.slice(2, -2), across(tread + 3.7 + rise * 0.3, 0.5, 0.2).reverse()]] };
    case "loafer": {
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
    }
    case "laced shoe":
      return { ...bare, upper: [[down, closed]], seams: [cap, ...facing], laces: lacing };
    case "trainer":
    case "running shoe":
      if (shoe.shaft !== null) return shaftOf(shoe, last, down, frame, lacing);
      return {
        ...bare,
        upper: [[down, closed]],
        seams: [across(tread + 2.2, 0.82, -1), ...facing],
        stitches:
          shoe.form === "running shoe"
            ? [across(tread + 4.4 + rise * 0.2, 0.8, -1.4), across(tread + 3.6, 0.95, -1.2)]
            : [],
        laces: lacing,
      };
    case "sandal":
      return {
        ...bare,
        upper: [
          strap(across(tread + 2.6, 1, -0.9), 1.7),
          strap(across(tread + 4.8 + rise * 0.34, 0.78, -0.8), 1.2),
          strap(round(ankle + 0.2, tread + 7.4 + rise, 0.8), 1),
        ],
      };
    case "thong": {
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
    }
    case "boot":
      return shaftOf(shoe, last, down, frame, []);
  }
}

/** How far apart the eyelets up a laced shaft are, cm. */
const eyelets = 2.2;

/** A shoe with a shaft: foot and shaft in one, laced up the front where it is. */
function shaftOf(
  shoe: ShoeFigures,
  { ankle }: Last,
  down: readonly Point[],
  frame: Frame,
  lacing: readonly Point[][],
): Upper {
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
  const up = Math.max(0, Math.floor((Math.min(shaft, 24) - 1 - bend) / eyelets));
  const upShaft = Array.from({ length: up + 1 }, (_, i): Point[] => {
    const h = bend - 0.6 + i * eyelets;
    return [
      { x: -1.3, h: h + 0.3 },
      { x: 0, h: h - 0.2 },
      { x: 1.3, h: h + 0.3 },
    ];
  });
  const isLaced = shoe.laced || shoe.form === "trainer";
  return {
    laces: isLaced ? [...lacing, ...upShaft] : [],
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

/** A band of a width along a line. */
function strap(line: readonly Point[], wide: number): readonly (readonly Point[])[] {
  return [
    line.map(({ x, h }) => ({ x, h: h + wide / 2 })),
    [...line].reverse().map(({ x, h }) => ({ x, h: h - wide / 2 })),
  ];
}

/** Round the ankle, lower in front. */
function round(half: number, h: number, sag: number): Point[] {
  return [
    { x: -half, h },
    { x: 0, h: h - sag },
    { x: half, h },
  ];
}
