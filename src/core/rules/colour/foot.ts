import type { Worn } from "../../dressing/dressed";
import { defineRule } from "../define-rule";
import { atLeast, atMost } from "../figures";
import { wear } from "../proposals";
import { isBrown } from "./echo-entries";
import {
  isAllDark,
  isAnsweredAbove,
  isPale,
  lightsBeside,
  nearestTheFace,
  nearestDark,
  readsAsSkin,
} from "./foot-depth";
import { footParams, hopeOfFoot } from "./foot-hope";

export const foot = defineRule({
  id: "colour.foot",
  reads: "everything",
  title: "The depth of the foot",
  fault: "the depth of the foot",
  why: "The shoe is the full stop of the outfit: a dark near the face wants a dark below, pale clothes want a light foot, and a light shoe under darks wants company.",
  params: footParams,
  messages: {
    onlyLight:
      "{shoe} {shoeCount, plural, one {is} other {are}} the only light thing in an all-dark look. Repeat the light in a bag, a sock or a scarf.",
    footless:
      "{face} {faceCount, plural, one {is} other {are}} dark at the face and {shoe} {shoeCount, plural, one {is} other {are}} not. Repeat the dark of the top in the shoe.",
    carried:
      "{shoe} {shoeCount, plural, one {repeats} other {repeat}} the dark of {face}, so the look stands firmly.",
    heavy:
      "Nothing in these clothes is dark, and {shoe} {shoeCount, plural, one {weighs} other {weigh}} them down.",
    light: "{shoe} {shoeCount, plural, one {keeps} other {keep}} the foot light under pale clothes.",
  },
  read(dressed, { params, judge }) {
    const { shoe, garments } = dressed;
    const ground = shoe?.profile.ground;
    if (!shoe || shoe.seen.length === 0 || !ground || garments.length === 0) return [];
    const depth = ground.shade.L;
    if (isAllDark(garments, params.allDark, params.trace) && depth >= params.light) {
      if (lightsBeside(dressed, shoe, ground, params) >= 1) return [];
      const figures = { depth: atMost("depth of the shoe", depth, "L*", params.light) };
      const proposals = wear("bag", "hosiery", "neck", "shoe");
      return [judge("rubs", "onlyLight", { of: { shoe }, figures, proposals })];
    }
    const skin = readsAsSkin(dressed, shoe, ground);
    const isAnswered = () => isAnsweredAbove(dressed, shoe, ground);
    const face = nearestTheFace(dressed);
    if (face && depthOf(face) < params.dark) {
      if (skin) return [];
      const away = nearestDark(dressed, shoe, params.dark, depth);
      if (away !== null) {
        const of = { face, shoe };
        const figures = { away: atMost("shoe from the nearest dark", away, "L*", params.near) };
        if (away > params.near && isBrown(ground) && isAnswered()) return [];
        if (away > params.near) return [judge("rubs", "footless", { of, figures, proposals: wear("shoe") })];
        const lightBetween = garments.some(
          (item) => item.place === "bottom" && (item.profile.character?.depth ?? 0) >= params.pale,
        );
        return lightBetween ? [judge("lifts", "carried", { of, figures })] : [];
      }
    }
    if (!isPale(dressed, params)) return [];
    const figures = { depth: atLeast("depth of the shoe", depth, "L*", params.heavy) };
    if (depth < params.heavy && isAnswered()) return [];
    if (depth < params.heavy)
      return [judge("rubs", "heavy", { of: { shoe }, figures, proposals: wear("shoe") })];
    if (!skin && ground.family !== "ivory" && ground.family !== "tan") return [];
    return [judge("lifts", "light", { of: { shoe }, figures })];
  },
  hope: (outlook, { params }) => hopeOfFoot(outlook, params),
});

/** Mean depth of a piece; one without a colour is not dark. */
function depthOf({ profile }: Worn): number {
  return profile.character?.depth ?? Infinity;
}
