import type { LightCells } from "./photo";

/** How bright the light is at a place of a photo, in cells, beside the mean of where it was measured. */
export type LightField = (column: number, row: number) => number;

/** How often what lies far from the fall of light is weighed anew. */
const rounds = 3;

/**
 * The fall of the light over a photo: a surface of the second order through the logarithm of the brightness of its ground,
 * by least squares, weighed anew so that what lies on the border by chance counts little (Cauchy weights).
 * @param ground cells that show nothing but ground
 */
export function fieldOver({ across, down, light }: LightCells, ground: readonly number[]): LightField {
  const points = ground.map((cell) => {
    const [red = 0, green = 0, blue = 0] = light.subarray(cell * 3, cell * 3 + 3);
    const luminance = 0.2126 * red + 0.7152 * green + 0.0722 * blue;
    return {
      terms: termsAt((cell % across) / across, Math.floor(cell / across) / down),
      brightness: Math.log(Math.max(1e-4, luminance)),
    };
  });
  if (points.length < 30) return () => 1;
  let weights = points.map(() => 1);
  let surface = fitted(points, weights);
  for (let round = 1; round < rounds; round += 1) {
    const misses = points.map(({ terms, brightness }) => Math.abs(brightness - at(surface, terms)));
    const usual = Math.max(0.01, misses.toSorted((a, b) => a - b)[Math.floor(misses.length / 2)] ?? 0);
    weights = misses.map((miss) => 1 / (1 + (miss / (2.5 * usual)) ** 2));
    surface = fitted(points, weights);
  }
  const mean = points.reduce((sum, { terms }) => sum + at(surface, terms), 0) / points.length;
  return (column, row) => Math.exp(at(surface, termsAt(column / across, row / down)) - mean);
}

interface Point {
  readonly terms: readonly number[];
  readonly brightness: number;
}

function termsAt(x: number, y: number): number[] {
  const [across, down] = [2 * x - 1, 2 * y - 1];
  return [1, across, down, across * across, across * down, down * down];
}

function at(surface: readonly number[], terms: readonly number[]): number {
  return terms.reduce((sum, term, i) => sum + term * (surface[i] ?? 0), 0);
}

/** The normal equations of weighed least squares, solved by elimination with a pivot. */
function fitted(points: readonly Point[], weights: readonly number[]): number[] {
  const size = 6;
  const rows = Array.from({ length: size }, () => new Array<number>(size + 1).fill(0));
  points.forEach(({ terms, brightness }, p) => {
    const weight = weights[p] ?? 0;
    rows.forEach((row, i) => {
      const scaled = weight * (terms[i] ?? 0);
      for (let j = 0; j < size; j += 1) row[j] = (row[j] ?? 0) + scaled * (terms[j] ?? 0);
      row[size] = (row[size] ?? 0) + scaled * brightness;
    });
  });
  for (let i = 0; i < size; i += 1) {
    const below = rows.slice(i);
    const pivot = below.reduce((best, row) => (Math.abs(row[i] ?? 0) > Math.abs(best[i] ?? 0) ? row : best));
    const place = rows.indexOf(pivot);
    [rows[i], rows[place]] = [pivot, rows[i] ?? pivot];
    const head = pivot[i] ?? 0;
    if (Math.abs(head) < 1e-12) continue;
    rows.forEach((row) => {
      if (row === pivot) return;
      const times = (row[i] ?? 0) / head;
      for (let j = i; j <= size; j += 1) row[j] = (row[j] ?? 0) - times * (pivot[j] ?? 0);
    });
  }
  return rows.map((row, i) => (Math.abs(row[i] ?? 0) < 1e-12 ? 0 : (row[size] ?? 0) / (row[i] ?? 1)));
}
