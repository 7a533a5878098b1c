import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, atMost } from "../figures";
import { adjust } from "../proposals";
import { spokenOf } from "./pair";

export const turnDepth = defineRule({
  id: "proportion.turn-depth",
  reads: ["shoe"],
  title: "How deep a turn-up may be",
  fault: "the depth of the turn-up",
  why: "Past a hand's width a cuff becomes the point of the trousers; a double roll wants less, but not so little that it will not stay.",
  params: {
    single: param(7.5, "cm", "deepest single turn"),
    double: param(5, "cm", "deepest turn of a double roll"),
    least: param(2, "cm", "least turn of a double roll"),
  },
  tags: ["hem"],
  messages: {
    deep: "A turn-up of {depth} is too deep.",
    fiddly: "A double turn-up of {depth} is fiddly and will not stay.",
  },
  read({ leg }, { params, judge }) {
    if (!leg?.turn) return [];
    const { count, depth } = leg.turn;
    const most = count === 1 ? params.single : params.double;
    const facts = { ...spokenOf(leg), proposals: [adjust("turn", leg.trousers)] };
    if (depth > most) {
      const figures = { depth: atMost("depth of each turn", depth, "cm", most) };
      return [judge("jars", "deep", { figures }, facts)];
    }
    if (count === 1 || depth >= params.least) return [];
    const figures = { depth: atLeast("depth of each turn", depth, "cm", params.least) };
    return [judge("rubs", "fiddly", { figures }, facts)];
  },
});
