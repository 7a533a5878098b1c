import { dress } from "../dressing/dress";
import type { Dressed, Worn } from "../dressing/dressed";
import type { Look } from "../piece/look";
import { isKnit, type Piece } from "../piece/piece";

/** A look with some of its layers off: those that have come off, the outermost first. */
export interface LayerState {
  readonly off: readonly Piece[];
  readonly look: Look;
}

/**
 * A look as it is through the day: with everything on, without its coat, without its coat and its jacket, down to what
 * stays on. A knit comes off where something is worn under it.
 * @returns one state alone where nothing comes off
 */
export function layersOfDay(look: Look): readonly LayerState[] {
  const layers = comingOff(dress(look)).map(({ piece }) => piece);
  return Array.from({ length: layers.length + 1 }, (_, count) => {
    const off = layers.slice(0, count);
    const left = (pieces: readonly Piece[]) => pieces.filter((piece) => !off.includes(piece));
    const worn = { garments: left(look.garments), accessories: left(look.accessories) };
    const ids = new Set(off.map(({ id }) => id));
    const adjustments = look.adjustments.filter(({ piece }) => !ids.has(piece));
    return count === 0 ? { off, look } : { off, look: { ...look, ...worn, adjustments } };
  });
}

/** The layers that come on and off in a day, from the outermost inwards. */
function comingOff({ worn }: Dressed): readonly Worn[] {
  const tops = worn.filter(({ place }) => place === "top").length;
  return worn
    .filter(
      (item) =>
        item.place === "layer" ||
        (item.place === "top" && tops > 1 && isKnit(item.piece) && isOutermostTop(item, worn)),
    )
    .sort((one, other) => other.order - one.order);
}

function isOutermostTop(item: Worn, worn: readonly Worn[]): boolean {
  return worn.every(({ place, order }) => place !== "top" || order <= item.order);
}
