import { isSock } from "../../hosiery/socks";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { within } from "../figures";
import { wear } from "../proposals";

export const bootSock = defineRule({
  id: "comfort.boot-sock",
  reads: ["hosiery", "shoe"],
  title: "The sock in a boot",
  fault: "a sock wrong for the boot",
  why: "A sock that ends well inside a tall shaft lets its edge rub the leg; one that climbs far over it bunches.",
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
  },
  read({ hosiery, shoe }, { params, judge }) {
    const shaft = shoe?.piece.figures.shaft ?? null;
    if (!hosiery || !shoe || shaft === null || shaft < params.from || !isSock(hosiery.piece)) return [];
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
