import { metalGroup } from "../../finish/metals";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, atMost } from "../figures";
import type { Judgement } from "../finding";

export const neckLayers = defineRule({
  id: "neck.layers",
  lens: "proportion",
  weight: 1,
  title: "Chains in layers",
  why: "Neighbours that hang within a finger of one another tangle; more than a few lose their steps.",
  params: {
    apart: param(4, "cm", "least difference of drop between neighbours"),
    most: param(3, "count", "most layers"),
    layered: param(6, "count", "most layers where layering is the school"),
  },
  schools: ["ornament"],
  read({ neck }, { apart, most, layered }, schools) {
    const loops = neck.necklaces
      .flatMap(({ necklace, drops }) => drops.map((drop) => ({ necklace, drop })))
      .sort((one, other) => one.drop - other.drop);
    if (loops.length < 2) return [];
    const judgements: Judgement[] = [];
    const ids = [...new Set(loops.map(({ necklace }) => necklace.id))];
    loops.slice(1).forEach(({ necklace, drop }, i) => {
      const before = loops[i];
      if (!before || drop - before.drop >= apart) return;
      judgements.push({
        effect: "jars",
        say: "Only {step} between {one} and {other}: they tangle.",
        names: { one: before.necklace.name, other: necklace.name },
        figures: { step: atLeast("step between the drops", drop - before.drop, "cm", apart) },
        pieces: [...new Set([before.necklace.id, necklace.id])],
        proposals: [
          { kind: "take-off", piece: necklace.id },
          { kind: "take-off", piece: before.necklace.id },
        ],
      });
    });
    const allowed = schools.ornament === "layered" ? layered : most;
    const count = { count: atMost("layers", loops.length, "count", allowed) };
    if (loops.length > allowed)
      judgements.push({
        effect: loops.length > allowed + 1 ? "jars" : "rubs",
        say: "{count} layers of chain: the steps are lost.",
        figures: count,
        pieces: ids,
        proposals: ids.map((piece) => ({ kind: "take-off", piece })),
      });
    const metals = new Set(neck.necklaces.map(({ necklace }) => metalGroup(necklace.metal)));
    if (judgements.length === 0 && metals.size === 1)
      judgements.push({
        effect: "lifts",
        say: "{count} layers, each clear of the next, in one metal.",
        figures: count,
        pieces: ids,
      });
    return judgements;
  },
});
