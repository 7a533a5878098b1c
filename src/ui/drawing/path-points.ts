/**
 * The places a path goes through and the handles of its curves, in the drawing's own coordinates; for checking what
 * was drawn. Arcs are told by their ends.
 */
export function pathPoints(d: string): { readonly x: number; readonly y: number }[] {
  const points: { x: number; y: number }[] = [];
  let [x, y] = [0, 0];
  for (const [, letter = "", rest = ""] of d.matchAll(/([a-z])([^a-z]*)/gi)) {
    const numbers = (rest.match(/-?\d*\.?\d+(?:e-?\d+)?/g) ?? []).map(Number);
    const own = letter === letter.toLowerCase();
    const [ox, oy] = own ? [x, y] : [0, 0];
    const size = { h: 1, v: 1, a: 7, c: 6, q: 4, m: 2, l: 2, t: 2, s: 4, z: 0 }[letter.toLowerCase()] ?? 0;
    for (let at = 0; size > 0 && at + size <= numbers.length; at += size) {
      const [bx, by] = own ? [x, y] : [ox, oy];
      const part = numbers.slice(at, at + size);
      if (size === 1)
        [x, y] = letter.toLowerCase() === "h" ? [bx + (part[0] ?? 0), y] : [x, by + (part[0] ?? 0)];
      else {
        const pairs = size === 7 ? part.slice(5) : part;
        for (let i = 0; i < pairs.length; i += 2)
          points.push({ x: bx + (pairs[i] ?? 0), y: by + (pairs[i + 1] ?? 0) });
        const last = points[points.length - 1];
        if (last) [x, y] = [last.x, last.y];
        continue;
      }
      points.push({ x, y });
    }
  }
  return points;
}
