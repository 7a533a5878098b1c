import { finestMap, type ColourMap } from "./colour-map";

/** How many colours a picture may have: as many as a piece may have swatches. */
export const mostColours = 12;

/**
 * A cloth's own picture as it is recorded: its colours as hex, and rows of cells from the top down, each cell the number
 * of its colour in base 36 (0-9, then a, b). It is seen the right way up.
 */
export interface ClothPicture {
  readonly colours: readonly string[];
  readonly rows: readonly string[];
}

/** One colour of a picture and the share of its cells. */
export interface PictureColour {
  readonly hex: string;
  readonly share: number;
  /** Whether it lies along the edges of the cloth more than within. */
  readonly alongEdge: boolean;
}

const maps = new WeakMap<ClothPicture, ColourMap>();

/** The picture as numbers, once for each picture. */
export function mapOf(picture: ClothPicture): ColourMap {
  let map = maps.get(picture);
  if (!map) {
    map = { rows: picture.rows.map((row) => Array.from(row, (cell) => Number.parseInt(cell, 36))) };
    maps.set(picture, map);
  }
  return map;
}

/** A picture of some rows of colour numbers. */
export function pictureOf(colours: readonly string[], rows: ColourMap["rows"]): ClothPicture {
  return { colours, rows: rows.map((row) => row.map((colour) => colour.toString(36)).join("")) };
}

/** What is wrong with a picture, in one sentence; null when nothing is. */
export function pictureFault({ colours, rows }: ClothPicture): string | null {
  const across = rows[0]?.length ?? 0;
  if (rows.length === 0 || across === 0) return "The picture of the scarf has no cells.";
  if (rows.length > finestMap || across > finestMap)
    return `The picture of the scarf may have ${finestMap} x ${finestMap} cells at most, not ${across} x ${rows.length}.`;
  if (rows.some((row) => row.length !== across))
    return "All rows of the picture of the scarf must have as many cells.";
  const known = colours.length;
  const isKnown = (cell: string) => /[0-9a-z]/.test(cell) && Number.parseInt(cell, 36) < known;
  if (rows.some((row) => !Array.from(row).every(isKnown)))
    return "A cell of the picture of the scarf has a colour that is not among its colours.";
  return null;
}

/** How deep the edge of a cloth reaches, as a share of its side. */
const edgeDepth = 1 / 8;

/** The colours of a picture by their shares, the largest first; what no cell has is left out. */
export function coloursOf(picture: ClothPicture): PictureColour[] {
  const { rows } = mapOf(picture);
  const across = rows[0]?.length ?? 0;
  const near = (at: number, of: number) => Math.min(at + 0.5, of - at - 0.5) < of * edgeDepth;
  const counts = new Map<number, { cells: number; edge: number }>();
  rows.forEach((row, y) =>
    row.forEach((colour, x) => {
      const count = counts.get(colour) ?? { cells: 0, edge: 0 };
      counts.set(colour, {
        cells: count.cells + 1,
        edge: count.edge + (near(x, across) || near(y, rows.length) ? 1 : 0),
      });
    }),
  );
  const whole = across * rows.length;
  return [...counts]
    .map(([colour, { cells, edge }]) => ({
      hex: picture.colours[colour] ?? "#000000",
      share: cells / whole,
      alongEdge: edge / cells > 0.85,
    }))
    .sort((one, other) => other.share - one.share);
}
