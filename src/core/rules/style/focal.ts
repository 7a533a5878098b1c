import type { Worn } from "../../dressing/dressed";
import { speaks, type Piece } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { definePairRule } from "../define-rule";
import { atMost } from "../figures";
import { takeOff } from "../proposals";

export const focal = definePairRule({
  id: "style.focal",
  reads: ["earrings", "neck", "necklace", "brooch"],
  title: "One zone leads at the face",
  fault: "too much at the face",
  why: "Statement earrings, necklace, scarf and brooch all ask for the same look; one leads, the others keep quiet. Earrings and a brooch of one kind may answer each other.",
  params: {
    statement: param(2, "statement", "how much a piece speaks from which it leads"),
    most: param(1, "count", "leads at the face"),
  },
  schools: ["ornament"],
  tags: ["set", "neck"],
  messages: { many: "{count} pieces lead at the face: {pieces}. One is enough." },
  pair: ["many"],
  concerns: (item, { statement }) => speaks(item.piece, statement) && isAtFace(item),
  read({ visible }, { params, schools, judge }) {
    const pieces: Piece[] = [];
    for (const item of visible)
      if (speaks(item.piece, params.statement) && isAtFace(item)) pieces.push(item.piece);
    if (pieces.length <= params.most || answer(pieces)) return [];
    const metals = new Set(pieces.map(({ metal }) => metal));
    if (schools.ornament === "layered" && metals.size === 1) return [];
    return [
      judge("rubs", "many", {
        of: { pieces },
        figures: { count: atMost("leads at the face", pieces.length, "count", params.most) },
        proposals: pieces.map(takeOff),
      }),
    ];
  },
});

/** As it is worn, at the face or on the chest: a scarf on the bag, or a brooch at the waist, leaves the face alone. */
function isAtFace({ zone, piece: { kind } }: Worn): boolean {
  if (zone !== "face" && zone !== "trunk") return false;
  return kind === "earrings" || kind === "necklace" || kind === "scarf" || kind === "brooch";
}

/** Earrings and a brooch of one finish answer each other. */
function answer(leads: readonly Piece[]): boolean {
  const [one, other] = leads;
  if (leads.length !== 2 || !one || !other) return false;
  const kinds = [one.kind, other.kind].sort().join();
  return kinds === "brooch,earrings" && one.finish === other.finish;
}
