import { speaks } from "../../piece/piece";
import { difference } from "../../colour/difference";
import { passesForSkin } from "../../colour/family";
import type { Dressed } from "../../dressing/dressed";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { wear } from "../proposals";

export const hosieryColour = defineRule({
  id: "hosiery.colour",
  reads: ["hosiery", "shoe"],
  title: "The colour of the leg",
  fault: "the colour of the leg",
  why: "Hosiery carries on the shoe or the hem, or it is skin; anything else cuts a stripe out of the leg.",
  params: {
    near: param(12, "dE", "how near shoe or hem must be to be carried on"),
    pale: param(70, "L*", "hosiery from this depth on is pale"),
    dark: param(35, "L*", "a shoe under this is dark"),
    anchor: param(25, "L*", "hosiery under this anchors a print that leads"),
    leads: param(2, "statement", "how much a print speaks from which it leads"),
  },
  schools: ["socks"],
  tags: ["leg"],
  messages: {
    drops:
      "{hosiery} {hosieryCount, plural, one {is} other {are}} pale and {shoe} {shoeCount, plural, one {is} other {are}} dark: the foot looks cut off.",
    withShoe: "{hosiery} and {shoe} make one line.",
    withHem: "{hosiery} and {hem} make one line.",
    anchors: "{hosiery} {hosieryCount, plural, one {is} other {are}} dark enough to ground the print.",
    stripe:
      "{hosiery} {hosieryCount, plural, one {matches} other {match}} neither the skin nor the shoe nor the hem, and {hosieryCount, plural, one {reads} other {read}} as a stripe.",
  },
  read(dressed, { params, schools, judge }) {
    const { hosiery, shoe } = dressed;
    const leg = hosiery?.profile.ground?.shade;
    if (!hosiery || !leg || !dressed.bareLeg) return [];
    if (schools.socks === "shown on purpose" && hosiery.piece.figures.form.includes("sock")) return [];
    if (passesForSkin(leg, dressed.look.client.colouring.skin)) return [];
    const hem = dressed.touches.find(({ join, lower }) => join === "hem" && lower === hosiery)?.upper ?? null;
    const facts = {
      of: { hosiery, shoe: shoe ?? "the shoe", hem: hem ?? "the hem" },
      about: [hosiery],
      proposals: wear("hosiery"),
    };
    const foot = shoe?.profile.ground?.shade;
    if (foot && leg.L >= params.pale && foot.L < params.dark) {
      const figures = { depth: atMost("depth of the hosiery", leg.L, "L*", params.pale) };
      return [judge("rubs", "drops", { figures }, facts)];
    }
    const cloth = hem?.profile.ground?.shade;
    const toShoe = foot ? difference(leg, foot) : Infinity;
    const toHem = cloth ? difference(leg, cloth) : Infinity;
    const nearest = Math.min(toShoe, toHem);
    const figures = { nearest: atMost("to the nearer of shoe and hem", nearest, "dE", params.near) };
    if (nearest <= params.near)
      return [judge("lifts", toShoe <= toHem ? "withShoe" : "withHem", { figures }, facts)];
    if (leg.L < params.anchor && hasLeadingPrint(dressed, params.leads))
      return [judge("lifts", "anchors", facts)];
    return nearest === Infinity ? [] : [judge("rubs", "stripe", { figures }, facts)];
  },
});

function hasLeadingPrint({ worn }: Dressed, statement: number): boolean {
  return worn.some(
    ({ piece, slot }) => slot === null && piece.pattern !== "plain" && speaks(piece, statement),
  );
}
