import type { Piece } from "../../piece/piece";
import { storyOf } from "../../style/story";
import { param } from "../../rule-book/params";
import { definePairRule } from "../define-rule";
import { atMost, figure } from "../figures";
import { swapOrTakeOff } from "../proposals";

export const story = definePairRule({
  id: "style.story",
  title: "The set tells one story",
  why: "Half of a set should lean one way, or lean against it on purpose; three ways at once is a jumble sale.",
  params: {
    most: param(2, "count", "unrelated ways a set may lean before it jars"),
    whole: param(3, "count", "pieces from which all leaning one way is a story"),
  },
  tags: ["set"],
  messages: {
    shared: "All {count} pieces are {pole}.",
    contrast: "Deliberate contrast: {pole} against {against}, and nothing else.",
    unrelated: "{count} unrelated ways at once: {poles}.",
  },
  pair: ["contrast", "unrelated"],
  concerns: ({ piece: { kind } }) => kind !== "hosiery",
  judgesBy: ({ poles, statement }) => `${poles.join()} ${statement}`,
  read({ accessories }, { params, judge }) {
    const pieces: Piece[] = [];
    for (const { piece } of accessories) if (piece.kind !== "hosiery") pieces.push(piece);
    if (pieces.length < 2) return [];
    const whole = storyOf(pieces);
    const telling = whole.kind === "shared" ? pieces : pieces.filter((piece) => !isQuiet(piece));
    if (telling.length < 2) return [];
    const told = telling.length === pieces.length ? whole : storyOf(telling);
    if (told.kind === "shared") {
      if (told.pieces.length < pieces.length || pieces.length < params.whole) return [];
      const figures = { count: figure("pieces that share it", told.pieces.length, "count") };
      return [judge("lifts", "shared", { about: pieces, words: { pole: told.pole }, figures })];
    }
    if (told.kind === "contrast") {
      const words = { pole: told.pole, against: told.against };
      return [judge("lifts", "contrast", { about: pieces, words })];
    }
    return [
      judge(told.poles.length > params.most ? "jars" : "rubs", "unrelated", {
        about: pieces,
        words: { poles: told.poles.join(", ") },
        figures: { count: atMost("unrelated ways", told.poles.length, "count", 1) },
        proposals: swapOrTakeOff(...pieces),
      }),
    ];
  },
});

/** Quiet company goes along with any story: nothing of a statement, and only classic or minimal. */
function isQuiet({ statement, poles }: Piece): boolean {
  return statement === 0 && poles.every((pole) => pole === "classic" || pole === "minimal");
}
