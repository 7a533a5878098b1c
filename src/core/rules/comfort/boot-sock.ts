import { isSock } from "../../hosiery/socks";
import type { PieceOf } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { within } from "../figures";
import { wear } from "../proposals";

/** Shoes that are cut close to the foot and leave a thick sock no room. */
const closeCut: ReadonlySet<PieceOf<"shoe">["figures"]["form"]> = new Set([
  ...(["pump", "flat", "loafer", "slingback", "mule", "thong"] as const),
]);

export const bootSock = defineRule({
  id: "comfort.boot-sock",
  reads: ["hosiery", "shoe"],
  title: "The sock in a boot",
  fault: "a sock wrong for the shoe",
  why: "A sock that ends well inside a tall shaft lets its edge rub the leg; one that climbs far over it bunches. Thick socks have no room in a shoe that is cut close to the foot.",
  params: {
    from: param(15, "cm", "shaft from which it matters"),
    below: param(2, "cm", "how far under the shaft's top a sock may end"),
    above: param(4, "cm", "how far over it"),
  },
  schools: ["socks"],
  tags: ["leg"],
  messages: {
    inside:
      "{hosiery} {hosieryCount, plural, one {ends} other {end}} inside {shoe}, so the lining rubs the leg.",
    over: "{hosiery} {hosieryCount, plural, one {stands} other {stand}} {over} above {shoe}: the top will bunch.",
    thick:
      "{hosiery} {hosieryCount, plural, one {is} other {are}} too thick for {shoe}: they are made to be worn in boots.",
  },
  read({ hosiery, shoe }, { params, judge }) {
    if (!hosiery || !shoe || !isSock(hosiery.piece)) return [];
    const { shaft, form } = shoe.piece.figures;
    if (hosiery.piece.figures.form === "boot sock" && closeCut.has(form))
      return [judge("rubs", "thick", { of: { hosiery, shoe }, proposals: wear("hosiery", "shoe") })];
    if (shaft === null || shaft < params.from) return [];
    const over = hosiery.extent.to - shaft;
    if (over >= -params.below && over <= params.above) return [];
    return [
      judge("rubs", over < 0 ? "inside" : "over", {
        of: { hosiery, shoe },
        figures: { over: within("sock over the shaft", over, "cm", [-params.below, params.above]) },
        estimated: true,
        proposals: wear("hosiery"),
      }),
    ];
  },
});
