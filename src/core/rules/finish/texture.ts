import { finishes } from "../../finish/finishes";
import type { Piece } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast } from "../figures";
import { wear } from "../proposals";
import { hopeFor, noHope } from "../outlook";

export const texture = defineRule({
  id: "finish.texture",
  reads: "everything",
  title: "One colour wants two textures",
  fault: "a flat surface",
  why: "Where colour says nothing, the surface has to: smooth against nap, knit against satin.",
  params: {
    tonal: param(0.8, "share", "share of one colour from which a look is a one-colour look"),
    area: param(0.015, "share", "share of the look from which a surface is seen"),
    kins: param(2, "count", "kinds of surface that keep it alive"),
    pieces: param(3, "count", "pieces from which a look is one that could have more textures"),
    garments: param(2, "count", "garments from which one texture is flat"),
  },
  messages: {
    alive: "The colours are quiet and the textures are not ({named}): that keeps the look alive.",
    flat: "The colours are quiet and everything is one texture ({named}): it looks flat.",
    perhapsFlat:
      "The colours are quiet and everything seems to be one texture ({named}), as far as the cloths are recorded: it looks flat.",
  },
  read({ colours, worn, garments, accessories }, { params, judge }) {
    const [first] = colours;
    if (!first || first.share < params.tonal || worn.length < params.pieces) return [];
    const seen = worn.filter((item) => item.area >= params.area);
    const met = surfacesOf(seen.map(({ piece }) => piece));
    const assumed = seen.some(({ piece, place }) => place !== null && piece.cloth === null);
    const facts = {
      words: { named: met.join(", ") },
      figures: { kins: atLeast("kinds of surface", met.length, "count", params.kins) },
    };
    if (met.length >= params.kins) return accessories.length > 0 ? [judge("lifts", "alive", facts)] : [];
    if (garments.length < params.garments) return [];
    return [
      judge(
        "rubs",
        assumed ? "perhapsFlat" : "flat",
        { proposals: wear("shoe", "bag", "belt", "neck", "layer"), estimated: assumed },
        facts,
      ),
    ];
  },
  hope({ on: { colours }, grows }, { params }) {
    const most = Math.max(0, ...colours.map(({ share }) => share));
    return (most + grows - 1) / grows >= params.tonal ? hopeFor("lifts") : noHope;
  },
});

/** The surfaces that can be told apart: by kin, and by cloth where that is recorded. */
function surfacesOf(pieces: readonly Piece[]): readonly string[] {
  const kins = new Set<string>(pieces.map(({ finish }) => finishes[finish].kin));
  const cloths = new Set<string>(pieces.flatMap(({ cloth }) => cloth ?? []));
  return [...(cloths.size > kins.size ? cloths : kins)];
}
