/** A transformation of the plane as SVG and PDF write it: x' = a x + c y + e, y' = b x + d y + f. */
export type Matrix = readonly [a: number, b: number, c: number, d: number, e: number, f: number];

const identity: Matrix = [1, 0, 0, 1, 0, 0];

/** One transformation after another: first the second is applied, then the first. */
export function times(one: Matrix, other: Matrix): Matrix {
  const [a, b, c, d, e, f] = one;
  const [p, q, r, s, t, u] = other;
  return [a * p + c * q, b * p + d * q, a * r + c * s, b * r + d * s, a * t + c * u + e, b * t + d * u + f];
}

const radians = (degrees = 0) => (degrees * Math.PI) / 180;

function turned(degrees = 0): Matrix {
  const [cos, sin] = [Math.cos(radians(degrees)), Math.sin(radians(degrees))];
  return [cos, sin, -sin, cos, 0, 0];
}

const moved = (x = 0, y = 0): Matrix => [1, 0, 0, 1, x, y];

/** What each function of a transform attribute does (SVG 2, 8.5). */
const functions: Readonly<Record<string, (...given: number[]) => Matrix>> = {
  matrix: (...[a = 1, b = 0, c = 0, d = 1, e = 0, f = 0]) => [a, b, c, d, e, f],
  translate: moved,
  scale: (x = 1, y = x) => [x, 0, 0, y, 0, 0],
  rotate: (degrees, x = 0, y = 0) => times(times(moved(x, y), turned(degrees)), moved(-x, -y)),
  skewX: (degrees) => [1, 0, Math.tan(radians(degrees)), 1, 0, 0],
  skewY: (degrees) => [1, Math.tan(radians(degrees)), 0, 1, 0, 0],
};

/** The transformation that an attribute writes down. @throws RangeError for a function that SVG does not have */
export function matrixOf(transform: string | undefined): Matrix {
  let matrix = identity;
  for (const [, name = "", given = ""] of (transform ?? "").matchAll(/(\w+)\(([^)]*)\)/g)) {
    const make = functions[name];
    if (!make) throw new RangeError(`a drawing is transformed by ${name}, which is not known`);
    matrix = times(
      matrix,
      make(...(given.match(/[-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?/gi) ?? []).map(Number)),
    );
  }
  return matrix;
}
