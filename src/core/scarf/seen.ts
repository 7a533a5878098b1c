import type { ColourPatch } from "./colour-map";
import { extentOf, type Face, type FoldedCloth, type Layer } from "./fold";
import { applied, areaOf, cutLeft, edgesOf, leftOf, lineAt, without, type Convex, type Line } from "./plane";

/** From where a folded cloth is looked at. */
export type View = "front" | "back";

/** A piece of a folded cloth that is seen: where, of which layer, and which of its faces. */
export interface SeenPiece {
  readonly outline: Convex;
  readonly layer: Layer;
  readonly face: Face;
}

/** How much of what is seen is of one colour: the share of the whole that is seen, 0-1. */
export interface ColourShare {
  readonly colour: number;
  readonly face: Face;
  readonly share: number;
}

const otherFace: Record<Face, Face> = { right: "reverse", reverse: "right" };

/** What is seen of a folded cloth, in convex pieces that do not overlap. */
export function seenOf({ layers }: FoldedCloth, view: View): SeenPiece[] {
  // The nearest layer first: what it covers of the others is not seen.
  const nearest = view === "front" ? [...layers].reverse() : layers;
  return nearest.flatMap((layer, depth) => {
    const covers = nearest.slice(0, depth);
    const pieces = covers.reduce<Convex[]>(
      (rest, { outline }) => rest.flatMap((piece) => without(piece, outline)),
      [layer.outline],
    );
    const face = view === "front" ? layer.up : otherFace[layer.up];
    return pieces.map((outline) => ({ outline, layer, face }));
  });
}

/** A part of a folded cloth along an axis, as shares of its length there. */
export interface Stretch {
  /** Direction of the axis, degrees. */
  readonly axis: number;
  readonly from: number;
  readonly to: number;
}

/** What is seen within a part of the length. */
export function withinStretch(cloth: FoldedCloth, seen: readonly SeenPiece[], stretch: Stretch): SeenPiece[] {
  const { along } = extentOf(cloth, stretch.axis);
  const length = along.to - along.from;
  const crossing = (share: number, turn: number) => {
    const { along: way } = lineAt({ x: 0, y: 0 }, stretch.axis);
    const at = along.from + length * share;
    return lineAt({ x: way.x * at, y: way.y * at }, stretch.axis + turn);
  };
  // Across the axis, with the part between the two lines to the left of each.
  const [begin, end] = [crossing(stretch.from, -90), crossing(stretch.to, 90)];
  return seen.flatMap((piece) => {
    const outline = cutLeft(cutLeft(piece.outline, begin), end);
    return outline.length > 0 ? [{ ...piece, outline }] : [];
  });
}

/** The colours of what is seen, each face of each colour by its share, the most first. */
export function sharesOf(seen: readonly SeenPiece[], patches: readonly ColourPatch[]): ColourShare[] {
  const areas = new Map<string, { readonly colour: number; readonly face: Face; area: number }>();
  let whole = 0;
  for (const { outline, layer, face } of seen) {
    const edges = edgesOf(onFlat(outline, layer));
    for (const { colour, outline: patch } of patches) {
      const area = areaWithin(patch, edges);
      if (area <= 0) continue;
      const key = `${colour} ${face}`;
      const known = areas.get(key);
      if (known) known.area += area;
      else areas.set(key, { colour, face, area });
      whole += area;
    }
  }
  return [...areas.values()]
    .map(({ colour, face, area }) => ({ colour, face, share: area / whole }))
    .sort((one, other) => other.share - one.share);
}

/** Area of a patch within a convex piece, cm2. Most patches lie clear of it, which is seen without cutting them. */
function areaWithin(patch: Convex, edges: readonly Line[]): number {
  for (const edge of edges) if (liesRightOf(edge, patch)) return 0;
  let rest = patch;
  for (const edge of edges) if (!liesLeftOf(edge, rest)) rest = cutLeft(rest, edge);
  return areaOf(rest);
}

function liesRightOf(edge: Line, polygon: Convex): boolean {
  for (const corner of polygon) if (leftOf(edge, corner) > 0) return false;
  return true;
}

function liesLeftOf(edge: Line, polygon: Convex): boolean {
  for (const corner of polygon) if (leftOf(edge, corner) < 0) return false;
  return true;
}

/** Where on the flat cloth a piece of a layer lies, its corners counter-clockwise. */
function onFlat(outline: Convex, { toFlat, up }: Layer): Convex {
  const flat = outline.map((point) => applied(toFlat, point));
  return up === "right" ? flat : flat.reverse();
}
