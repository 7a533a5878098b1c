import { patches } from "./patches";

/** A patch of less than this share of the picture is a crumb, not a piece. */
export const crumb = 0.004;
/** A patch of fewer cells is noise. */
const speck = 20;
/** From so many on, parts and holes are a pattern. */
export const several = 4;
/** A part this small beside the largest is something left lying there. */
const leastPart = 0.08;

/**
 * The largest patch and those not much smaller: a pair of shoes is two. Several of them are the pattern of a piece that
 * hardly stands out from the ground itself: what lies between them is its too.
 */
export function wholePiece(inside: Uint8Array, usable: Uint8Array, across: number, down: number): Uint8Array {
  const parts = patches(inside, across, down);
  const largest = Math.max(0, ...parts.map(({ length }) => length));
  const kept = parts.filter(({ length }) => length >= Math.max(leastPart * largest, speck));
  const piece = new Uint8Array(inside.length);
  if (kept.flat().length < crumb * inside.length) return piece;
  for (const cell of kept.flat()) piece[cell] = 1;
  return kept.length < several ? piece : between(piece, usable, across, down);
}

/** The cells that have some of the piece above to the left and to the right and below to the left and to the right. */
function between(piece: Uint8Array, usable: Uint8Array, across: number, down: number): Uint8Array {
  const corners = [
    [1, 1],
    [-1, 1],
    [1, -1],
    [-1, -1],
  ] as const;
  const seen = corners.map(([right, below]) => {
    // Whether any of the piece lies between a cell and this corner of the picture.
    const any = piece.slice();
    for (let i = 0; i < down; i += 1)
      for (let k = 0; k < across; k += 1) {
        const row = below === 1 ? i : down - 1 - i;
        const column = right === 1 ? k : across - 1 - k;
        const cell = row * across + column;
        const beside = k > 0 && any[cell - right] === 1;
        if (beside || (i > 0 && any[cell - below * across] === 1)) any[cell] = 1;
      }
    return any;
  });
  return piece.map((_, cell) => (usable[cell] === 1 && seen.every((any) => any[cell] === 1) ? 1 : 0));
}
