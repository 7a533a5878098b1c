/** A point of a plane, cm. */
export interface PlanePoint {
  readonly x: number;
  readonly y: number;
}

/** A convex polygon: its corners counter-clockwise. */
export type Convex = readonly PlanePoint[];

/** What is nearer to a line than this lies on it, cm: far below a thread. */
const onLine = 1e-9;

/** A line through a point with a direction; its left is the side to the left of whoever looks along it. */
export interface Line {
  readonly through: PlanePoint;
  readonly along: PlanePoint;
}

/** A line through a point at an angle, degrees counter-clockwise from the x axis. */
export function lineAt(through: PlanePoint, degrees: number): Line {
  const turn = (degrees * Math.PI) / 180;
  return { through, along: { x: Math.cos(turn), y: Math.sin(turn) } };
}

/** How far a point lies to the left of a line, cm; negative to its right. */
export function leftOf({ through, along }: Line, { x, y }: PlanePoint): number {
  return along.x * (y - through.y) - along.y * (x - through.x);
}

/** The part of a convex polygon to the left of a line; empty where there is none. */
export function cutLeft(polygon: Convex, line: Line): Convex {
  const kept: PlanePoint[] = [];
  polygon.forEach((from, i) => {
    const to = polygon[(i + 1) % polygon.length] ?? from;
    const [here, there] = [leftOf(line, from), leftOf(line, to)];
    if (here >= -onLine) kept.push(from);
    if ((here > onLine && there < -onLine) || (here < -onLine && there > onLine)) {
      const share = here / (here - there);
      kept.push({ x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share });
    }
  });
  return areaOf(kept) > onLine ? kept : [];
}

/** The part of a convex polygon to the right of a line. */
export function cutRight(polygon: Convex, { through, along }: Line): Convex {
  return cutLeft(polygon, { through, along: { x: -along.x, y: -along.y } });
}

/** Area of a polygon, cm2. */
export function areaOf(polygon: readonly PlanePoint[]): number {
  let twice = 0;
  polygon.forEach(({ x, y }, i) => {
    const next = polygon[(i + 1) % polygon.length];
    if (next) twice += x * next.y - next.x * y;
  });
  return twice / 2;
}

/** The lines of a convex polygon's edges, the polygon to the left of each. */
export function edgesOf(polygon: Convex): Line[] {
  return polygon.map((through, i) => {
    const next = polygon[(i + 1) % polygon.length] ?? through;
    return { through, along: { x: next.x - through.x, y: next.y - through.y } };
  });
}

/** What two convex polygons have in common; empty where they have nothing. */
export function common(one: Convex, other: Convex): Convex {
  return edgesOf(other).reduce<Convex>((rest, edge) => (rest.length > 0 ? cutLeft(rest, edge) : rest), one);
}

/** A convex polygon without what another covers, as convex pieces. */
export function without(polygon: Convex, cover: Convex): Convex[] {
  const pieces: Convex[] = [];
  let rest = polygon;
  for (const edge of edgesOf(cover)) {
    const outside = cutRight(rest, edge);
    if (outside.length > 0) pieces.push(outside);
    rest = cutLeft(rest, edge);
    if (rest.length === 0) return pieces;
  }
  return pieces;
}

/** An isometry or any affine map of the plane: x' = a x + c y + e, y' = b x + d y + f. */
export interface Affine {
  readonly a: number;
  readonly b: number;
  readonly c: number;
  readonly d: number;
  readonly e: number;
  readonly f: number;
}

export const identity: Affine = { a: 1, b: 0, c: 0, d: 1, e: 0, f: 0 };

export function applied({ a, b, c, d, e, f }: Affine, { x, y }: PlanePoint): PlanePoint {
  return { x: a * x + c * y + e, y: b * x + d * y + f };
}

/** The map that does the second one first and then the first. */
export function after(first: Affine, second: Affine): Affine {
  return {
    a: first.a * second.a + first.c * second.b,
    b: first.b * second.a + first.d * second.b,
    c: first.a * second.c + first.c * second.d,
    d: first.b * second.c + first.d * second.d,
    e: first.a * second.e + first.c * second.f + first.e,
    f: first.b * second.e + first.d * second.f + first.f,
  };
}

/** The reflection in a line. */
export function reflectionIn({ through, along }: Line): Affine {
  const long = along.x ** 2 + along.y ** 2;
  const cos = (along.x ** 2 - along.y ** 2) / long;
  const sin = (2 * along.x * along.y) / long;
  return {
    a: cos,
    b: sin,
    c: sin,
    d: -cos,
    e: through.x - cos * through.x - sin * through.y,
    f: through.y - sin * through.x + cos * through.y,
  };
}

/** The map that undoes another. */
export function inverseOf({ a, b, c, d, e, f }: Affine): Affine {
  const size = a * d - b * c;
  return {
    a: d / size,
    b: -b / size,
    c: -c / size,
    d: a / size,
    e: (c * f - d * e) / size,
    f: (b * e - a * f) / size,
  };
}
