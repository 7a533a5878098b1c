import { carriedThings, isSeveral } from "../../piece/carried";
import { carriedOf } from "../../place/carried";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { wear } from "../proposals";

export const bagCapacity = defineRule({
  id: "comfort.bag-capacity",
  // A flat pair carried for the shoes goes into the bag.
  reads: ["bag", "shoe"],
  title: "The bag holds what must be carried",
  fault: "a bag too small",
  why: "A bag that is too small is carried beside another one; what is longer than the bag sticks out of it.",
  params: {
    usable: param(0.6, "share", "part of a bag's outer volume that can be filled"),
    slant: param(1, "cm", "how much longer than its longest side a thing may be and still go in slantwise"),
  },
  messages: {
    long: "The {longest} ({long}) {many, select, yes {do} other {does}} not go into {bag}.",
    full: "{things} would take {full} of the room in {bag}.",
    fits: "{things} take {full} of the room in {bag}.",
  },
  read({ landing, look }, { params, judge }) {
    const things = carriedOf(look);
    if (!landing || things.length === 0) return [];
    const { bag } = landing;
    const { width, height, depth } = bag.figures;
    const longest = things.reduce((most, thing) =>
      carriedThings[thing].longest > carriedThings[most].longest ? thing : most,
    );
    const of = { bag };
    const words = { things: things.join(", "), longest, many: isSeveral(longest) ? "yes" : "no" };
    const room = Math.max(width, height) + params.slant;
    const long = carriedThings[longest].longest;
    if (long > room) {
      const figures = { long: atMost("longest thing", long, "cm", room) };
      return [judge("jars", "long", { of, words, figures, proposals: wear("bag") })];
    }
    const need = things.reduce((sum, thing) => sum + carriedThings[thing].volume, 0);
    const full = need / (width * height * depth * params.usable);
    const figures = { full: atMost("of its room", full, "share", 1) };
    if (full > 1) return [judge("rubs", "full", { of, words, figures, proposals: wear("bag") })];
    return [judge("note", "fits", { of, words, figures })];
  },
});
