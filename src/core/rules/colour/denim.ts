import { difference } from "../../colour/difference";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { swapOrTakeOff } from "../proposals";

export const denim = defineRule({
  id: "colour.denim",
  reads: [],
  title: "Denim with denim",
  fault: "denim with denim",
  why: "Two washes side by side are either two tones, plainly apart, or one suit; almost the same is neither.",
  params: {
    same: param(6, "dE", "difference up to which two washes are one"),
    apart: param(8, "L*", "difference of depth from which they are two tones"),
  },
  schools: ["denim"],
  messages: {
    suit: "{one} and {other} are the same wash: they look like a suit.",
    school: "{one} and {other} are two washes, and this rule book asks for one.",
    tones: "{one} and {other} are two clearly different washes: that looks meant.",
    failed: "{one} and {other} are almost the same wash: it looks like a suit that did not match.",
  },
  read({ garments }, { params, schools, judge }) {
    const [one, other] = garments.filter(({ piece }) => piece.finish === "denim");
    const [first, second] = [one?.profile.ground?.shade, other?.profile.ground?.shade];
    if (!one || !other || !first || !second) return [];
    const distance = difference(first, second);
    const of = { one, other };
    const figures = { distance: atMost("difference of the washes", distance, "dE", params.same) };
    if (distance <= params.same) return [judge("lifts", "suit", { of, figures })];
    const proposals = swapOrTakeOff(one.piece, other.piece);
    if (schools.denim === "same wash") return [judge("jars", "school", { of, figures, proposals })];
    if (Math.abs(first.L - second.L) >= params.apart) return [judge("note", "tones", { of, figures })];
    return [judge("rubs", "failed", { of, figures, proposals })];
  },
});
