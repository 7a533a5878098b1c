import type { ColourMap } from "./colour-map";
import { pictureOf, type ClothPicture } from "./picture";

/** What a scarf's picture may be begun from. */
export const templateNames = ["plain", "border", "quarters", "stripes", "all-over", "picture"] as const;
export type TemplateName = (typeof templateNames)[number];

/** The cells a template is drawn with along the shorter side of the cloth. */
const fineness = 24;
const finest = 64;

/** How many cells a cloth of these sides (cm) is drawn with: across and down, about square. */
export function cellsFor(sides: readonly [number, number]): readonly [number, number] {
  const shorter = Math.min(...sides);
  const count = (side: number) => Math.max(1, Math.min(finest, Math.round((fineness * side) / shorter)));
  return [count(sides[0]), count(sides[1])];
}

/** A cell of a template by its place, from the top left, and the size of the whole. */
type Cell = (x: number, y: number, across: number, down: number) => number;

const within = (at: number, of: number) => Math.min(at, of - 1 - at);

/** Each template by the number of the colour in each cell; the first colour is the ground. */
const templates: Record<TemplateName, (colours: number) => Cell> = {
  plain: () => () => 0,
  border: (colours) => (x, y, across, down) => {
    const deep = Math.min(within(x, across), within(y, down));
    if (deep < 2) return Math.min(1, colours - 1);
    return deep === 3 ? Math.min(2, colours - 1) : 0;
  },
  quarters: (colours) => (x, y, across, down) =>
    ((x < across / 2 ? 0 : 1) + (y < down / 2 ? 0 : 2)) % colours,
  stripes: (colours) => (_, y, __, down) => Math.floor((y * 2 * colours) / down) % colours,
  "all-over": (colours) => (x, y) => {
    const [column, row] = [x % 4, y % 4];
    if (colours < 2) return 0;
    const isDot = (column === 1 && row === 1) || (column === 3 && row === 3);
    return isDot ? 1 + ((Math.floor(x / 4) + Math.floor(y / 4)) % (colours - 1)) : 0;
  },
  picture: (colours) => (x, y, across, down) => {
    // A disc over a horizon: whoever looks at it knows which way is up.
    const deep = Math.min(within(x, across), within(y, down));
    if (deep < 1) return colours - 1;
    const disc = ((x + 0.5) / across - 0.5) ** 2 + ((y + 0.5) / down - 0.38) ** 2 < 0.03;
    if (disc) return Math.min(1, colours - 1);
    return (y + 0.5) / down > 0.66 ? Math.min(2, colours - 1) : 0;
  },
};

/**
 * A picture begun from a template in some colours, the first of them the ground.
 * @param sides of the cloth with its picture the right way up, cm
 */
export function templatePicture(
  name: TemplateName,
  colours: readonly string[],
  sides: readonly [number, number],
): ClothPicture {
  const [across, down] = cellsFor(sides);
  const cell = templates[name](Math.max(1, colours.length));
  const rows: ColourMap["rows"] = Array.from({ length: down }, (_, y) =>
    Array.from({ length: across }, (__, x) => cell(x, y, across, down)),
  );
  return pictureOf(colours, rows);
}
