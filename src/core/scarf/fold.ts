import {
  after,
  applied,
  cutLeft,
  cutRight,
  identity,
  leftOf,
  lineAt,
  reflectionIn,
  type Affine,
  type Convex,
  type PlanePoint,
} from "./plane";

/** The two faces of a cloth. */
export type Face = "right" | "reverse";

/** One fold: a line, the side of it that moves (seen along the line), and whether that goes over or under the rest. */
export interface FoldStep {
  readonly through: PlanePoint;
  /** Direction of the line, degrees counter-clockwise from the lower edge of the flat cloth. */
  readonly angle: number;
  readonly side: "left" | "right";
  readonly over: boolean;
}

/** A part of the cloth that lies flat in one piece: where it lies now, and where on the flat cloth each of its points is. */
export interface Layer {
  readonly outline: Convex;
  /** From a point as it lies now to the same point of the flat cloth. */
  readonly toFlat: Affine;
  /** The face that lies up. */
  readonly up: Face;
}

/** A cloth as it lies: its layers from the lowest to the highest. */
export interface FoldedCloth {
  readonly layers: readonly Layer[];
}

/** A cloth laid flat, face up, its lower left corner at the origin; its sides in cm. */
export function flatCloth(width: number, height: number): FoldedCloth {
  const outline = [
    { x: 0, y: 0 },
    { x: width, y: 0 },
    { x: width, y: height },
    { x: 0, y: height },
  ];
  return { layers: [{ outline, toFlat: identity, up: "right" }] };
}

/** Folds all layers at once: what lies on the moving side is turned over the line, its lowest layer then the highest. */
export function fold({ layers }: FoldedCloth, { through, angle, side, over }: FoldStep): FoldedCloth {
  const line = lineAt(through, angle);
  const mirror = reflectionIn(line);
  const [moving, staying] = side === "left" ? [cutLeft, cutRight] : [cutRight, cutLeft];
  const stays: Layer[] = [];
  const moved: Layer[] = [];
  for (const layer of layers) {
    const rest = staying(layer.outline, line);
    if (rest.length > 0) stays.push({ ...layer, outline: rest });
    const part = moving(layer.outline, line);
    if (part.length > 0) moved.unshift(turned(layer, part, mirror));
  }
  return { layers: over ? [...stays, ...moved] : [...moved, ...stays] };
}

/** A part of a layer, turned over a line. */
function turned({ toFlat, up }: Layer, part: Convex, mirror: Affine): Layer {
  return {
    // A reflection turns the order of the corners round.
    outline: [...part].reverse().map((point) => applied(mirror, point)),
    toFlat: after(toFlat, mirror),
    up: up === "right" ? "reverse" : "right",
  };
}

/** Whether a line meets a cloth as it lies, be it only along an edge or at a corner. */
export function meets(
  { layers }: FoldedCloth,
  { through, angle }: Pick<FoldStep, "through" | "angle">,
): boolean {
  const line = lineAt(through, angle);
  const sides = layers.flatMap(({ outline }) => outline.map((point) => leftOf(line, point)));
  return Math.min(...sides) <= touching && Math.max(...sides) >= -touching;
}

/** What is nearer to a cloth than this touches it, cm. */
const touching = 1e-6;

/** A cloth folded step after step. */
export function folded(cloth: FoldedCloth, steps: readonly FoldStep[]): FoldedCloth {
  return steps.reduce(fold, cloth);
}

/** How far a cloth reaches along an axis (degrees) and across it, cm: the least and the greatest of each. */
export function extentOf({ layers }: FoldedCloth, axis: number) {
  const { along } = lineAt({ x: 0, y: 0 }, axis);
  const points = layers.flatMap(({ outline }) => outline);
  const lengths = points.map(({ x, y }) => x * along.x + y * along.y);
  const widths = points.map(({ x, y }) => y * along.x - x * along.y);
  return {
    along: { from: Math.min(...lengths), to: Math.max(...lengths) },
    across: { from: Math.min(...widths), to: Math.max(...widths) },
  };
}
