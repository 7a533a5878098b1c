import { convertLrgbToOklab } from "culori/fn";
import type { LightCells } from "./photo";
import { fieldOver, type LightField } from "./light-field";
import { patches, spread } from "./patches";
import { crumb, several, wholePiece } from "./whole-piece";

/** Depth and hue of each cell in OKLab (Ottosson 2020) with the fall of the light taken out: three numbers a cell. */
export type EvenCells = Float32Array;

/** What was found of a photo: which cells are the piece, how the light falls, and each cell as in even light. */
export interface Parted {
  readonly piece: Uint8Array;
  readonly field: LightField;
  readonly even: EvenCells;
  /** How much each cell differs from those beside it. */
  readonly steps: Float32Array;
}

/** How deep the border of a photo is, as a share of its shorter side: that much is taken for ground. */
const borderDepth = 0.03;
/** How many spreads of the ground a cell may lie from its middle and still be ground, where a soft way leads to it. */
const looseSpreads = 7;
/** The same for a cell of the soft rim of the piece's outline. */
const tightSpreads = 2.6;
/** The same for a cell shut in by the piece, the hole of a handle, whose mean must be the ground's as well. */
const holeSpreads = 4;
/** What lies this near is ground whatever edge leads to it: the grain of wood. */
const sureSpreads = 1.8;
/** How broad the soft rim of an outline is, in cells. */
const rim = 3;
/** How far the mean of a hole may lie from the mean of the ground, in depth and in hue. */
const holeMiss = { L: 0.06, hue: 0.015 };
/** The least spread of a ground in depth and in hue: what a sensor and a file leave of one colour. */
const leastSpread = { L: 0.012, hue: 0.006 };

/**
 * Parts the piece from what it lies on. The ground is what the border shows, as its light falls; it is followed inwards
 * from the border as long as no edge is crossed, and found again in holes that look like it.
 * @param apart 1 for cells that are neither, such as a grey card
 */
export function partFromGround(cells: LightCells, apart: Uint8Array): Parted {
  const { across, down, within } = cells;
  const usable = within.map((seen, cell) => (seen === 1 && apart[cell] === 0 ? 1 : 0));
  const border = borderOf(cells, usable);
  const field = fieldOver(cells, border);
  const even = evenCells(cells, field);
  const steps = stepsOf(even, across, down);
  const far = farnessFrom(even, border);
  const edge = Math.max(
    0.02,
    1.25 *
      quantile(
        border.map((cell) => steps[cell] ?? 0),
        0.99,
      ),
  );
  const ground = new Uint8Array(across * down);
  const widened = widest(steps, across, down);
  spread(across, down, border, (cell) => {
    if (usable[cell] === 0) return false;
    const distance = far(cell);
    const isGround = distance < sureSpreads || (distance < looseSpreads && (widened[cell] ?? 0) < edge);
    if (isGround) ground[cell] = 1;
    return isGround;
  });
  takeRim(ground, across, down, (cell) => usable[cell] === 1 && far(cell) < tightSpreads);
  const inside = ground.map((is, cell) => (is === 0 && usable[cell] === 1 ? 1 : 0));
  const looksLikeGround = inside.map((is, cell) => (is === 1 && far(cell) < holeSpreads ? 1 : 0));
  const meanGround = meanOf(
    even,
    [...ground.keys()].filter((cell) => ground[cell] === 1),
  );
  const holes = patches(looksLikeGround, across, down).filter(
    (hole) => hole.length >= crumb * across * down && isSame(meanOf(even, hole), meanGround),
  );
  // A handle leaves one hole or two; more of them are a pattern in the colour of the ground.
  if (holes.length < several) for (const cell of holes.flat()) inside[cell] = 0;
  return { piece: wholePiece(inside, usable, across, down), field, even, steps };
}

/** The cells along the four sides that can be used. */
function borderOf({ across, down }: LightCells, usable: Uint8Array): number[] {
  const depth = Math.max(2, Math.round(borderDepth * Math.min(across, down)));
  const cells: number[] = [];
  for (let row = 0; row < down; row += 1)
    for (let column = 0; column < across; column += 1) {
      const isEdge = row < depth || column < depth || row >= down - depth || column >= across - depth;
      if (isEdge && usable[row * across + column] === 1) cells.push(row * across + column);
    }
  return cells;
}

function evenCells({ across, light }: LightCells, field: LightField): EvenCells {
  const even = new Float32Array(light.length);
  for (let cell = 0; cell * 3 < light.length; cell += 1) {
    const gain = 1 / field(cell % across, Math.floor(cell / across));
    const [r = 0, g = 0, b = 0] = light.subarray(cell * 3, cell * 3 + 3);
    const { l, a, b: yellow } = convertLrgbToOklab({ r: r * gain, g: g * gain, b: b * gain });
    even.set([l, a, yellow], cell * 3);
  }
  return even;
}

/** How far the colours differ across each cell, from its left to its right neighbour or from above to below. */
function stepsOf(even: EvenCells, across: number, down: number): Float32Array {
  const steps = new Float32Array(across * down);
  const between = (one: number, other: number) =>
    Math.hypot(
      (even[one * 3] ?? 0) - (even[other * 3] ?? 0),
      2 * ((even[one * 3 + 1] ?? 0) - (even[other * 3 + 1] ?? 0)),
      2 * ((even[one * 3 + 2] ?? 0) - (even[other * 3 + 2] ?? 0)),
    );
  for (let row = 0; row < down; row += 1)
    for (let column = 0; column < across; column += 1) {
      const at = (x: number, y: number) =>
        Math.max(0, Math.min(down - 1, y)) * across + Math.max(0, Math.min(across - 1, x));
      steps[row * across + column] = Math.max(
        between(at(column - 1, row), at(column + 1, row)),
        between(at(column, row - 1), at(column, row + 1)),
      );
    }
  return steps;
}

/** Lets ground take the cells beside it that pass, a rim of a few cells deep. */
function takeRim(ground: Uint8Array, across: number, down: number, passes: (cell: number) => boolean): void {
  for (let round = 0; round < rim; round += 1) {
    const before = ground.slice();
    before.forEach((is, cell) => {
      if (is === 1 || !passes(cell)) return;
      const column = cell % across;
      const isBeside =
        (column > 0 && before[cell - 1] === 1) ||
        (column < across - 1 && before[cell + 1] === 1) ||
        before[cell - across] === 1 ||
        (cell < across * (down - 1) && before[cell + across] === 1);
      if (isBeside) ground[cell] = 1;
    });
  }
}

type Mean = readonly [number, number, number];

function meanOf(even: EvenCells, cells: readonly number[]): Mean {
  const mean = (i: number) => cells.reduce((sum, cell) => sum + (even[cell * 3 + i] ?? 0), 0) / cells.length;
  return [mean(0), mean(1), mean(2)];
}

function isSame(one: Mean, other: Mean): boolean {
  const hue = Math.hypot(one[1] - other[1], one[2] - other[2]);
  return Math.abs(one[0] - other[0]) < holeMiss.L && hue < holeMiss.hue;
}

/** Each cell's value or the greatest of those around it: an edge with a gap of one cell holds. */
function widest(values: Float32Array, across: number, down: number): Float32Array {
  return values.map((_, cell) => {
    const [column, row] = [cell % across, Math.floor(cell / across)];
    let most = 0;
    for (let y = Math.max(0, row - 1); y <= Math.min(down - 1, row + 1); y += 1)
      for (let x = Math.max(0, column - 1); x <= Math.min(across - 1, column + 1); x += 1)
        most = Math.max(most, values[y * across + x] ?? 0);
    return most;
  });
}

/** How many spreads of the border's own colours a cell lies from their middle. */
function farnessFrom(even: EvenCells, border: readonly number[]): (cell: number) => number {
  const [L, a, b] = [0, 1, 2].map((i) => {
    const values = border.map((cell) => even[cell * 3 + i] ?? 0);
    const middle = quantile(values, 0.5);
    const deviation = quantile(
      values.map((value) => Math.abs(value - middle)),
      0.5,
    );
    // 1.4826: the median deviation of a normal spread as its standard deviation.
    return { middle, spread: Math.max(i === 0 ? leastSpread.L : leastSpread.hue, 1.4826 * deviation) };
  });
  return (cell) =>
    Math.hypot(
      ...[L, a, b].map((axis, i) => (axis ? ((even[cell * 3 + i] ?? 0) - axis.middle) / axis.spread : 0)),
    );
}

/** The value below which a share of the values lies. */
export function quantile(values: readonly number[], share: number): number {
  if (values.length === 0) return 0;
  const sorted = Float64Array.from(values).sort();
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;
}
