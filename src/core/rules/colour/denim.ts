import { difference } from "../../colour/difference";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { swapOrTakeOff } from "../visible";

export const denim = defineRule({
  id: "colour.denim",
  lens: "colour",
  weight: 1,
  title: "Denim with denim",
  why: "Two washes side by side are either two tones, plainly apart, or one suit; almost the same is neither.",
  params: {
    same: param(6, "dE", "difference up to which two washes are one"),
    apart: param(8, "L*", "difference of depth from which they are two tones"),
  },
  schools: ["denim"],
  read({ garments }, { same, apart }, schools) {
    const [one, other] = garments.filter(({ piece }) => piece.finish === "denim");
    const [first, second] = [one?.profile.ground?.shade, other?.profile.ground?.shade];
    if (!one || !other || !first || !second) return [];
    const distance = difference(first, second);
    const names = { one: one.piece.name, other: other.piece.name };
    const figures = { distance: atMost("difference of the washes", distance, "dE", same) };
    const pieces = [one.piece.id, other.piece.id];
    if (distance <= same)
      return [{ effect: "lifts", say: "{one} and {other} are of one wash: a suit.", names, figures, pieces }];
    const proposals = swapOrTakeOff([one.piece, other.piece]);
    if (schools.denim === "same wash")
      return [
        {
          effect: "jars",
          say: "{one} and {other} are {distance} apart, and this rule book wants one wash.",
          names,
          figures,
          pieces,
          proposals,
        },
      ];
    const tones = Math.abs(first.L - second.L) >= apart;
    return [
      {
        effect: tones ? "note" : "rubs",
        say: tones
          ? "{one} and {other} are two washes plainly apart ({distance}): two tones."
          : "{one} and {other} are two washes almost alike ({distance}): a suit that failed.",
        names,
        figures,
        pieces,
        proposals: tones ? [] : proposals,
      },
    ];
  },
});
