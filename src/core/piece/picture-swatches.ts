import { paler } from "../colour/paler";
import { coloursOf, type ClothPicture } from "../scarf/picture";
import type { Swatch } from "./swatch";

/** A colour of less than this share is no swatch: a few cells of a picture. */
const leastShare = 0.005;

/**
 * The swatches that follow from a cloth's picture: the largest colour is the ground, what lies along the edges trim, the
 * rest motif; where the reverse is printed through paler, the ground as it is there.
 */
export function swatchesOf(picture: ClothPicture, palerBy: number): Swatch[] {
  const colours = coloursOf(picture).filter(({ share }) => share >= leastShare);
  const whole = colours.reduce((sum, { share }) => sum + share, 0);
  const shares = colours.map(({ share }) => Math.round((share / whole) * 1000) / 1000);
  const rest = 1 - shares.slice(1).reduce((sum, share) => sum + share, 0);
  const seen = colours.map(({ hex, alongEdge }, i): Swatch => ({
    hex,
    share: i === 0 ? Math.round(rest * 1000) / 1000 : (shares[i] ?? 0),
    role: i === 0 ? "ground" : alongEdge ? "trim" : "motif",
  }));
  const [ground] = seen;
  if (!ground || palerBy === 0 || seen.length >= 12) return seen;
  return [...seen, { hex: paler(ground.hex, palerBy), share: 1, role: "reverse" }];
}
