import { openingOf, type PieceOf } from "@/core/piece/piece";
import { Shape } from "../../cloth/shape";
import { metalColour } from "../../metal-colour";
import type { Paint } from "../../paint";
import { shoulderLine } from "../body-shape";
import type { Frame } from "../frame";
import { across, curve, lightAlong, onSide, outline, shadeAlong, type Point } from "../path";
import { armhole, sideEdge } from "./cut";
import { armpitFolds, fallOf } from "./folds";
import { sleevesOf } from "./sleeves";

interface LayerProps {
  readonly piece: PieceOf<"jacket"> | PieceOf<"coat">;
  readonly hem: number;
  readonly frame: Frame;
  readonly paint: Paint;
  readonly id: string;
}

/** How a layer of each kind is made. */
const makes = {
  jacket: { ease: 1.3, flare: 0.02, raised: 0.5, buttons: 2, apart: 9.5, pocket: 11 },
  coat: { ease: 2.3, flare: 0.06, raised: 0.3, buttons: 4, apart: 12, pocket: 14 },
} as const;

const sides = [1, -1] as const;

/** A jacket or a coat: two fronts, open or closed, sleeves, collar, pockets, buttons. */
export function Layer({ piece, hem, frame, paint, id }: LayerProps) {
  const m = frame.body.measures;
  const make = makes[piece.kind];
  const { closed, collar, sleeve } = piece.figures;
  const tailored = collar === "notched" || collar === "shawl";
  const ease = make.ease + (tailored ? 0 : 0.5);
  const fall = fallOf(piece);
  const side = sideEdge(frame, hem, ease).map(({ x, h }) => ({
    x: h < m.waistLine.cm ? x + (m.waistLine.cm - h) * make.flare : x,
    h,
  }));
  const front: Front = {
    gape: closed ? -1.4 : tailored ? 3.4 : 4.6,
    breaks: openingOf(piece, frame.body) ?? m.neckPoint.cm - 4,
    hem,
    cutAway: tailored && piece.kind === "jacket" ? 5 : 0.6,
  };
  const sleeves = sleevesOf({
    sleeve,
    frame,
    ease: ease * 0.6,
    paint,
    fall,
    cuff: tailored ? 0 : 5,
    raised: tailored ? make.raised : 0,
  });
  const half = frame.armpit.x;
  // The left front of a closed layer lies under the right one, so it is drawn first.
  const fronts = [-1, 1].map((sign) => ({ d: frontPath(frame, side, sign, front, ease) }));
  return (
    <Shape
      id={id}
      paint={paint}
      parts={[...sleeves.parts, ...fronts]}
      shades={[shadeAlong(side, half * 0.26, 0.9), ...sleeves.shades, ...(closed ? [] : [underEdge(front)])]}
      lights={[lightAlong(across(side), half * 0.34, half * 0.2), ...sleeves.lights]}
      folds={[...armpitFolds(frame, ease, fall, true), ...sleeves.folds]}
      seams={[...sleeves.seams, ...sides.flatMap((sign) => pockets(piece, frame, sign, make.pocket))]}
      width={0.34}
    >
      <path d={frontEdges(front, closed)} fill="none" stroke={paint.tones.outline} strokeWidth={0.34} />
      {sides.flatMap((sign) =>
        collarParts(collar, frame, sign, front).map((d) => (
          <g key={`${sign} ${d}`}>
            <path
              d={d}
              fill={paint.fill}
              stroke={paint.tones.outline}
              strokeWidth={0.3}
              strokeLinejoin="round"
            />
            {sign > 0 && <path d={d} fill="#000" fillOpacity={paint.tones.shade * 0.55} />}
          </g>
        )),
      )}
      <Buttons piece={piece} paint={paint} front={front} />
    </Shape>
  );
}

interface Front {
  /** How far the edge of a front is from the middle; below nought, the fronts overlap. */
  readonly gape: number;
  /** Where the lapels meet, cm above the footbed. */
  readonly breaks: number;
  readonly hem: number;
  /** How far the lower corner is rounded away from the middle, cm. */
  readonly cutAway: number;
}

/** Where the edge of a front comes to at the hem: an open one swings a little out. */
function hemX({ gape, cutAway }: Front): number {
  return gape > 0 ? gape + 1.4 + cutAway * 0.5 : gape + cutAway * 0.8;
}

function frontPath(frame: Frame, side: readonly Point[], sign: number, front: Front, ease: number): string {
  const { gape, breaks, hem, cutAway } = front;
  const neck = { x: frame.neckHalf * 1.1, h: frame.body.measures.neckPoint.cm + 1 };
  const shoulder = shoulderLine(frame, ease * 0.3).filter(({ x }) => x > neck.x + 0.5);
  const end = side[side.length - 1] ?? { x: 0, h: hem };
  const edge = [
    { x: gape, h: Math.max(breaks - 1, hem + cutAway + 3) },
    { x: gape, h: hem + cutAway + 2 },
    { x: gape + (hemX(front) - gape) * 0.3, h: hem + cutAway * 0.5 },
    { x: hemX(front), h: hem - 0.4 },
  ];
  return outline(
    onSide(sign, [neck, ...shoulder]),
    onSide(sign, armhole(frame, ease)),
    onSide(sign, side),
    onSide(sign, [end, { x: (end.x + hemX(front)) / 2, h: hem - 0.7 }, { x: hemX(front), h: hem - 0.4 }]),
    onSide(sign, [...edge].reverse()),
    onSide(sign, [{ x: gape, h: breaks }]),
  );
}

/** The edges of the fronts from where they break; of a closed layer, only the one that lies over the other. */
function frontEdges(front: Front, closed: boolean): string {
  const { gape, breaks, hem, cutAway } = front;
  const edge = (sign: number) =>
    curve(
      onSide(sign, [
        { x: gape, h: breaks },
        { x: gape, h: hem + cutAway + 2 },
        { x: gape + (hemX(front) - gape) * 0.3, h: hem + cutAway * 0.5 },
        { x: hemX(front), h: hem - 0.4 },
      ]),
    );
  return (closed ? [1] : [1, -1]).map(edge).join(" ");
}

/** The left front of an open layer turns away from the light along its edge. */
function underEdge(front: Front): string {
  const { gape, breaks, hem } = front;
  return shadeAlong(
    [breaks, (breaks + hem) / 2, hem].map((h) => ({ x: -gape, h })),
    2.2,
    0.8,
  );
}

/** Pockets with a flap, and one for a square on the left breast of a tailored jacket. */
function pockets(
  { kind, figures }: LayerProps["piece"],
  frame: Frame,
  sign: number,
  below: number,
): string[] {
  const { waistLine, bustLine } = frame.body.measures;
  const h = waistLine.cm - below;
  const x = frame.trunk(waistLine.cm);
  const flap = `M${sign * x * 0.42} ${-h}L${sign * x * 0.94} ${-(h - 0.6)}V${-(h - 4.2)}L${sign * x * 0.42} ${-(h - 3.6)}Z`;
  const breast =
    kind === "jacket" && figures.collar === "notched" && sign > 0
      ? [`M${x * 0.5} ${-bustLine.cm + 0.4}l${x * 0.34} -1.1v-2l${-x * 0.34} 1.1Z`]
      : [];
  return [flap, ...breast];
}

function Buttons({
  piece,
  paint,
  front,
}: {
  readonly piece: LayerProps["piece"];
  readonly paint: Paint;
  readonly front: Front;
}) {
  const { buttons, apart } = makes[piece.kind];
  const metal = piece.metalSize > 0 ? metalColour(piece) : null;
  const x = piece.figures.closed ? 0 : front.gape + 1.8;
  const heights = Array.from({ length: buttons }, (_, i) => front.breaks - 2 - i * apart).filter(
    (h) => h > front.hem + 8,
  );
  return heights.map((h) => (
    <circle
      key={h}
      cx={x}
      cy={-h}
      r={0.8}
      fill={metal ?? paint.tones.fold}
      stroke={paint.tones.outline}
      strokeWidth={0.16}
    />
  ));
}

type Collar = LayerProps["piece"]["figures"]["collar"];

/** One side's collar, from the neck to where the fronts begin to close: the lapel first, the collar over it. */
function collarParts(collar: Collar, frame: Frame, sign: number, { gape, breaks }: Front): string[] {
  const neck = frame.body.measures.neckPoint.cm;
  const x = frame.neckHalf;
  const at = (px: number, h: number): Point => ({ x: sign * px, h });
  const chest = neck - (neck - breaks) * 0.5;
  const meets = at(Math.max(gape, 0.2), breaks);
  switch (collar) {
    case "notched":
      return [
        outline(
          [at(x + 0.4, neck - 1.5), at(x + 3.4, neck - 6.4)],
          [at(x + 6, neck - 6.8)],
          [at(x + 5.2, chest - 1), at(x + 1.6, breaks + 3.4), meets],
          [meets, at((x + Math.max(gape, 0)) * 0.5 + 0.6, chest - 1), at(x * 0.96, neck - 1)],
        ),
        outline(
          [at(x * 0.98, neck + 2.6), at(x + 2.6, neck - 0.4), at(x + 4.4, neck - 4.4)],
          [at(x + 2.8, neck - 6)],
          [at(x + 0.5, neck - 2.4), at(x * 0.98, neck + 2.6)],
        ),
      ];
    case "shawl":
      return [
        outline(
          [
            at(x * 0.98, neck + 2.6),
            at(x + 3.6, neck - 1.5),
            at(x + 5.2, chest + 1),
            at(x + 2.6, breaks + 5),
            meets,
          ],
          [
            meets,
            at((x + Math.max(gape, 0)) * 0.5 + 0.8, chest - 1),
            at(x * 0.94, neck - 2),
            at(x * 0.98, neck + 2.6),
          ],
        ),
      ];
    case "stand":
      return [
        outline(
          [at(x * 1.04, neck + 4.4), at(x + 1.3, neck + 1.4), at(x + 1.5, neck - 0.6)],
          [at(Math.max(gape, 0.6) + 0.3, neck - 5)],
          [at(Math.max(gape, 0.6) - 0.4, neck - 1.4), at(x * 1.04, neck + 4.4)],
        ),
      ];
    case "hood":
      return [
        outline(
          [
            at(x * 0.9, neck + 4.6),
            at(x + 3.6, neck + 4),
            at(x + 5.8, neck + 0.4),
            at(x + 3.6, neck - 4),
            at(Math.max(gape, 0.4), neck - 6.6),
          ],
          [
            at(Math.max(gape, 0.4), neck - 6.6),
            at(x * 0.9, neck - 3),
            at(x * 0.86, neck + 1),
            at(x * 0.9, neck + 4.6),
          ],
        ),
      ];
    case "round":
      return [];
  }
}
