import { carries, type BagFigures, type Carry } from "../piece/kinds/bag";
import { strapWays, type StrapWay } from "./ways";

/** How often a strap is wound round a handle; "wound" alone is twice, as files from before have it. */
const windings = {
  "wound once": 1,
  wound: 2,
  "wound three times": 3,
  "wound four times": 4,
} as const;
/** A knot takes six times the strap's thickness; a flat strap bunches to about a third of its width. */
const knotTakes = 6;
const bunched = 1 / 3;

/** How much of a strap goes into the bag when it is tucked, as a share of its length. */
const tuckedShare = 0.2;

/**
 * Length of a bag's strap after a configuration, cm: doubled S/2; wound k times round a handle of girth u,
 * S - k u; hooked into loops d below the top, S - 2d; shortened, what its adjuster leaves; tucked, S less the hidden part; joined, the sum of both; knotted, S less six thicknesses.
 * @returns null when the bag's strap parts do not allow it
 */
export function effectiveStrap(bag: BagFigures, way: StrapWay): number | null {
  const { strap, handle, adjuster, sideLoops, strapThick, secondStrap, secondFixed, joinable, strapFixed } =
    bag;
  const removable = !strapFixed && !(secondStrap !== null && secondFixed);
  if (way === "strap off") return strap > 0 && removable ? 0 : null;
  // A handle that stays on the bag hangs down beside the longer strap.
  if (way === "second strap") return secondStrap;
  if (strap <= 0) return way === "as made" ? 0 : null;
  switch (way) {
    case "as made":
      return strap;
    case "doubled":
      return strap / 2;
    case "knotted":
      return strap - knotTakes * strapThick * bunched;
    case "tucked":
      return strap * (1 - tuckedShare);
    case "joined":
      return joinable && removable && secondStrap !== null ? strap + secondStrap : null;
    case "wound once":
    case "wound":
    case "wound three times":
    case "wound four times":
      return handle === null ? null : Math.max(0, strap - windings[way] * handle);
    case "shortened":
      return adjuster !== null && adjuster < strap ? adjuster : null;
    // Hooked so much lower on both sides, the strap holds the bag's top so much higher.
    case "side loops":
      return sideLoops === null ? null : Math.max(0, strap - 2 * sideLoops);
  }
}

/** The figures of a bag with its strap set: how it is carried, and how long the strap then is. */
export function configured(
  bag: BagFigures,
  setting: { readonly carry: Carry; readonly way: StrapWay },
): BagFigures {
  const strap = effectiveStrap(bag, setting.way) ?? bag.strap;
  const strapMade = setting.way === "second strap" ? bag.secondMade : bag.strapMade;
  return { ...bag, carry: setting.carry, strap, strapMade };
}

/** Shortest straps that still go over a shoulder and across a body, cm. */
const leastStrap: Record<Carry, number> = {
  shoulder: 40,
  "cross-body": 90,
  crook: 20,
  hand: 8,
  clutch: 0,
  wrist: 10,
  waist: 50,
};
/** Longest that still make sense where the bag hangs from the arm or the hand. */
const mostStrap: Record<Carry, number> = {
  shoulder: 130,
  "cross-body": 170,
  crook: 75,
  hand: 75,
  clutch: 0,
  wrist: 40,
  waist: 160,
};

/** Every way this bag can be carried, with the strap's length in each; a bag without a strap is a clutch. */
export function waysOf(
  bag: BagFigures,
): { readonly carry: Carry; readonly way: StrapWay; readonly strap: number }[] {
  const ways = carries.flatMap((carry) =>
    strapWays.flatMap((way) => {
      const strap = effectiveStrap(bag, way);
      if (strap === null || strap < leastStrap[carry] || strap > mostStrap[carry]) return [];
      return [{ carry, way, strap }];
    }),
  );
  return bag.strap > 0 ? ways : [{ carry: "clutch", way: "as made", strap: 0 }];
}
