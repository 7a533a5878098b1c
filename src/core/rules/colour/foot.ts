import type { Worn } from "../../dressing/dressed";
import { param } from "../../rule-book/params";
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

export const foot = defineRule({
  id: "colour.foot",
  title: "The depth of the foot",
  fault: "the depth of the foot",
  why: "The shoe is the full stop of the outfit: a dark near the face wants a dark below, pale clothes want a light foot, and a light shoe under darks wants company.",
  params: {
    dark: param(35, "L*", "under this a garment or a swatch is dark"),
    near: param(20, "L*", "how near in depth the shoe comes to a dark"),
    heavy: param(30, "L*", "under this a shoe is heavy for pale clothes"),
    pale: param(60, "L*", "from this mean depth on clothes are pale"),
    clear: param(0.65, "share", "over this clarity clothes are clear, and light on the foot like pale ones"),
    light: param(70, "L*", "from this on a shoe is light"),
    allDark: param(40, "L*", "under this every garment is dark"),
    sole: param(0.5, "count", "what a light sole counts as a light of its own"),
    trace: param(0.05, "share", "share of the look from which a colour of the garments counts"),
  },
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
    if (!shoe || !ground || garments.length === 0) return [];
    const depth = ground.shade.L;
    if (isAllDark(garments, params.allDark, params.trace) && depth >= params.light) {
      if (lightsBeside(dressed, shoe, ground, params.light, params.sole) >= 1) return [];
      const figures = { depth: atMost("depth of the shoe", depth, "L*", params.light) };
      const proposals = wear("bag", "hosiery", "neck", "shoe");
      return [judge("rubs", "onlyLight", { of: { shoe }, figures, proposals })];
    }
    const skin = readsAsSkin(dressed, shoe, ground);
    const answered = isAnsweredAbove(dressed, shoe, ground);
    const face = nearestTheFace(dressed);
    if (face && depthOf(face) < params.dark) {
      if (skin) return [];
      const away = nearestDark(dressed, shoe, params.dark, depth);
      if (away !== null) {
        const of = { face, shoe };
        const figures = { away: atMost("shoe from the nearest dark", away, "L*", params.near) };
        if (away > params.near && isBrown(ground) && answered) return [];
        if (away > params.near) return [judge("rubs", "footless", { of, figures, proposals: wear("shoe") })];
        const lightBetween = garments.some(
          (item) => item.place === "bottom" && (item.profile.character?.depth ?? 0) >= params.pale,
        );
        return lightBetween ? [judge("lifts", "carried", { of, figures })] : [];
      }
    }
    if (!isPale(dressed, params)) return [];
    const figures = { depth: atLeast("depth of the shoe", depth, "L*", params.heavy) };
    if (depth < params.heavy && answered) return [];
    if (depth < params.heavy)
      return [judge("rubs", "heavy", { of: { shoe }, figures, proposals: wear("shoe") })];
    if (!skin && ground.family !== "ivory" && ground.family !== "tan") return [];
    return [judge("lifts", "light", { of: { shoe }, figures })];
  },
});

/** Mean depth of a piece; one without a colour is not dark. */
function depthOf({ profile }: Worn): number {
  return profile.character?.depth ?? Infinity;
}
