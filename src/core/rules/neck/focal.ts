import type { Piece } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";

export const focal = defineRule({
  id: "neck.focal",
  lens: "style",
  weight: 1,
  title: "One zone leads at the face",
  why: "Statement earrings, necklace, scarf and brooch all ask for the same look; one leads, the others keep quiet. Earrings and a brooch of one kind may answer each other.",
  params: {
    statement: param(2, "boldness", "statement from which a piece leads"),
    most: param(1, "count", "leads at the face"),
  },
  schools: ["ornament"],
  read({ visible }, { statement, most }, schools) {
    const leads = visible
      .filter(({ piece }) => piece.statement >= statement && isAtFace(piece))
      .map(({ piece }) => piece);
    if (leads.length <= most || answer(leads)) return [];
    const metals = new Set(leads.map(({ metal }) => metal));
    if (schools.ornament === "layered" && metals.size === 1) return [];
    return [
      {
        effect: "rubs",
        say: "{count} pieces lead at the face: {pieces}.",
        names: { pieces: leads.map(({ name }) => name).join(", ") },
        figures: { count: atMost("leads at the face", leads.length, "count", most) },
        pieces: leads.map(({ id }) => id),
        proposals: leads.map(({ id }) => ({ kind: "take-off", piece: id })),
      },
    ];
  },
});

function isAtFace({ kind }: Piece): boolean {
  return kind === "earrings" || kind === "necklace" || kind === "scarf" || kind === "brooch";
}

/** Earrings and a brooch of one finish answer each other. */
function answer(leads: readonly Piece[]): boolean {
  const [one, other] = leads;
  if (leads.length !== 2 || !one || !other) return false;
  const kinds = [one.kind, other.kind].sort().join();
  return kinds === "brooch,earrings" && one.finish === other.finish;
}
