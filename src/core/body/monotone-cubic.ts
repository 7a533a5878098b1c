export interface Knot {
  readonly x: number;
  readonly y: number;
}

/**
 * Monotone piecewise cubic through the knots (x rising): between two knots the curve never leaves their
 * range, and outside the first and last it keeps their value.
 * Source: Fritsch and Carlson, "Monotone Piecewise Cubic Interpolation", SIAM J. Numer. Anal. 17 (1980).
 * @throws RangeError with fewer than two knots.
 */
export function monotoneCubic(knots: readonly Knot[]): (x: number) => number {
  const first = knots[0];
  const last = knots[knots.length - 1];
  if (!first || !last || knots.length < 2) throw new RangeError("a curve needs at least two knots");
  const slopes = tangents(knots);
  return (x) => {
    if (x <= first.x) return first.y;
    if (x >= last.x) return last.y;
    let i = 0;
    while (at(knots, i + 1).x < x) i += 1;
    const a = at(knots, i);
    const b = at(knots, i + 1);
    const width = b.x - a.x;
    const t = (x - a.x) / width;
    const u = 1 - t;
    return (
      a.y * (1 + 2 * t) * u * u +
      (slopes[i] ?? 0) * width * t * u * u +
      b.y * t * t * (3 - 2 * t) -
      (slopes[i + 1] ?? 0) * width * t * t * u
    );
  };
}

function tangents(knots: readonly Knot[]): number[] {
  const secants = knots.slice(1).map((knot, i) => (knot.y - at(knots, i).y) / (knot.x - at(knots, i).x));
  const slopes = knots.map((_, i) => {
    const before = secants[i - 1];
    const after = secants[i];
    if (before === undefined) return after ?? 0;
    if (after === undefined) return before;
    return before * after <= 0 ? 0 : (before + after) / 2;
  });
  secants.forEach((secant, i) => {
    if (secant === 0) {
      slopes[i] = 0;
      slopes[i + 1] = 0;
      return;
    }
    const alpha = (slopes[i] ?? 0) / secant;
    const beta = (slopes[i + 1] ?? 0) / secant;
    const size = alpha * alpha + beta * beta;
    if (size > 9) {
      const shrink = 3 / Math.sqrt(size);
      slopes[i] = shrink * alpha * secant;
      slopes[i + 1] = shrink * beta * secant;
    }
  });
  return slopes;
}

function at(knots: readonly Knot[], i: number): Knot {
  const knot = knots[i];
  if (!knot) throw new RangeError(`no knot ${i}`);
  return knot;
}
