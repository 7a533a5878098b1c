import { patchesOf, type ColourPatch } from "./colour-map";
import { namedFolds } from "./folds";
import { mapOf, type ClothPicture } from "./picture";
import { seenOf, sharesOf, withinStretch, type SeenPiece } from "./seen";
import type { Face, FoldedCloth } from "./fold";
import { foldOf, sidesOf, type Cloth, type TieAsked, type Tied } from "./tied";

/** A colour that shows when a scarf is tied, by the share of all that shows. */
export interface ShownColour {
  readonly colour: number;
  readonly face: Face;
  readonly share: number;
}

const patchesBefore = new WeakMap<Cloth, WeakMap<ClothPicture, ColourPatch[]>>();

/** The rectangles of a picture on a cloth, once for each two. */
export function patchesFor(picture: ClothPicture, cloth: Cloth): ColourPatch[] {
  let own = patchesBefore.get(cloth);
  if (!own) patchesBefore.set(cloth, (own = new WeakMap()));
  let patches = own.get(picture);
  if (!patches) own.set(picture, (patches = patchesOf(mapOf(picture), ...sidesOf(cloth))));
  return patches;
}

const seenBefore = new WeakMap<FoldedCloth, SeenPiece[]>();

/**
 * The colours that show of a tied scarf: of every stretch that is seen what the folded band has there, weighed by how
 * long and how openly it lies; the most first.
 */
export function shownColours(
  cloth: Cloth,
  picture: ClothPicture,
  asked: TieAsked,
  { parts, length }: Pick<Tied, "parts" | "length">,
): ShownColour[] {
  const folded = foldOf(cloth, asked);
  let seen = seenBefore.get(folded);
  if (!seen) seenBefore.set(folded, (seen = seenOf(folded, "front")));
  const { axis } = namedFolds[asked.fold];
  const patches = patchesFor(picture, cloth);
  const sums = new Map<string, ShownColour>();
  let whole = 0;
  for (const { from, to, open } of parts) {
    const weight = (to - from) * open;
    if (weight <= 0) continue;
    const stretch = { axis, from: from / length, to: to / length };
    for (const { colour, face, share } of sharesOf(withinStretch(folded, seen, stretch), patches)) {
      const key = `${colour} ${face}`;
      const known = sums.get(key)?.share ?? 0;
      sums.set(key, { colour, face, share: known + share * weight });
    }
    whole += weight;
  }
  return [...sums.values()]
    .map((each) => ({ ...each, share: each.share / whole }))
    .sort((one, other) => other.share - one.share);
}
