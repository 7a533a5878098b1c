import type { Legged } from "@/core/piece/piece";
import type { Frame } from "../frame";
import { arc, curve, onSide, type Point } from "../path";

export function creaseOf(frame: Frame, crotch: number, hem: number): Point[] {
  return [crotch + 9, crotch - 4, (crotch + hem) / 2, hem + 0.4].map((h) => ({
    x: frame.legAxis(Math.min(h, crotch)),
    h,
  }));
}

/** How deep a hem that stretches is, cm. */
const stretchDeep = 4;

/**
 * The gathers over a hem that stretches, and the line where it begins.
 * @param side 1 for the right leg, -1 for the left; the rest is the height of the hem and half its width, cm
 */
export function hemStitches(
  trousers: Legged,
  frame: Frame,
  side: number,
  { hem, half }: { readonly hem: number; readonly half: number },
): string[] {
  if (trousers.figures.hem !== "stretch") return [];
  const x = side * frame.legAxis(hem);
  const line = curve(arc({ x: x - half, h: hem + stretchDeep }, { x: x + half, h: hem + stretchDeep }, 0.5));
  const gathers = [-0.7, -0.35, 0, 0.35, 0.7].map(
    (share) => `M${(x + share * half).toFixed(2)} ${-(hem + 0.4)}v${-(stretchDeep + 2.4)}`,
  );
  return [line, ...gathers];
}

/** The threads of a raw hem, uneven by rule. */
export function fringe(x: number, half: number, hem: number): string {
  const count = Math.max(6, Math.round(half * 3.2));
  return Array.from({ length: count + 1 }, (_, i) => {
    const at = x - half + (2 * half * i) / count;
    return `M${at.toFixed(2)} ${-(hem + 0.3)}l${(((i * 7) % 5) - 2) * 0.09} ${1.1 + ((i * 5) % 4) * 0.22}`;
  }).join("");
}

/** Waistband, its loops, and the seam at the middle. */
export function waistSeams(frame: Frame, band: number, crotch: number, looped: boolean): string[] {
  const half = frame.trunk(band) + 1;
  const loops = looped ? [0.32, 0.78].flatMap((share) => [share * half, share * half + 0.8]) : [];
  return [
    curve(arc({ x: -half, h: band }, { x: half, h: band }, 0.9)),
    `M0 ${-(band + 2.8)}V${-crotch}`,
    ...loops.flatMap((x) => [x, -x]).map((x) => `M${x.toFixed(2)} ${-(band - 0.5)}V${-(band + 3.2)}`),
  ];
}

/** The stitching of the fly, to the right of the middle seam. */
export function fly(band: number, crotch: number): string {
  const low = crotch + (band - crotch) * 0.28;
  return `M2 ${-(band - 1.4)}V${-(low + 4)}Q2 ${-low} 0.3 ${-low}`;
}

/** A pocket on the slant from the waistband to the side seam. */
export function slantPocket(frame: Frame, side: number, band: number): string {
  const half = frame.trunk(band);
  const low = band - 12;
  return curve(
    onSide(side, [
      { x: half * 0.66, h: band - 0.6 },
      { x: half * 0.86, h: band - 6 },
      { x: frame.trunk(low) + 0.6, h: low },
    ]),
  );
}

/** What is stitched on jeans: a scooped pocket, the side seam. */
export function jeans(frame: Frame, side: number, band: number, outer: readonly Point[]): string[] {
  const half = frame.trunk(band);
  return [
    curve(
      onSide(side, [
        { x: half * 0.5, h: band - 0.6 },
        { x: half * 0.6, h: band - 5.4 },
        { x: half * 0.86, h: band - 7.6 },
        { x: frame.trunk(band - 8) + 0.8, h: band - 8 },
      ]),
    ),
    curve(
      onSide(
        side,
        outer.map(({ x, h }) => ({ x: x - 0.7, h })),
      ),
    ),
  ];
}
