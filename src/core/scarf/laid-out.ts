import { flatCloth, fold, folded, type Face, type FoldedCloth } from "./fold";
import { namedFolds, type FoldName } from "./folds";
import type { LaidSides } from "./folds/define-fold";
import { after, type Affine } from "./plane";

/** The corners of a cloth's picture, from the lower left round against the clock. */
export const corners = ["lower left", "lower right", "upper right", "upper left"] as const;
export type Corner = (typeof corners)[number];

/** How a cloth is laid out and folded: which corner begins at the lower left, which face is up, which fold. */
export interface FoldAsked {
  readonly fold: FoldName;
  readonly corner: Corner;
  readonly face: Face;
  /** The width that is wanted of a band, cm. */
  readonly band: number;
}

/** The widths a band may have, cm. */
export const bandWidths = { least: 3, most: 12 } as const;

/** How far from equal the sides of a square may be, as a share: rolled hems are seldom even. */
const nearlySquare = 0.04;

/** Whether a fold can be done on a cloth of these sides. */
export function canFold(fold: FoldName, [width, height]: readonly [number, number]): boolean {
  return (
    namedFolds[fold].cloth === "any" || Math.abs(width - height) <= nearlySquare * Math.max(width, height)
  );
}

/** A cloth laid out so and folded. @param sides of the cloth with its picture the right way up, cm */
export function foldedSo(
  sides: readonly [number, number],
  { fold, corner, face, band }: FoldAsked,
): FoldedCloth {
  const turns = corners.indexOf(corner);
  const [cloth, laid] = laidOut(sides, turns, face);
  return folded(cloth, namedFolds[fold].steps(laid, band));
}

/** The same fold after fold: first the cloth laid out flat, last the folded one. */
export function foldedInSteps(
  sides: readonly [number, number],
  { fold: name, corner, face, band }: FoldAsked,
): FoldedCloth[] {
  const [cloth, laid] = laidOut(sides, corners.indexOf(corner), face);
  const stages = [cloth];
  for (const step of namedFolds[name].steps(laid, band))
    stages.push(fold(stages[stages.length - 1] ?? cloth, step));
  return stages;
}

/**
 * A flat cloth turned by quarters until a corner of its picture lies at the lower left, and then, where the reverse is
 * to be up, turned over about its vertical middle, so that the corner's neighbour lies there instead.
 */
function laidOut(
  [width, height]: readonly [number, number],
  turns: number,
  face: Face,
): [cloth: FoldedCloth, laid: LaidSides] {
  const isSideways = turns % 2 === 1;
  const laid = isSideways ? { width: height, height: width } : { width, height };
  const turned = quarterTurns[turns]?.(width, height) ?? quarterTurns[0](width, height);
  const over: Affine = { a: -1, b: 0, c: 0, d: 1, e: laid.width, f: 0 };
  const toFlat = face === "right" ? turned : after(turned, over);
  const [layer] = flatCloth(laid.width, laid.height).layers;
  return [{ layers: layer ? [{ ...layer, toFlat, up: face }] : [] }, laid];
}

/** From a point of the cloth as it is laid out to its place on the picture, by how many quarters it was turned. */
const quarterTurns: readonly [Turn, Turn, Turn, Turn] = [
  () => ({ a: 1, b: 0, c: 0, d: 1, e: 0, f: 0 }),
  (width) => ({ a: 0, b: 1, c: -1, d: 0, e: width, f: 0 }),
  (width, height) => ({ a: -1, b: 0, c: 0, d: -1, e: width, f: height }),
  (_, height) => ({ a: 0, b: -1, c: 1, d: 0, e: 0, f: height }),
];
type Turn = (width: number, height: number) => Affine;
