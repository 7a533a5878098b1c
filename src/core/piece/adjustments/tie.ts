import type { Body } from "../../body/body";
import { foldNames } from "../../scarf/folds";
import { bandWidths, corners } from "../../scarf/laid-out";
import { tieNames, tieSpec, type TieName } from "../../scarf/ties";
import type { TiePlace } from "../../scarf/ties/define-tie";
import type { Interval } from "../../length/interval";
import { choice, flag, length } from "../field";
import { isKind } from "../piece";
import type { Slot } from "../slots";
import { canBeTied, tiedOn } from "../tied-scarf";
import { sidesOf } from "../../scarf/tied";
import { usualBand, usualWay } from "../../scarf/usual-way";
import { defineAdjustment } from "./define-adjustment";

/** How far a scarf at the neck stands above the side neck points, cm. */
const standUp = 5;

const tieChoices = tieNames.map((name) => `${name.replace(/\W/g, "_")} {${tieSpec(name).name}}`).join(" ");

/** From its lower to its upper edge where a tie is worn. */
const extents: Record<TiePlace, (body: Body, falls: number) => Interval> = {
  neck: ({ measures }, falls) => ({
    from: measures.neckPoint.cm - falls,
    to: measures.neckPoint.cm + standUp,
  }),
  head: ({ height, measures }) => ({ from: measures.neckPoint.cm - 4, to: height + 2 }),
  hair: ({ height, measures }) => ({ from: measures.chin.cm, to: height + 1 }),
  wrist: ({ measures }) => ({ from: measures.hipLine.cm - 6, to: measures.hipLine.cm + 2 }),
  bag: ({ measures }, falls) => ({ from: measures.hipLine.cm - falls, to: measures.hipLine.cm }),
  "belt loops": ({ measures }, falls) => ({
    from: measures.waistLine.cm - 4 - falls,
    to: measures.waistLine.cm,
  }),
  waist: ({ measures }, falls) => ({
    from: measures.waistLine.cm - 4 - falls,
    to: measures.waistLine.cm + 4,
  }),
  top: ({ measures }) => ({ from: measures.waistLine.cm, to: measures.bustLine.cm + 12 }),
};

/** A scarf folded and tied: place and steps follow from the tie, and the reading sees what shows of it. */
export const tie = defineAdjustment({
  settings: {
    tie: choice<TieName>("Tie", tieNames),
    fold: choice("Fold", foldNames),
    corner: choice("Corner it begins from", corners),
    // What is folded over shows the other face: laid out reverse up, the right side is seen.
    face: choice("Face up", ["reverse", "right"]),
    turned: flag("Ends changed over"),
    band: length("Width of the band", [bandWidths.least, bandWidths.most], usualBand),
  },
  excludes: [],
  options: (piece) => {
    if (!isKind(piece, "scarf") || !canBeTied(piece)) return [];
    return tieNames.flatMap((name) => {
      const { place, loopOnly = false } = tieSpec(name);
      const way = usualWay(name, sidesOf(piece.figures));
      return place === "neck" && way && loopOnly === piece.figures.loop ? [way] : [];
    });
  },
  onBody(piece, settings, body) {
    if (!isKind(piece, "scarf")) return piece;
    const { swatches } = tiedOn(piece, settings, body);
    return swatches ? { ...piece, swatches } : piece;
  },
  extent(otherwise, settings, { piece, body }) {
    if (!isKind(piece, "scarf")) return otherwise;
    const { answer } = tiedOn(piece, settings, body);
    return answer.possible ? extents[answer.tied.spec.place](body, answer.tied.falls) : otherwise;
  },
  layer({ tie: name }) {
    const { place, needs } = tieSpec(name);
    if (needs.includes("layer over")) return "scarf under a layer";
    return place === "bag" || place === "head" ? "tied on" : null;
  },
  station: ({ tie: name }) => stationsOfTies[tieSpec(name).place],
  zone: ({ tie: name }) => zones[tieSpec(name).place],
  area: ({ tie: name }) => tieSpec(name).area,
  level: ({ tie: name }) => tieSpec(name).level,
  insulation: ({ tie: name }) => tieSpec(name).warmth - asRecorded,
  words: {
    name: "Tie",
    doing: `Tie {piece}: {tie, select, ${tieChoices} other {as it was}}`,
    undoing: "Untie {piece}",
    done: `{tie, select, ${tieChoices} other {tied}}`,
  },
});

/** What a scarf is counted with when nobody says how it is tied, clo. */
const asRecorded = 0.08;

/** Where on the bench a scarf is found that is tied elsewhere than at the neck. */
export const stationsOfTies: Readonly<Record<TiePlace, Slot | null>> = {
  neck: null,
  head: "hat",
  hair: "hair",
  wrist: "wrist",
  bag: "bag",
  "belt loops": "belt",
  waist: "belt",
  top: "layer",
};

const zones = {
  neck: "face",
  head: "face",
  hair: "face",
  wrist: "hand",
  bag: "hand",
  "belt loops": "waist",
  waist: "waist",
  top: "trunk",
} as const satisfies Record<TiePlace, string>;
