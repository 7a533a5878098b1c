import { comfortableAir } from "../../place/warmth";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, atMost, figure } from "../figures";

export const hosieryWarmth = defineRule({
  id: "hosiery.warmth",
  lens: "hosiery",
  weight: 1,
  title: "A leg dressed for the weather",
  why: "A bare leg is the first place cold is felt, and a wool one the first place heat is; the rest of the outfit decides how much the leg has to do.",
  params: {
    slack: param(6, "degC", "how far the air may lie from what the outfit is comfortable in"),
    bare: param(3, "cm", "bare leg from which it is felt"),
    warm: param(60, "den", "hosiery from which a leg is warm"),
  },
  read({ look, worn, hosiery, bareLeg }, { slack, bare, warm }) {
    const { occasion } = look;
    if (!occasion || occasion.ground === "indoors" || worn.length < 2) return [];
    const { clo, air } = comfortableAir(
      worn.map(({ piece }) => piece),
      occasion.wind,
    );
    const figures = {
      air: figure("air at the occasion", occasion.temperature, "degC"),
      clo: figure("insulation of the outfit", clo, "clo"),
    };
    const legs = bareLeg ? bareLeg.to - bareLeg.from : 0;
    if (!hosiery && legs >= bare && occasion.temperature < air - slack)
      return [
        {
          effect: "rubs",
          say: "{bare} of bare leg at {air}, in an outfit that is comfortable at {right}.",
          figures: {
            bare: atMost("bare leg", legs, "cm", bare),
            right: atLeast("comfortable from", air - slack, "degC", air - slack),
            ...figures,
          },
          pieces: [],
          proposals: [
            { kind: "wear", slot: "hosiery" },
            { kind: "wear", slot: "layer" },
          ],
        },
      ];
    if (hosiery && hosiery.piece.figures.denier > warm && occasion.temperature > air + slack)
      return [
        {
          effect: "rubs",
          say: "At {air} {hosiery} is too warm: the outfit is comfortable at {right}.",
          names: { hosiery: hosiery.piece.name },
          figures: { right: atMost("comfortable to", air + slack, "degC", air + slack), ...figures },
          pieces: [hosiery.piece.id],
          proposals: [
            { kind: "take-off", piece: hosiery.piece.id },
            { kind: "wear", slot: "hosiery" },
          ],
        },
      ];
    return [];
  },
});
