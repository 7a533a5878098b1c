import { configured, waysOf } from "../../strap/configure";
import { strapWays } from "../../strap/ways";
import { choice } from "../field";
import { carries } from "../kinds/bag";
import { isKind } from "../piece";
import { defineAdjustment } from "./define-adjustment";

export const strap = defineAdjustment({
  settings: {
    carry: choice("Way of carrying", carries),
    way: choice("Way of the strap", strapWays),
  },
  excludes: [],
  options: (piece) =>
    isKind(piece, "bag") ? waysOf(piece.figures).map(({ carry, way }) => ({ carry, way })) : [],
  asWorn: (piece, settings) =>
    isKind(piece, "bag") ? { ...piece, figures: configured(piece.figures, settings) } : piece,
  words: {
    name: "Strap",
    doing:
      "Carry {piece} {carry, select, shoulder {on the shoulder} cross_body {across the body} crook {in the crook of the arm} hand {in the hand} wrist {at the wrist} waist {round the waist} other {as a clutch}}{way, select, as_made {} doubled {, the strap doubled} knotted {, the strap knotted} wound_once {, the strap wound once round the handle} wound {, the strap wound twice round the handle} wound_three_times {, the strap wound three times round the handle} wound_four_times {, the strap wound four times round the handle} shortened {, the strap shortened} side_loops {, the strap hooked to the side loops} tucked {, the strap tucked in} second_strap {, by its second strap} joined {, both straps joined} other {, the strap taken off}}",
    undoing: "Carry {piece} as made",
    done: "{carry, select, shoulder {on the shoulder} cross_body {across the body} crook {in the crook of the arm} hand {in the hand} wrist {at the wrist} waist {round the waist} other {as a clutch}}{way, select, as_made {} doubled {, strap doubled} knotted {, strap knotted} wound_once {, strap wound once} wound {, strap wound twice} wound_three_times {, strap wound three times} wound_four_times {, strap wound four times} shortened {, strap shortened} side_loops {, strap at the side loops} tucked {, strap tucked in} second_strap {, by the second strap} joined {, straps joined} other {, strap off}}",
  },
});
