import type { ReactNode } from "react";
import { neckEdgeOf } from "@/core/neck/neckline";
import { isKnit, type PieceOf } from "@/core/piece/piece";
import { Shape, type Part } from "../../cloth/shape";
import type { Paint } from "../../paint";
import { shoulderLine } from "../body-shape";
import type { Frame } from "../frame";
import { across, arc, curve, lightAlong, outline, shadeAlong, type Point } from "../path";
import { armhole, sideEdge, topEase } from "./cut";
import { armpitFolds, fallOf, tuckFolds } from "./folds";
import { NeckFinish, necklineOf, shirtCollarUp, type NeckOpening } from "./neckline";
import { OwnBelt } from "./own-belt";
import { hang, hemOf, skirtEdge, skirtFolds } from "./skirt";
import { sleevesOf } from "./sleeves";

/** The front of an upper garment as one closed path: shoulders, armholes, sides, hem, neckline. */
function bodicePath(
  frame: Frame,
  neck: NeckOpening,
  { side, hemLine, ease }: Pick<BodiceProps, "side" | "hemLine" | "ease">,
): string {
  const over = Math.min(0.5, ease * 0.3);
  const shoulder = neck.bare ? [] : shoulderLine(frame, over).filter(({ x }) => x > neck.half + 0.6);
  const right = [...(neck.bare ? [] : [{ x: neck.half, h: neck.height }]), ...shoulder];
  const hole = neck.bare ? [{ x: neck.half, h: neck.height }, ...side.slice(0, 1)] : armhole(frame, ease);
  const closed = outline(
    right,
    hole,
    side,
    hemLine,
    across([...side].reverse()),
    across([...hole].reverse()),
    across([...right].reverse()),
  );
  return `${closed.slice(0, -1)}${neck.edge}Z`;
}

interface UpperProps<K extends "top" | "dress" | "jumpsuit"> {
  readonly piece: PieceOf<K>;
  readonly hem: number;
  readonly frame: Frame;
  readonly paint: Paint;
  readonly id: string;
  /** Without a body in it, so that the inside of its back is seen in the opening at the neck. */
  readonly empty?: boolean;
}

interface BodiceProps extends Omit<UpperProps<"top">, "hem" | "piece"> {
  readonly piece: PieceOf<"top"> | PieceOf<"dress"> | PieceOf<"jumpsuit">;
  readonly side: readonly Point[];
  readonly hemLine: readonly Point[];
  /** How far the cloth stands off the body, and off the arms, cm. */
  readonly ease: number;
  readonly armEase: number;
  readonly cuff: number;
  /** Down to where a shirt's front is buttoned. */
  readonly buttonedTo: number;
  readonly rib: boolean;
  readonly shades?: readonly string[];
  readonly folds?: readonly string[];
  readonly seams?: readonly string[];
  /** Cloth beside the bodice that is of one piece with it, and what lies over it. */
  readonly parts?: readonly Part[];
  readonly over?: ReactNode;
  /** The collar of a shirt is turned up. */
  readonly collarUp?: boolean;
}

/** What every garment that hangs from the shoulders has in common. */
function Bodice({
  piece,
  frame,
  paint,
  id,
  side,
  hemLine,
  ease,
  armEase,
  cuff,
  buttonedTo,
  rib,
  empty = false,
  collarUp = false,
  ...own
}: BodiceProps) {
  const { neckline, sleeve } = piece.figures;
  const fall = fallOf(piece);
  const lying = necklineOf(neckline, neckEdgeOf(piece)?.below ?? 0, frame);
  const neck = collarUp ? { ...lying, collar: shirtCollarUp(frame, lying.lowest) } : lying;
  const startsAt = neckline === "off the shoulder" ? neck.height : undefined;
  const begins = startsAt === undefined ? {} : { startsAt };
  const sleeves = sleevesOf({ sleeve, frame, ease: armEase, paint, fall, cuff, ...begins });
  const half = frame.armpit.x;
  const left = across(side);
  return (
    <Shape
      id={id}
      paint={paint}
      behind={empty ? insideOfBack(neck, paint) : null}
      parts={[
        ...sleeves.parts,
        { d: bodicePath(frame, neck, { side, hemLine, ease }) },
        ...(own.parts ?? []),
      ]}
      shades={[shadeAlong(side, half * 0.24, 0.9), ...sleeves.shades, ...(own.shades ?? [])]}
      lights={[lightAlong(left, half * 0.34, half * 0.2), ...sleeves.lights]}
      folds={[
        ...(startsAt === undefined ? armpitFolds(frame, ease, fall, sleeve !== "none") : []),
        ...sleeves.folds,
        ...(own.folds ?? []),
      ]}
      seams={[...sleeves.seams, ...(own.seams ?? [])]}
    >
      <NeckFinish
        neck={neck}
        paint={paint}
        buttonedTo={neckline === "shirt collar" ? buttonedTo : null}
        rib={rib || startsAt !== undefined}
      />
      {own.over}
    </Shape>
  );
}

/** The inside of the back, seen through the opening at the neck. */
function insideOfBack({ half, height, edge, bare }: NeckOpening, paint: Paint) {
  if (bare) return null;
  const d = `M${half} ${-height}Q0 ${-(height + 0.2)} ${-half} ${-height}${edge}Z`;
  return (
    <>
      <path d={d} fill={paint.ground} stroke={paint.tones.outline} strokeWidth={0.3} />
      <path d={d} fill="#000" fillOpacity={0.26} />
    </>
  );
}

/** A top, a shirt or a knit. */
export function Top({
  tucked,
  hem,
  parts,
  over,
  collarUp = false,
  ...own
}: UpperProps<"top"> & { readonly tucked: boolean } & Pick<BodiceProps, "parts" | "over" | "collarUp">) {
  const { piece, frame } = own;
  const { neckline, bodyGirth } = piece.figures;
  const ease = topEase(bodyGirth, frame.body.measures.bust.cm);
  const knit = isKnit(piece);
  const waist = frame.body.measures.waistLine.cm;
  // Tucked in, the cloth is gathered to the waist and goes on under the waistband.
  const side = sideEdge(frame, hem, ease).map(({ x, h }) =>
    tucked ? { x: Math.min(x, frame.trunk(waist) + 0.3 + Math.max(0, h - waist) * 0.35), h } : { x, h },
  );
  const end = side[side.length - 1] ?? { x: 0, h: hem };
  const ribbed = knit && !tucked;
  const bandHalf = frame.trunk(hem + 5) + ease;
  return (
    <Bodice
      {...own}
      parts={parts ?? []}
      over={over}
      collarUp={collarUp}
      side={side}
      hemLine={arc(end, { x: -end.x, h: end.h }, 0.9)}
      ease={ease}
      armEase={0.6 + ease * 0.3}
      cuff={knit || neckline === "shirt collar" ? 5 : 0}
      buttonedTo={hem}
      rib={knit}
      folds={tucked ? tuckFolds(frame, waist, ease, fallOf(piece)) : []}
      seams={ribbed ? [curve(arc({ x: -bandHalf, h: hem + 5 }, { x: bandHalf, h: hem + 5 }, 0.9))] : []}
    />
  );
}

/** The upper half of a jumpsuit, down to where its legs begin. */
export function JumpsuitBodice(own: Omit<UpperProps<"jumpsuit">, "hem">) {
  const waist = own.frame.body.measures.waistLine.cm;
  const side = sideEdge(own.frame, waist - 1, 0.9);
  const end = side[side.length - 1] ?? { x: 0, h: waist };
  return (
    <Bodice
      {...own}
      side={side}
      hemLine={arc(end, { x: -end.x, h: end.h }, 0.8)}
      ease={0.9}
      armEase={1}
      cuff={0}
      buttonedTo={waist}
      rib={false}
      folds={tuckFolds(own.frame, waist, 0.6, fallOf(own.piece))}
    />
  );
}

/** A dress: bodice and skirt in one. */
export function Dress({ hem, ...own }: UpperProps<"dress"> & Pick<BodiceProps, "collarUp">) {
  const { piece, frame } = own;
  const { neckline, cut, hemWidth } = piece.figures;
  const waist = frame.body.measures.waistLine.cm;
  const waisted = cut !== "straight";
  const ease = waisted ? 0.8 : 2.2;
  const upper = sideEdge(frame, waist, ease);
  const least = (upper[upper.length - 1]?.x ?? 0) - 0.4;
  const skirt = skirtEdge(frame, waist, hem, hemWidth).map(({ x, h }) => ({
    x: Math.max(x + ease * 0.5, least),
    h,
  }));
  const folds = skirtFolds(cut, hemWidth, frame.body.measures.hip.cm);
  const { lines, shades } = hang({ edge: skirt, folds });
  const half = least + 0.6;
  const end = skirt[skirt.length - 1]?.x ?? 10;
  return (
    <Bodice
      {...own}
      side={[...upper, ...skirt.slice(1)]}
      hemLine={hemOf({ edge: skirt, folds })}
      ease={ease}
      armEase={0.9}
      cuff={0}
      buttonedTo={neckline === "shirt collar" ? hem : waist}
      rib={false}
      shades={[...shades, shadeAlong(skirt.slice(1), end * 0.24, 0.9)]}
      over={piece.figures.ownBelt && <OwnBelt at={waist} half={half + 0.3} tied paint={own.paint} />}
      folds={[...lines, ...(waisted ? tuckFolds(frame, waist, 0.2, fallOf(piece)) : [])]}
      seams={waisted ? [curve(arc({ x: -half, h: waist }, { x: half, h: waist }, 0.9))] : []}
    />
  );
}
