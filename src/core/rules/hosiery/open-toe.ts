import { isOpenToed } from "../../piece/piece";
import { defineRule } from "../define-rule";
import { hosieryOf } from "./worn";

export const openToe = defineRule({
  id: "hosiery.open-toe",
  lens: "hosiery",
  weight: 1,
  title: "Hosiery in an open toe",
  why: "A seam or a web of knit across bare-looking toes is the first thing seen.",
  params: {},
  schools: ["openToe"],
  read(dressed, _params, schools) {
    const met = hosieryOf(dressed);
    const shoe = met?.shoePiece;
    const hosiery = met?.hosiery;
    if (!hosiery || !shoe || !isOpenToed(shoe) || hosiery.figures.toe === "open") return [];
    const sheer = hosiery.figures.toe === "sheer" && shoe.figures.form !== "thong";
    const shared = { names: { hosiery: hosiery.name, shoe: shoe.name }, pieces: [hosiery.id, shoe.id] };
    if (sheer && schools.openToe === "sheer toe allowed")
      return [{ effect: "note", say: "The sheer toe of {hosiery} disappears in {shoe}.", ...shared }];
    return [
      {
        effect: "jars",
        say: "The toes that show in {shoe} are covered by {hosiery}.",
        proposals: [
          { kind: "take-off", piece: hosiery.id },
          { kind: "wear", slot: "shoe" },
          { kind: "wear", slot: "hosiery" },
        ],
        ...shared,
      },
    ];
  },
});
