import { finishes, type Finish } from "../../finish/finishes";
import { isJewellery, type Piece } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { definePairRule } from "../define-rule";
import { atMost } from "../figures";
import { swapOrTakeOff } from "../proposals";

const embellishments: ReadonlySet<Finish> = new Set([
  "crystal",
  "sequin",
  "pearl",
  "stud",
  "fringe",
  "bow",
  "chain",
  "feather",
]);

export const embellishment = definePairRule({
  id: "finish.embellishment",
  title: "One kind of embellishment",
  why: "Crystal answers crystal and pearl answers pearl; crystal beside sequins looks like two parties at once.",
  params: { most: param(1, "count", "kinds of embellishment that agree") },
  schools: ["ornament"],
  tags: ["set"],
  messages: {
    joined: "{kinds} kinds of embellishment ({named}), held together by one metal.",
    many: "{kinds} kinds of embellishment at once, {named}: {pieces}.",
  },
  pair: ["joined", "many"],
  concerns: ({ piece }) => embellishmentsOf(piece).length > 0,
  read({ visible }, { params, schools, judge }) {
    const decked: { readonly piece: Piece; readonly kinds: readonly Finish[] }[] = [];
    for (const { piece } of visible) {
      const kinds = embellishmentsOf(piece);
      if (kinds.length > 0) decked.push({ piece, kinds });
    }
    if (decked.length < 2) return [];
    const kinds = [...new Set(decked.flatMap((item) => item.kinds))];
    if (kinds.length <= params.most) return [];
    const pieces = decked.map(({ piece }) => piece);
    const metals = new Set(pieces.map(({ metal }) => metal).filter((metal) => metal !== "none"));
    const facts = {
      of: { pieces },
      words: { named: kinds.join(" and ") },
      figures: { kinds: atMost("kinds of embellishment", kinds.length, "count", params.most) },
    };
    if (schools.ornament === "layered" && metals.size === 1) return [judge("note", "joined", facts)];
    return [judge("jars", "many", { proposals: swapOrTakeOff(...pieces) }, facts)];
  },
});

const nothing: readonly Finish[] = [];

function embellishmentsOf(piece: Piece): readonly Finish[] {
  const { finish, secondFinish } = piece;
  const second = secondFinish !== null && decks(piece, secondFinish) ? secondFinish : null;
  if (!decks(piece, finish)) return second ? [second] : nothing;
  return second ? [finish, second] : [finish];
}

/** A chain is what jewellery is made of, and an ornament anywhere else. */
function decks(piece: Piece, finish: Finish): boolean {
  return embellishments.has(finish) && !(finishes[finish].kin === "metal" && isJewellery(piece));
}
