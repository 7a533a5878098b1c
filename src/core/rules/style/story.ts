import type { Piece } from "../../piece/piece";
import type { Pole } from "../../style/poles";
import { storyOf } from "../../style/story";
import { param } from "../../rule-book/params";
import { definePairRule } from "../define-rule";
import { atMost, figure } from "../figures";
import { swapOrTakeOff } from "../proposals";

export const story = definePairRule({
  id: "style.story",
  title: "The set tells one story",
  fault: "pieces from different days",
  why: "Classic and minimal are the ground that everything stands on. What speaks beyond that should say one thing, or set two opposites against each other on purpose; three ways at once are a jumble sale.",
  params: {
    most: param(2, "count", "unrelated ways a set may lean before it jars"),
  },
  tags: ["set"],
  messages: {
    shared: "Everything that stands out here says the same thing: {pole}.",
    contrast: "{pole} against {against}: two opposites, on purpose.",
    unrelated: "These pieces say {count} different things at once: {poles}.",
  },
  pair: ["contrast", "unrelated"],
  concerns: ({ piece }) => isHeard(piece),
  judgesBy: ({ poles, statement }) => `${poles.join()} ${statement}`,
  read({ accessories }, { params, judge }) {
    const pieces: Piece[] = [];
    for (const { piece } of accessories) if (isHeard(piece)) pieces.push(piece);
    if (pieces.length < 2) return [];
    const telling = pieces.filter((piece) => !isQuiet(piece));
    if (telling.length < 2) return [];
    const told = storyOf(telling);
    if (told.kind === "shared") {
      const isAll = told.pieces.length === telling.length && !grounds.has(told.pole);
      if (!isAll) return [];
      const figures = { count: figure("pieces that share it", telling.length, "count") };
      return [judge("lifts", "shared", { about: telling, words: { pole: told.pole }, figures })];
    }
    if (told.kind === "contrast") {
      const words = { pole: told.pole, against: told.against };
      return [judge("lifts", "contrast", { about: pieces, words })];
    }
    // At least half of all that is worn on one ground is no jumble.
    const ways = told.poles.filter((pole) => !grounds.has(pole));
    if (ways.length < 2 || (ways.length <= params.most && storyOf(pieces).kind === "shared")) return [];
    return [
      judge(ways.length > params.most ? "jars" : "rubs", "unrelated", {
        about: pieces,
        words: { poles: ways.join(", ") },
        figures: { count: atMost("unrelated ways", ways.length, "count", 1) },
        proposals: swapOrTakeOff(...telling),
      }),
    ];
  },
});

/** The ground that everything stands on: to be classic is no story. */
const grounds: ReadonlySet<Pole> = new Set(["classic", "minimal"]);

/** Hosiery tells nothing, and of a piece of which nobody has said how it leans nothing is known. */
function isHeard({ kind, poles }: Piece): boolean {
  return kind !== "hosiery" && poles.length > 0;
}

/** Quiet company goes along with any story: nothing of a statement, and only classic or minimal. */
function isQuiet({ statement, poles }: Piece): boolean {
  return statement === 0 && poles.every((pole) => pole === "classic" || pole === "minimal");
}
