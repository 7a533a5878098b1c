import type { Piece } from "../../piece/piece";
import { storyOf } from "../../style/story";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost, figure } from "../figures";
import { swapOrTakeOff } from "../visible";

export const story = defineRule({
  id: "style.story",
  lens: "style",
  weight: 1,
  title: "The set tells one story",
  why: "Half of a set should lean one way, or lean against it on purpose; three ways at once is a jumble sale.",
  params: { most: param(2, "count", "unrelated ways a set may lean before it jars") },
  read({ accessories }, { most }) {
    const pieces: Piece[] = [];
    for (const { piece } of accessories) if (piece.kind !== "hosiery") pieces.push(piece);
    if (pieces.length < 2) return [];
    const whole = storyOf(pieces);
    const telling = pieces.filter((piece) => !isQuiet(piece));
    if (whole.kind !== "shared" && telling.length < 2) return [];
    const told = whole.kind === "shared" ? whole : storyOf(telling);
    const ids = pieces.map(({ id }) => id);
    if (told.kind === "shared") {
      if (told.pieces.length < pieces.length || pieces.length < 3) return [];
      return [
        {
          effect: "lifts",
          say: "All {count} pieces are {pole}.",
          names: { pole: told.pole },
          figures: { count: figure("pieces that share it", told.pieces.length, "count") },
          pieces: ids,
        },
      ];
    }
    if (told.kind === "contrast")
      return [
        {
          effect: "lifts",
          say: "Deliberate contrast: {pole} against {against}, and nothing else.",
          names: { pole: told.pole, against: told.against },
          pieces: ids,
        },
      ];
    return [
      {
        effect: told.poles.length > most ? "jars" : "rubs",
        say: "{count} unrelated ways at once: {poles}.",
        names: { poles: told.poles.join(", ") },
        figures: { count: atMost("unrelated ways", told.poles.length, "count", 1) },
        pieces: ids,
        proposals: swapOrTakeOff(pieces),
      },
    ];
  },
});

/** Quiet company goes along with any story: nothing of a statement, and only classic or minimal. */
function isQuiet({ statement, poles }: Piece): boolean {
  return statement === 0 && poles.every((pole) => pole === "classic" || pole === "minimal");
}
