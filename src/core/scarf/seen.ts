import type { ColourPatch } from "./colour-map";
import { extentOf, type Face, type FoldedCloth, type Layer } from "./fold";
import { applied, areaOf, common, cutLeft, lineAt, without, type Convex } from "./plane";

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
  const areas = new Map<string, { colour: number; face: Face; area: number }>();
  let whole = 0;
  for (const { outline, layer, face } of seen) {
    const flat = onFlat(outline, layer);
    const [low, high] = [Math.min(...flat.map(({ y }) => y)), Math.max(...flat.map(({ y }) => y))];
    for (const { colour, outline: patch } of patches) {
      const [bottom, , top] = patch;
      if (!bottom || !top || bottom.y >= high || top.y <= low) continue;
      const area = areaOf(common(flat, patch));
      if (area <= 0) continue;
      const key = `${colour} ${face}`;
      const known = areas.get(key);
      areas.set(key, { colour, face, area: (known?.area ?? 0) + area });
      whole += area;
    }
  }
  return [...areas.values()]
    .map(({ colour, face, area }) => ({ colour, face, share: area / whole }))
    .sort((one, other) => other.share - one.share);
}

/** Where on the flat cloth a piece of a layer lies, its corners counter-clockwise. */
function onFlat(outline: Convex, { toFlat, up }: Layer): Convex {
  const flat = outline.map((point) => applied(toFlat, point));
  return up === "right" ? flat : flat.reverse();
}
