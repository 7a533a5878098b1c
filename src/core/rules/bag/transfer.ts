import { finishes } from "../../finish/finishes";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";

export const transfer = defineRule({
  id: "bag.transfer",
  lens: "care",
  weight: 1,
  title: "Dye that comes off on a pale bag",
  why: "Raw or dark denim and saturated nap give colour to whatever pale rubs against them.",
  params: {
    pale: param(75, "L*", "a bag from this depth on is pale"),
    dark: param(40, "L*", "denim under this gives colour"),
    saturated: param(35, "C*", "nap from this chroma on gives colour"),
  },
  read({ touches, landing }, { pale, dark, saturated }) {
    const touch = touches.find(({ join }) => join === "landing");
    const bag = touch?.upper.profile.ground?.shade;
    const cloth = touch?.lower.profile.ground?.shade;
    if (!touch || !bag || !cloth || !landing || bag.L < pale) return [];
    const { finish } = touch.upper.piece;
    const takesColour =
      finishes[finish].kin === "plain" || finishes[finish].kin === "weave" || finish === "satin";
    const under = touch.lower.piece.finish;
    const givesColour =
      (under === "denim" && cloth.L < dark) || (finishes[under].kin === "nap" && cloth.C >= saturated);
    if (!takesColour || !givesColour) return [];
    return [
      {
        effect: "rubs",
        say: "Pale {bag} rubs against {cloth} at the {zone}: the dye may come off on it.",
        names: { bag: touch.upper.piece.name, cloth: touch.lower.piece.name, zone: landing.zone },
        figures: { depth: atMost("depth of the bag", bag.L, "L*", pale) },
        pieces: [touch.upper.piece.id, touch.lower.piece.id],
        proposals: [
          { kind: "strap", piece: touch.upper.piece.id },
          { kind: "wear", slot: "bag" },
        ],
        caution: "Fresh dye is not washed out of pale leather or canvas: carry it clear of the cloth.",
      },
    ];
  },
});
