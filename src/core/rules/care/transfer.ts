import { finishes } from "../../finish/finishes";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { adjust, wear } from "../proposals";

export const transfer = defineRule({
  id: "care.transfer",
  reads: ["bag"],
  title: "Dye that comes off on a pale bag",
  fault: "dye on a pale bag",
  why: "Raw or dark denim and saturated nap give colour to whatever pale rubs against them.",
  params: {
    pale: param(75, "L*", "a bag from this depth on is pale"),
    dark: param(40, "L*", "denim under this gives colour"),
    saturated: param(35, "C*", "nap from this chroma on gives colour"),
  },
  messages: {
    rubs: "{bag} {bagCount, plural, one {is} other {are}} pale and {bagCount, plural, one {rubs} other {rub}} against {cloth} at the {zone}: the dye may come off.",
  },
  read({ touches, landing }, { params, judge }) {
    const touch = touches.find(({ join }) => join === "landing");
    const bag = touch?.upper.profile.ground?.shade;
    const cloth = touch?.lower.profile.ground?.shade;
    if (!touch || !bag || !cloth || !landing || bag.L < params.pale) return [];
    const { finish } = touch.upper.piece;
    const { kin } = finishes[finish];
    const takesColour = kin === "plain" || kin === "weave" || finish === "satin";
    const under = touch.lower.piece.finish;
    const givesColour =
      (under === "denim" && cloth.L < params.dark) ||
      (finishes[under].kin === "nap" && cloth.C >= params.saturated);
    if (!takesColour || !givesColour) return [];
    return [
      judge("rubs", "rubs", {
        of: { bag: touch.upper, cloth: touch.lower },
        words: { zone: landing.zone },
        figures: { depth: atMost("depth of the bag", bag.L, "L*", params.pale) },
        proposals: [adjust("strap", touch.upper.piece), ...wear("bag")],
        caution: "Fresh dye is not washed out of pale leather or canvas: carry it clear of the cloth.",
      }),
    ];
  },
});
