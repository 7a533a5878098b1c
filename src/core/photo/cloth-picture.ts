import { pictureOf, type ClothPicture } from "../scarf/picture";
import { notThePiece, type ReadPhoto } from "./colours-of-photo";

/** As many cells as the picture of a cloth has along its longer side. */
const cells = 32;

/**
 * The picture of a cloth that lies flat in a photo: its outline's box in cells, each of the colour that most of it has.
 * Null where nothing lies there.
 */
export function clothPictureOf({ across, down, cells: seen, colours }: ReadPhoto): ClothPicture | null {
  const own = [...seen.keys()].filter((cell) => seen[cell] !== notThePiece);
  if (own.length === 0) return null;
  const columns = own.map((cell) => cell % across).sort((a, b) => a - b);
  const rows = own.map((cell) => Math.floor(cell / across)).sort((a, b) => a - b);
  // A stray thread does not make the cloth larger.
  const ends = (sorted: readonly number[]) => [at(sorted, 0.005), at(sorted, 0.995) + 1] as const;
  const [left, right] = ends(columns);
  const [top, bottom] = ends(rows);
  const scale = Math.max(right - left, bottom - top) / cells;
  const wide = Math.max(2, Math.round((right - left) / scale));
  const high = Math.max(2, Math.round((bottom - top) / scale));
  const map = Array.from({ length: high }, (_, row) =>
    Array.from({ length: wide }, (_cell, column) => {
      const counts = new Array<number>(colours.length).fill(0);
      for (
        let y = Math.floor(top + (row * (bottom - top)) / high);
        y < top + ((row + 1) * (bottom - top)) / high;
        y += 1
      )
        for (
          let x = Math.floor(left + (column * (right - left)) / wide);
          x < left + ((column + 1) * (right - left)) / wide;
          x += 1
        ) {
          const colour = x < across && y < down ? seen[y * across + x] : undefined;
          if (colour !== undefined && colour !== notThePiece) counts[colour] = (counts[colour] ?? 0) + 1;
        }
      return counts.indexOf(Math.max(...counts));
    }),
  );
  return pictureOf(
    colours.map(({ hex }) => hex),
    map,
  );
}

function at(sorted: readonly number[], share: number): number {
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;
}
