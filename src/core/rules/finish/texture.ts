import { finishes } from "../../finish/finishes";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast } from "../figures";

export const texture = defineRule({
  id: "finish.texture",
  lens: "finish",
  weight: 1,
  title: "One colour wants two textures",
  why: "Where colour says nothing, the surface has to: smooth against nap, knit against satin.",
  params: {
    tonal: param(0.8, "share", "share of one colour from which a look is a one-colour look"),
    area: param(0.015, "share", "share of the look from which a surface is seen"),
    kins: param(2, "count", "kinds of surface that keep it alive"),
  },
  read(dressed, { tonal, area, kins }) {
    const [first] = dressed.colours;
    if (!first || first.share < tonal || dressed.worn.length < 3) return [];
    const seen = dressed.worn.filter((item) => item.area >= area);
    const met = [...new Set(seen.map(({ piece }) => finishes[piece.finish].kin))];
    const alive = met.length >= kins;
    return [
      {
        effect: alive ? "lifts" : "rubs",
        say: alive
          ? "One colour, {kins} textures ({named}): the surface does what colour does not."
          : "One colour and one texture ({named}): flat.",
        names: { named: met.join(", ") },
        figures: { kins: atLeast("kinds of surface", met.length, "count", kins) },
        pieces: [],
        proposals: alive
          ? []
          : (["shoe", "bag", "belt", "neck", "layer"] as const).map((slot) => ({ kind: "wear", slot })),
      },
    ];
  },
});
