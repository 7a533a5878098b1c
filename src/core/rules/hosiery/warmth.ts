import { cloOf, comfortableAir } from "../../place/warmth";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, atMost, figure } from "../figures";
import { takeOff, wear } from "../proposals";

export const hosieryWarmth = defineRule({
  id: "hosiery.warmth",
  reads: "everything",
  title: "A leg dressed for the weather",
  fault: "a leg too cold or warm",
  why: "A bare leg is the first place cold is felt, and a wool one the first place heat is; the rest of the outfit decides how much the leg has to do.",
  params: {
    slack: param(6, "degC", "how far the air may lie from what the outfit is comfortable in"),
    bare: param(3, "cm", "bare leg from which it is felt"),
    warm: param(60, "den", "hosiery from which a leg is warm"),
  },
  tags: ["leg"],
  messages: {
    cold: "{bare} of leg is bare at {air}, in an outfit that is comfortable at {right}.",
    warm: "{hosiery} {hosieryCount, plural, one {is} other {are}} too warm at {air}: the outfit is comfortable at {right}.",
  },
  concerns: ({ piece, insulation }) => insulation > 0 || piece.kind === "hosiery" || piece.kind === "shoe",
  read({ look, worn, hosiery, bareLeg }, { params, judge }) {
    const { occasion } = look;
    if (!occasion || occasion.ground === "indoors" || worn.length < 2) return [];
    const clo = cloOf(worn);
    const air = comfortableAir(clo, occasion.wind, "strolling");
    const figures = {
      air: figure("air at the occasion", occasion.temperature, "degC"),
      clo: figure("insulation of the outfit", clo, "clo"),
    };
    const legs = bareLeg ? bareLeg.to - bareLeg.from : 0;
    const [coldest, warmest] = [air - params.slack, air + params.slack];
    if (!hosiery && legs >= params.bare && occasion.temperature < coldest)
      return [
        judge("rubs", "cold", {
          figures: {
            bare: atMost("bare leg", legs, "cm", params.bare),
            right: atLeast("comfortable from", coldest, "degC", coldest),
            ...figures,
          },
          proposals: wear("hosiery", "layer"),
        }),
      ];
    if (hosiery && hosiery.piece.figures.denier > params.warm && occasion.temperature > warmest)
      return [
        judge("rubs", "warm", {
          of: { hosiery },
          figures: { right: atMost("comfortable to", warmest, "degC", warmest), ...figures },
          proposals: [takeOff(hosiery.piece), ...wear("hosiery")],
        }),
      ];
    return [];
  },
});
