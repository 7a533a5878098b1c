import { canFold, foldedSo, type FoldAsked } from "./laid-out";
import type { FoldedCloth } from "./fold";
import { extentOf } from "./fold";
import { namedFolds, type FoldName } from "./folds";
import type { Girths } from "./girths";
import { knots, reachOf, type ScarfBand } from "./reach";
import { tieSpec, type TieName } from "./ties";
import type { LengthTaken, TiePart, TieSpec } from "./ties/define-tie";

/** What of a scarf matters when it is folded and tied. Lengths in cm. */
export interface Cloth {
  readonly sideA: number;
  readonly sideB: number;
  /** mm. */
  readonly thickness: number;
  /** 0 soft to 1 stiff. */
  readonly stiffness: number;
  /** An endless loop has no ends to knot. */
  readonly loop: boolean;
}

/** How a scarf is folded and tied. */
export interface TieAsked extends FoldAsked {
  readonly tie: TieName;
  /** Its two ends change places. */
  readonly turned: boolean;
}

/** Why a scarf cannot be tied so. */
export type TieRefusal =
  | {
      readonly why: "too short";
      readonly short: number;
      /** By how much less a ring in place of the knot would be short; null where there is no knot to replace. */
      readonly ringSaves: number | null;
    }
  | { readonly why: "not a square" }
  | { readonly why: "not this fold" }
  | { readonly why: "needs a loop" }
  | { readonly why: "is a loop" };

/** A scarf as it is tied. Lengths in cm. */
export interface Tied {
  readonly spec: TieSpec;
  /** The length of each tail; 0 where nothing hangs from a knot. */
  readonly tail: number;
  /** Thickness of the knot, and what stiff cloth may make of it. */
  readonly knot: { readonly from: number; readonly to: number };
  /** How much looser than the girth it lies inside, when its tails are let down to the least. */
  readonly air: number;
  /** Length of the folded scarf. */
  readonly length: number;
  /** Width of the folded scarf. */
  readonly width: number;
  /** The stretches that are seen. */
  readonly parts: readonly TiePart[];
  /** How far below the side neck points it hangs. */
  readonly falls: number;
}

export type TieAnswer =
  | { readonly possible: true; readonly tied: Tied }
  | { readonly possible: false; readonly refusal: TieRefusal };

/** By how much stiff cloth adds to its knot at most (docs/model.md, Scarves). */
const stiffening = 0.4;
/** A triangle is taken up to a band of this width where it goes round, cm. */
const gathered = 8;

/** The sides of a cloth with its picture upright. */
export function sidesOf({ sideA, sideB }: Pick<Cloth, "sideA" | "sideB">): readonly [number, number] {
  return [sideA, sideB];
}

const foldedBefore = new WeakMap<Cloth, Map<string, FoldedCloth>>();

/** A cloth folded so; each way once for each cloth. */
export function foldOf(cloth: Cloth, asked: FoldAsked): FoldedCloth {
  const key = `${asked.fold} ${asked.corner} ${asked.face} ${asked.band}`;
  let own = foldedBefore.get(cloth);
  if (!own) foldedBefore.set(cloth, (own = new Map<string, FoldedCloth>()));
  let folded = own.get(key);
  if (!folded) own.set(key, (folded = foldedSo(sidesOf(cloth), asked)));
  return folded;
}

/** Whether a scarf can be tied so on these girths, and how it then lies. */
export function tieOf(cloth: Cloth, asked: TieAsked, girths: Girths): TieAnswer {
  const spec = tieSpec(asked.tie);
  const refusal = refusalOf(cloth, asked.fold, spec);
  if (refusal) return { possible: false, refusal };
  const folded = foldOf(cloth, asked);
  const { along, across } = extentOf(folded, namedFolds[asked.fold].axis);
  const length = along.to - along.from;
  const width = across.to - across.from;
  const girth = girths[spec.round].cm;
  const reach = reachFor(cloth, asked, { spec, girth, length, width });
  if (!reach.possible) return { possible: false, refusal: { why: "too short", ...reach.shortBy } };
  const taken: LengthTaken = {
    length,
    round: girth + spec.ease,
    tail: reach.tail,
    knot: knots[spec.knot].turns * reach.knot,
  };
  return {
    possible: true,
    tied: {
      spec,
      tail: reach.tail,
      knot: { from: reach.knot, to: reach.knot * (1 + stiffening * cloth.stiffness) },
      air: airOf(cloth, spec, { tail: reach.tail, width }),
      length,
      width,
      parts: partsWithin(spec.shows(taken), length, asked.turned),
      falls: fallsOf(spec, taken),
    },
  };
}

function refusalOf(cloth: Cloth, fold: FoldName, spec: TieSpec): TieRefusal | null {
  if (spec.loopOnly && !cloth.loop) return { why: "needs a loop" };
  if (!spec.loopOnly && cloth.loop) return { why: "is a loop" };
  if (!spec.folds.includes(fold)) return { why: "not this fold" };
  if (!canFold(fold, sidesOf(cloth))) return { why: "not a square" };
  return null;
}

interface BandToTie {
  readonly spec: TieSpec;
  readonly girth: number;
  readonly length: number;
  readonly width: number;
}

/** How far the folded scarf reaches: by the length formula where it goes round and is held, else by the least length. */
function reachFor(cloth: Cloth, { fold }: FoldAsked, { spec, girth, length, width }: BandToTie) {
  const share = spec.lengthShare;
  if (length < spec.leastLength)
    return { possible: false, shortBy: { short: spec.leastLength - length, ringSaves: null } } as const;
  if (spec.knot === "none" && spec.wraps <= 1)
    return { possible: true, tail: Math.max(0, length - girth / 2) / 2, knot: 0 } as const;
  const band = bandOf(cloth, fold, { length: length * share, width, share });
  const tie = { neck: girth, ease: spec.ease, wraps: spec.wraps, knot: spec.knot };
  const reach = reachOf(band, tie);
  if (reach.possible) return reach;
  return {
    possible: false,
    shortBy: { short: reach.short, ringSaves: savedByRing(band, tie, reach.short) },
  } as const;
}

/** By how much less a tie is short with its ends drawn through a ring instead of knotted. */
function savedByRing(band: ScarfBand, tie: Parameters<typeof reachOf>[1], short: number): number | null {
  if (tie.knot === "ring" || tie.knot === "none") return null;
  const withRing = reachOf(band, { ...tie, knot: "ring" });
  return withRing.possible ? short : short - withRing.short;
}

interface FoldedBand {
  readonly length: number;
  readonly width: number;
  readonly share: number;
}

/** The folded scarf as a band: on the bias, or straight; taken double it is half as long and twice as thick. */
function bandOf(cloth: Cloth, fold: FoldName, { length, width, share }: FoldedBand): ScarfBand {
  const isBias = namedFolds[fold].axis === 45;
  const a = isBias ? length / Math.SQRT2 : length;
  return {
    a,
    b: isBias ? a : (cloth.sideA * cloth.sideB) / (length / share),
    fold: isBias ? "bias" : "straight",
    width: Math.min(width, gathered),
    thickness: cloth.thickness / share,
  };
}

/** The parts that lie on the cloth, from its other end where it is turned round. */
function partsWithin(parts: readonly TiePart[], length: number, turned: boolean): TiePart[] {
  return parts
    .map((part) => (turned ? { ...part, from: length - part.to, to: length - part.from } : part))
    .map((part) => ({ ...part, from: Math.max(0, part.from), to: Math.min(length, part.to) }))
    .filter(({ from, to }) => to > from);
}

/**
 * The air left inside: the ease less what the thickness of the cloth takes of it on its way round, and what the tails
 * can still give.
 */
function airOf(
  cloth: Cloth,
  spec: TieSpec,
  { tail, width }: { readonly tail: number; readonly width: number },
): number {
  const layers = Math.max(1, Math.min(cloth.sideA, cloth.sideB) / Math.min(width, gathered));
  const thick = (cloth.thickness / 10) * layers;
  const spare = 2 * Math.max(0, tail - knots[spec.knot].leastTail);
  return spec.ease - Math.PI * thick * spec.wraps + spare;
}

/** How far below the side neck points a point of a triangle comes, as a share of its depth: some is taken up by folds. */
const pointTakenUp = 0.75;

function fallsOf(spec: TieSpec, taken: LengthTaken): number {
  const places = new Set(spec.shows(taken).map(({ place }) => place));
  const edge = spec.edge ?? 0;
  if (places.has("shawl")) return Math.min(60, taken.length * 0.32);
  if (places.has("hung loop")) return (taken.length - taken.round / 2) / 2;
  if (places.has("hang left")) return Math.max(edge, taken.length / 2 - taken.round / 4);
  if (places.has("point") || places.has("point aside")) return (taken.length / 2) * pointTakenUp;
  if (places.has("loop left")) return edge + taken.tail / 2;
  if (places.has("tail left")) return edge + taken.tail;
  return edge;
}
