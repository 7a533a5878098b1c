import { param } from "../../rule-book/params";
import { definePairRule } from "../define-rule";
import { atLeast, figure } from "../figures";
import { takeOff } from "../proposals";

export const neckScarf = definePairRule({
  id: "style.neck-scarf",
  reads: ["neck", "necklace"],
  title: "A scarf and a necklace at one neck",
  fault: "scarf beside necklace",
  why: "A scarf tied high and a chain above its edge fight for one place: one of them goes.",
  params: { apart: param(2, "cm", "how far under the scarf's edge a chain must end") },
  tags: ["set", "neck"],
  messages: {
    share: "{scarf} and {necklace} crowd one neck: wear one of the two.",
  },
  pair: ["share"],
  concerns: ({ piece: { kind } }) => kind === "necklace" || kind === "scarf",
  read({ neck }, { params, judge }) {
    const { scarf, scarfBelow } = neck;
    if (!scarf || scarfBelow === null) return [];
    const least = scarfBelow + params.apart;
    return neck.necklaces
      .filter(({ lowest }) => lowest <= least)
      .map(({ necklace, lowest }) =>
        judge("jars", "share", {
          of: { scarf, necklace },
          figures: {
            drop: atLeast("drop of the chain", lowest, "cm", least),
            edge: figure("edge of the scarf", scarfBelow, "cm"),
          },
          proposals: [necklace, scarf].map(takeOff),
        }),
      );
  },
});
