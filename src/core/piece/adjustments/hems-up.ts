import { isLegged } from "../piece";
import { defineAdjustment } from "./define-adjustment";

/** Where an elastic hem holds on the calf, from ankle bone to knee, 0-1. */
const upTheCalf = 0.62;

/** Hems that stretch pulled up the calf, where they hold by themselves. */
export const hemsUp = defineAdjustment({
  settings: {},
  excludes: ["turn", "tuck-into-boot"],
  options: (piece) => (isLegged(piece) && piece.figures.hem === "stretch" ? [{}] : []),
  onBody: (piece, _, { measures: { ankleBone, kneeLine } }) =>
    isLegged(piece)
      ? ({
          ...piece,
          figures: {
            ...piece.figures,
            measuredHem: ankleBone.cm + upTheCalf * (kneeLine.cm - ankleBone.cm),
          },
        } as typeof piece)
      : piece,
  station: () => "hosiery",
  words: {
    name: "Hems pulled up",
    doing: "Pull the hems of {piece} up the calf",
    undoing: "Let the hems of {piece} down",
    done: "hems pulled up the calf",
  },
});
