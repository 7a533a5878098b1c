import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, atMost } from "../figures";
import { spokenOf } from "./pair";

export const turnDepth = defineRule({
  id: "proportion.turn-depth",
  lens: "proportion",
  weight: 1,
  title: "How deep a turn-up may be",
  why: "Past a hand's width a cuff becomes the point of the trousers; a double roll wants less, but not so little that it will not stay.",
  params: {
    single: param(7.5, "cm", "deepest single turn"),
    double: param(5, "cm", "deepest turn of a double roll"),
    least: param(2, "cm", "least turn of a double roll"),
  },
  read({ leg }, { single, double, least }) {
    if (!leg?.turn) return [];
    const { count, depth } = leg.turn;
    const most = count === 1 ? single : double;
    const proposals = [{ kind: "turn", piece: leg.trousers.id }] as const;
    if (depth > most)
      return [
        {
          effect: "jars",
          say: "A turn of {depth} is too deep.",
          figures: { depth: atMost("depth of each turn", depth, "cm", most) },
          proposals,
          ...spokenOf(leg),
        },
      ];
    if (count === 2 && depth < least)
      return [
        {
          effect: "rubs",
          say: "A double roll of {depth} is fiddly and will not stay.",
          figures: { depth: atLeast("depth of each turn", depth, "cm", least) },
          proposals,
          ...spokenOf(leg),
        },
      ];
    return [];
  },
});
