import { hasLapels } from "@/core/piece/kinds/cuts";
import { openingOf } from "@/core/piece/piece";
import { Shape } from "../../cloth/shape";
import { metalColour } from "../../metal-colour";
import type { Paint } from "../../paint";
import type { Frame } from "../frame";
import { across, lightAlong, shadeAlong } from "../path";
import { sideEdge } from "./cut";
import { armpitFolds, fallOf } from "./folds";
import { frontBands, frontEdges, frontPath, underEdge, type Front } from "./layer-front";
import { emptySleeves, mantleEdge, mantleFolds } from "./layer-mantle";
import { collarParts, collarTurnedUp, hoodOver } from "./layer-collar";
import { layerMakes, type LayerPiece } from "./layer-makes";
import { OwnBelt } from "./own-belt";
import { sleevesOf } from "./sleeves";

/** What is done to a layer that its figures do not say. */
export interface LayerWays {
  /** Nobody's arms are in it: it lies over the shoulders. */
  readonly laid: boolean;
  readonly collarUp: boolean;
  readonly hoodUp: boolean;
}

const asMade: LayerWays = { laid: false, collarUp: false, hoodUp: false };

interface LayerProps {
  readonly piece: LayerPiece;
  readonly ways?: LayerWays;
  readonly hem: number;
  readonly frame: Frame;
  readonly paint: Paint;
  readonly id: string;
}

const sides = [1, -1] as const;

/** A jacket or a coat: two fronts, open or closed, sleeves, collar, pockets, buttons. */
export function Layer({ piece, ways = asMade, hem, frame, paint, id }: LayerProps) {
  const m = frame.body.measures;
  const { closed, form } = piece.figures;
  const make = layerMakes[form];
  const isMantle = ways.laid || form === "cape";
  const sleeve = isMantle ? "none" : piece.figures.sleeve;
  const tailored = hasLapels(piece.figures);
  const ease = make.ease + (tailored ? 0 : 0.5);
  const fall = fallOf(piece);
  const side = sideOf(frame, hem, ease, { flare: make.flare, isMantle });
  const front = frontOf(piece, ways, frame, { hem, ease });
  const sleeves = sleevesOf({
    sleeve,
    frame,
    ease: ease * 0.6,
    paint,
    fall,
    cuff: tailored || ways.laid ? 0 : 5,
    raised: tailored ? make.raised : 0,
  });
  const laid = ways.laid ? emptySleeves(frame, side, hem) : null;
  const half = frame.armpit.x;
  // The left front of a closed layer lies under the right one, so it is drawn first.
  const fronts = [-1, 1].map((sign) => ({ d: frontPath(frame, side, sign, front) }));
  return (
    <Shape
      id={id}
      paint={paint}
      parts={[...sleeves.parts, ...fronts, ...(laid?.parts ?? [])]}
      shades={[shadeAlong(side, half * 0.26, 0.9), ...sleeves.shades, ...(closed ? [] : [underEdge(front)])]}
      lights={[lightAlong(across(side), half * 0.34, half * 0.2), ...sleeves.lights]}
      folds={[
        ...(sleeve === "none" ? [] : armpitFolds(frame, ease, fall, true)),
        ...sleeves.folds,
        ...(isMantle ? mantleFolds(side, hem) : []),
      ]}
      seams={[
        ...sleeves.seams,
        ...(form.endsWith("cardigan") ? frontBands(front) : []),
        ...sides.flatMap((sign) => (make.pocket === null ? [] : pockets(piece, frame, sign, make.pocket))),
      ]}
      width={0.34}
    >
      <path
        d={[frontEdges(front, closed), ...(laid?.edges ?? [])].join(" ")}
        fill="none"
        stroke={paint.tones.outline}
        strokeWidth={0.34}
      />
      <Collar {...{ piece, ways, frame, paint, front }} />
      <Buttons piece={piece} paint={paint} front={front} />
      {piece.figures.ownBelt && !ways.laid && (
        <OwnBelt at={m.waistLine.cm} half={frame.trunk(m.waistLine.cm) + ease} tied={closed} paint={paint} />
      )}
    </Shape>
  );
}

/** The side edge of a layer, which widens below the waist. */
function sideOf(
  frame: Frame,
  hem: number,
  ease: number,
  { flare, isMantle }: { readonly flare: number; readonly isMantle: boolean },
) {
  const waist = frame.body.measures.waistLine.cm;
  const edge = isMantle ? mantleEdge(frame, hem, ease) : sideEdge(frame, hem, ease);
  return edge.map(({ x, h }) => ({ x: h < waist ? x + (waist - h) * flare : x, h }));
}

/** The fronts of a layer as it is worn. */
function frontOf(
  piece: LayerPiece,
  ways: LayerWays,
  frame: Frame,
  { hem, ease }: Pick<Front, "hem" | "ease">,
): Front {
  const { form } = piece.figures;
  const tailored = hasLapels(piece.figures);
  return {
    gape: gapeOf(piece, ways, tailored),
    breaks:
      openingOf(piece, frame.body) ?? frame.body.measures.neckPoint.cm - (form.endsWith("cardigan") ? 13 : 4),
    hem,
    ease,
    cutAway: tailored && piece.kind === "jacket" && form === "jacket" ? 5 : 0.6,
    pointed: form === "waistcoat",
    isMantle: ways.laid || form === "cape",
  };
}

interface CollarProps extends Pick<LayerProps, "piece" | "frame" | "paint"> {
  readonly ways: LayerWays;
  readonly front: Front;
}

/** The collar on both sides, or the hood over the head. */
function Collar(props: CollarProps) {
  const { ways, frame, paint } = props;
  return (
    <>
      {ways.hoodUp && (
        <path
          d={hoodOver(frame)}
          fill={paint.fill}
          fillRule="evenodd"
          stroke={paint.tones.outline}
          strokeWidth={0.3}
        />
      )}
      {sides.flatMap((sign) =>
        collarOf(props, sign).map((d) => (
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
    </>
  );
}

/** How far apart the fronts are: overlapping where they are closed, wide where they only lie on the shoulders. */
function gapeOf(
  { figures: { closed, breasted } }: LayerPiece,
  { laid }: LayerWays,
  tailored: boolean,
): number {
  if (laid) return 7.5;
  const overlap = breasted === "double-breasted" ? 6 : 1.4;
  if (closed) return -overlap;
  return tailored ? 3.4 : 4.6;
}

/** The collar of a layer on one side as it is worn: folded down, turned up, or gone into the hood over the head. */
function collarOf({ piece, ways: { collarUp, hoodUp }, frame, front }: CollarProps, sign: number): string[] {
  const { form, collar } = piece.figures;
  if (form === "waistcoat" && collar === "round") return [];
  if (hoodUp) return [];
  const lying = collarParts(collar, frame, sign, front);
  // The lapel stays where it is; what is turned up is the collar over it.
  return collarUp ? [...lying.slice(0, 1), collarTurnedUp(frame, sign, front.breaks)] : lying;
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
  const { closed, breasted, form } = piece.figures;
  const { buttons, apart } = layerMakes[form];
  const metal = piece.metalSize > 0 ? metalColour(piece) : null;
  const columns = breasted === "double-breasted" ? [-5, 5] : [0];
  const xs = closed ? columns : [front.gape + 1.8];
  const heights = Array.from({ length: buttons }, (_, i) => front.breaks - 2 - i * apart).filter(
    (h) => h > front.hem + 8,
  );
  return heights.flatMap((h) =>
    xs.map((x) => (
      <circle
        key={`${x} ${h}`}
        cx={x}
        cy={-h}
        r={0.8}
        fill={metal ?? paint.tones.fold}
        stroke={paint.tones.outline}
        strokeWidth={0.16}
      />
    )),
  );
}
