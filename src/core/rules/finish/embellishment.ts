import type { Finish } from "../../finish/finishes";
import type { Piece } from "../../piece/piece";
import { sizeClassOf } from "../../piece/size-class";
import { param } from "../../rule-book/params";
import { definePairRule } from "../define-rule";
import { atMost } from "../figures";
import { swapOrTakeOff } from "../proposals";

const embellishments: ReadonlySet<Finish> = new Set([
  "crystal",
  "sequin",
  "glitter",
  "pearl",
  "stud",
  "feather",
]);

export const embellishment = definePairRule({
  id: "finish.embellishment",
  reads: "everything",
  title: "One kind of embellishment",
  fault: "ornaments at odds",
  why: "Crystal answers crystal and pearl answers pearl; crystal shoes beside a sequin bag look like two parties at once. Small jewellery is the jeweller's own affair.",
  params: { most: param(1, "count", "kinds of embellishment that agree") },
  schools: ["ornament"],
  tags: ["set"],
  messages: {
    joined: "{named} together, in one metal: {pieces}.",
    many: "{named} at once, on {pieces}. One kind of ornament is enough.",
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

/** Pearl with crystal in small jewellery is one jeweller's work: ornament is what decks larger pieces. */
function decks(piece: Piece, finish: Finish): boolean {
  return embellishments.has(finish) && sizeClassOf(piece) > 1;
}
