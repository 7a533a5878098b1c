/** Points are compared in whole millionths, so that the same parts added up in another order are as many. */
export const millionths = 1e6;

/** Points of a whole choice in millionths. */
export function inMillionths(points: number): number {
  return Math.round(points * millionths);
}

/** Points in millionths, up to the next whole one: what was lost in adding up must not make a bound too low. */
export function above(points: number): number {
  return Math.ceil(points * millionths - 1e-3);
}
