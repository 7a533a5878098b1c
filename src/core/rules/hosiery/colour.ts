import { difference } from "../../colour/difference";
import { isSkinTone } from "../../colour/family";
import { shadeOf } from "../../colour/shade";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { hosieryOf } from "./worn";

export const hosieryColour = defineRule({
  id: "hosiery.colour",
  lens: "hosiery",
  weight: 1,
  title: "The colour of the leg",
  why: "Hosiery carries on the shoe or the hem, or it is skin; anything else cuts a stripe out of the leg.",
  params: {
    near: param(12, "dE", "how near shoe or hem must be to be carried on"),
    pale: param(70, "L*", "hosiery from this depth on is pale"),
    dark: param(35, "L*", "a shoe under this is dark"),
  },
  schools: ["socks"],
  read(dressed, { near, pale, dark }, schools) {
    const met = hosieryOf(dressed);
    const leg = met?.item.profile.ground?.shade;
    if (!met || !leg || !dressed.bareLeg) return [];
    const { hosiery, item } = met;
    if (schools.socks === "shown on purpose" && hosiery.figures.form.includes("sock")) return [];
    const skin = shadeOf(dressed.look.client.colouring.skin);
    const shoe = met.shoe?.profile.ground?.shade ?? null;
    const touching = dressed.touches.find(({ join, lower }) => join === "hem" && lower === item);
    const hem = touching?.upper.profile.ground?.shade ?? null;
    const names = {
      hosiery: hosiery.name,
      shoe: met.shoePiece?.name ?? "the shoe",
      hem: touching?.upper.piece.name ?? "the hem",
    };
    const shared = { names, pieces: [hosiery.id], proposals: [{ kind: "wear", slot: "hosiery" }] as const };
    if (isSkinTone(leg, skin)) return [];
    const toShoe = shoe ? difference(leg, shoe) : Infinity;
    const toHem = hem ? difference(leg, hem) : Infinity;
    if (shoe && leg.L >= pale && shoe.L < dark)
      return [
        {
          effect: "rubs",
          figures: { depth: atMost("depth of the hosiery", leg.L, "L*", pale) },
          say: "Pale {hosiery} over dark {shoe}: the foot drops off the leg.",
          ...shared,
        },
      ];
    const nearest = Math.min(toShoe, toHem);
    const figures = { nearest: atMost("to the nearer of shoe and hem", Math.min(nearest, 99), "dE", near) };
    if (nearest <= near)
      return [
        {
          figures,
          effect: "lifts",
          say:
            toShoe <= toHem
              ? "{hosiery} and {shoe} carry one line ({nearest})."
              : "{hosiery} and {hem} carry one line ({nearest}).",
          ...shared,
        },
      ];
    const loud = dressed.worn.some(
      ({ piece, slot }) => slot === null && piece.pattern !== "plain" && piece.statement >= 2,
    );
    if (loud && leg.L < 25)
      return [{ figures: {}, effect: "lifts", say: "Dark {hosiery} anchors the print.", ...shared }];
    if (nearest === Infinity) return [];
    return [
      {
        figures,
        effect: "rubs",
        say: "A stripe of its own, neither skin nor shoe nor hem ({nearest} from the nearer): {hosiery}.",
        ...shared,
      },
    ];
  },
});
