import { carriedAt } from "../../strap/carry";
import { added, amount, choice, flag, length, maybeLength, onlyWhere, type FiguresOf } from "../field";
import { fixedArea } from "./areas";
import { defineKind } from "./define-kind";
import { none } from "./insulation";

export const carries = ["shoulder", "cross-body", "crook", "hand", "clutch", "wrist", "waist"] as const;
export type Carry = (typeof carries)[number];

const figures = {
  shape: choice("Shape", ["satchel", "tote", "bucket", "crescent", "pouch", "fold", "box"]),
  width: length("Width", [6, 70], 28),
  height: length("Height", [4, 60], 22),
  depth: length("Depth", [1, 35], 10),
  weight: amount("Weight, empty", [20, 5000, "g"], 600),
  structure: choice("Structure", ["structured", "semi", "soft"]),
  carry: choice("Carried", carries),
  strap: length("Strap, end to end", [0, 160], 58, "0 when there is none"),
  strapThick: onlyWhere("strap", "there", added(length("Strap, width", [0.1, 8], 1.2))),
  handle: added(maybeLength("Thickness of the handle", [1, 12], "a strap can be wound round it")),
  handleComesOff: onlyWhere("handle", "there", added(flag("The handle comes off"))),
  adjuster: onlyWhere("strap", "there", added(maybeLength("Strap adjusts down to", [10, 160]))),
  sideLoops: onlyWhere(
    "strap",
    "there",
    added(maybeLength("Loops at the sides, below the top", [1, 25], "the strap can be hooked there")),
  ),
  strapMade: onlyWhere("strap", "there", choice("Strap of", ["leather", "cloth", "chain"])),
  strapFixed: onlyWhere("strap", "there", added(flag("Strap fixed to the bag"))),
  secondStrap: added(maybeLength("Second strap, end to end", [10, 160])),
  secondMade: onlyWhere(
    "secondStrap",
    "there",
    added(choice("Second strap of", ["leather", "cloth", "chain"])),
  ),
  secondFixed: onlyWhere("secondStrap", "there", added(flag("Second strap fixed to the bag"))),
  joinable: onlyWhere("secondStrap", "there", added(flag("The two straps join"))),
  leather: added(flag("Of leather")),
} as const;

/** What a clutch or a chain adds to the level of a bag, and what a strap across the body takes, steps. */
const carried = 0.5;

export type BagFigures = FiguresOf<typeof figures>;

export const bag = defineKind({
  label: "Bag",
  slot: "bag",
  place: null,
  zone: "hand",
  pull: 0.2,
  leans: ({ carry, strapMade }) => {
    if (carry === "cross-body") return -carried;
    return carry === "clutch" || (carry === "shoulder" && strapMade === "chain") ? carried : 0;
  },
  figures,
  extent: (own, body) => {
    const top = carriedAt(body, own);
    return { from: top - own.height, to: top };
  },
  layer: () => "outermost",
  area: fixedArea(0.07),
  insulation: none,
  weight: (own) => own.weight,
});
