import { choice, length } from "../field";
import { defineKind } from "./define-kind";
import { small } from "./small";

/** The folds of a pocket square, with how much of it stands over the pocket's edge, cm. */
export const pocketFolds = { flat: 1.5, "one point": 4, puff: 4.5, crown: 5 } as const;

type PocketFold = keyof typeof pocketFolds;

export const pocketSquare = defineKind({
  ...small,
  label: "Pocket square",
  slot: "pocket",
  zone: "trunk",
  pull: "trinket",
  figures: {
    side: length("Side", [18, 50], 32),
    fold: choice("Fold", Object.keys(pocketFolds) as [PocketFold, ...PocketFold[]]),
  },
  extent: ({ fold }, { measures }) => ({
    from: measures.bustLine.cm,
    to: measures.bustLine.cm + pocketFolds[fold],
  }),
  weight: () => 15,
});
