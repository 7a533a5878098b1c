/**
 * Drop of a pendant below the side neck points, cm: the chain makes a V.
 * @param loop the whole chain, cm
 * @param neckGirth girth of the neck base, cm
 * @returns 0 when the loop does not go round the neck
 */
export function pendantDrop(loop: number, neckGirth: number): number {
  const width = neckGirth / Math.PI;
  const front = frontPart(loop, neckGirth);
  return front <= width ? 0 : Math.sqrt((front / 2) ** 2 - (width / 2) ** 2);
}

/**
 * Drop of a plain chain below the side neck points, cm: the sag of a catenary of the front part's length
 * between two points a neck's width apart.
 */
export function chainDrop(loop: number, neckGirth: number): number {
  const width = neckGirth / Math.PI;
  const front = frontPart(loop, neckGirth);
  if (front <= width) return 0;
  const a = catenaryParameter(front, width);
  return a * (Math.cosh(width / (2 * a)) - 1);
}

/** Length of a pendant from which it pulls its chain straight, as a share of the loop. */
const heavy = 0.08;

/** Drop of a necklace below the side neck points, pendant and all, cm. */
export function necklaceDrop(
  { loop, pendant }: { readonly loop: number; readonly pendant: number },
  neckGirth: number,
): number {
  // A small drop of metal does not yet pull the chain straight: between the two the curve gives way by and by.
  const straight = Math.min(1, pendant / (heavy * loop));
  const chain = straight < 1 ? (1 - straight) * chainDrop(loop, neckGirth) : 0;
  return chain + (straight > 0 ? straight * pendantDrop(loop, neckGirth) + pendant : 0);
}

/** The front part of a loop: what does not lie round the back half of the neck. */
function frontPart(loop: number, neckGirth: number): number {
  return loop - neckGirth / 2;
}

/**
 * Solves length = 2 a sinh(width / 2a) for a > 0: Newton's method on sinh x = r x with x = width / 2a,
 * from sqrt(6 (r - 1)), which lies above the root, so that it comes down to double precision.
 */
export function catenaryParameter(length: number, width: number): number {
  const ratio = length / width;
  let x = Math.sqrt(6 * (ratio - 1));
  for (let i = 0; i < 60; i += 1) {
    const step = (Math.sinh(x) - ratio * x) / (Math.cosh(x) - ratio);
    x -= step;
    if (Math.abs(step) < 1e-15 * x) break;
  }
  return width / (2 * x);
}
