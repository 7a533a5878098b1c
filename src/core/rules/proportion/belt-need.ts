import { defineRule } from "../define-rule";
import { adjust, wear } from "../proposals";

export const beltNeed = defineRule({
  id: "proportion.belt-need",
  title: "A waist that was asked for",
  why: "A belt draws the waist where cloth runs past it; only a client who asks for a waist needs to be told.",
  messages: {
    drawn: "{belt} {beltCount, plural, one {draws} other {draw}} the waist that was asked for.",
    unmarked: "Nothing marks the waist that was asked for: a belt would.",
  },
  read({ look, worn, belt, touches }, { judge }) {
    if (!look.client.goals.moreWaist) return [];
    if (belt && belt.seen.length > 0) return [judge("lifts", "drawn", { of: { belt } })];
    if (touches.some(({ join }) => join === "waist") || worn.length === 0) return [];
    const tucks = worn.flatMap(({ piece }) => (piece.kind === "top" ? [adjust("tuck-in", piece)] : []));
    return [judge("note", "unmarked", { proposals: [...wear("belt"), ...tucks] })];
  },
});
