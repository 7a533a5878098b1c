import { finishes, type Finish } from "../../finish/finishes";
import type { Piece } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { listed, swapOrTakeOff } from "../visible";

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
const jewellery: ReadonlySet<Piece["kind"]> = new Set([
  "earrings",
  "necklace",
  "brooch",
  "bracelet",
  "watch",
  "ring",
]);

export const embellishment = defineRule({
  id: "finish.embellishment",
  lens: "finish",
  weight: 1,
  title: "One kind of embellishment",
  why: "Crystal answers crystal and pearl answers pearl; crystal beside sequins looks like two parties at once.",
  params: { most: param(1, "count", "kinds of embellishment that agree") },
  schools: ["ornament"],
  read({ visible }, { most }, schools) {
    const decked: { readonly piece: Piece; readonly kinds: readonly Finish[] }[] = [];
    for (const { piece } of visible)
      if (isDecked(piece)) decked.push({ piece, kinds: embellishmentsOf(piece) });
    if (decked.length < 2) return [];
    const kinds = [...new Set(decked.flatMap((item) => item.kinds))];
    if (kinds.length <= most) return [];
    const pieces = decked.map(({ piece }) => piece);
    const metals = new Set(pieces.map(({ metal }) => metal).filter((metal) => metal !== "none"));
    const layered = schools.ornament === "layered" && metals.size === 1;
    return [
      {
        effect: layered ? "note" : "jars",
        say: layered
          ? "{kinds} kinds of embellishment ({named}), held together by one metal."
          : "{kinds} kinds of embellishment at once, {named}: {pieces}.",
        names: { named: kinds.join(" and "), pieces: listed(pieces) },
        figures: { kinds: atMost("kinds of embellishment", kinds.length, "count", most) },
        pieces: pieces.map(({ id }) => id),
        proposals: layered ? [] : swapOrTakeOff(pieces),
      },
    ];
  },
});

function isDecked(piece: Piece): boolean {
  return decks(piece, piece.finish) || (piece.secondFinish !== null && decks(piece, piece.secondFinish));
}

/** A chain is what jewellery is made of, and an ornament anywhere else. */
function decks(piece: Piece, finish: Finish): boolean {
  return embellishments.has(finish) && !(finishes[finish].kin === "metal" && jewellery.has(piece.kind));
}

function embellishmentsOf(piece: Piece): Finish[] {
  return [piece.finish, piece.secondFinish].filter(
    (finish): finish is Finish => finish !== null && decks(piece, finish),
  );
}
