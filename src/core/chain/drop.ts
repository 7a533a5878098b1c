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

/** The front part of a loop: what does not lie round the back half of the neck. */
function frontPart(loop: number, neckGirth: number): number {
  return loop - neckGirth / 2;
}

/** Solves length = 2 a sinh(width / 2a) for a > 0, by bisection on x = width / 2a to double precision. */
export function catenaryParameter(length: number, width: number): number {
  const ratio = length / width;
  let low = 1e-9;
  let high = 1;
  while (Math.sinh(high) / high < ratio) high *= 2;
  for (let i = 0; i < 80; i += 1) {
    const middle = (low + high) / 2;
    if (Math.sinh(middle) / middle < ratio) low = middle;
    else high = middle;
  }
  return width / (low + high);
}
