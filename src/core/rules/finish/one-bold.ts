import { clash } from "../../finish/clash";
import { finishes, type Finish, type Kin } from "../../finish/finishes";
import type { Piece } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost, figure } from "../figures";
import { swapOrTakeOff } from "../visible";

interface Bold {
  readonly piece: Piece;
  readonly finish: Finish;
  readonly boldness: number;
  readonly kin: Kin;
}

export const oneBold = defineRule({
  id: "finish.one-bold",
  lens: "finish",
  weight: 1,
  title: "One bold surface",
  why: "A bold finish wants to be the only one of its kind of loudness; a quieter one of the same kin picks it up, another kin argues with it.",
  params: { bold: param(2, "boldness", "boldness from which a finish counts as bold") },
  read({ visible }, { bold }) {
    const seen: Bold[] = [];
    for (const { piece } of visible) for (const surface of surfacesOf(piece)) seen.push(surface);
    const loud = seen.filter((surface) => surface.boldness >= bold);
    const lead = loud[0];
    if (!lead) return [];
    const kins = [...new Set(loud.map((surface) => surface.kin))];
    const names = { pieces: loud.map((surface) => `${surface.piece.name} (${surface.finish})`).join(", ") };
    const pieces = loud.map((surface) => surface.piece.id);
    if (kins.length === 1) {
      const quiet = seen.filter(
        (surface) =>
          surface.kin === lead.kin &&
          surface.boldness > 0 &&
          surface.boldness < bold &&
          surface.piece !== lead.piece,
      );
      if (quiet.length === 0) return [];
      const echo = quiet.map((surface) => surface.piece.name).join(", ");
      const figures = { boldness: figure("boldness of the lead", lead.boldness, "boldness") };
      return [
        {
          effect: "lifts",
          say: "The {finish} of {lead} is picked up, quieter, by {echo}.",
          names: { echo, lead: lead.piece.name, finish: lead.finish },
          figures,
          pieces: [lead.piece.id, ...quiet.map((surface) => surface.piece.id)],
        },
      ];
    }
    const jars = kins.length > 2 || clash(loud);
    const figures = { kins: atMost("kinds of bold surface", kins.length, "count", 1) };
    return [
      {
        effect: jars ? "jars" : "rubs",
        say: "{kins} of bold surface at once: {pieces}.",
        names,
        figures,
        pieces,
        proposals: swapOrTakeOff(loud.map(({ piece }) => piece)),
      },
    ];
  },
});

const surfaces = new WeakMap<Piece, readonly Bold[]>();

function surfacesOf(piece: Piece): readonly Bold[] {
  let found = surfaces.get(piece);
  if (!found) {
    const names = piece.secondFinish ? [piece.finish, piece.secondFinish] : [piece.finish];
    found = names.map((finish) => ({ piece, finish, ...finishes[finish] }));
    surfaces.set(piece, found);
  }
  return found;
}
