import { isKind, isOpenToed } from "../../piece/piece";
import { defineRule } from "../define-rule";

export const openToe = defineRule({
  id: "hosiery.open-toe",
  lens: "hosiery",
  weight: 1,
  title: "Hosiery in an open toe",
  why: "A seam or a web of knit across bare-looking toes is the first thing seen.",
  params: {},
  schools: ["openToe"],
  read({ worn }, _params, schools) {
    const hosiery = worn.map((item) => item.piece).find((piece) => isKind(piece, "hosiery"));
    const shoe = worn.map((item) => item.piece).find((piece) => isKind(piece, "shoe"));
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
