import { putInOrder } from "../../lists/put-in-order";
import { clash, loudnessOf } from "../../finish/clash";
import { finishes, type Finish, type Kin } from "../../finish/finishes";
import type { Piece } from "../../piece/piece";
import { sizeClassOf } from "../../piece/size-class";
import { param } from "../../rule-book/params";
import { definePairRule } from "../define-rule";
import { atMost, figure } from "../figures";
import { swapOrTakeOff } from "../proposals";
import { hopeFor, noHope, surely } from "../outlook";

interface Surface {
  readonly piece: Piece;
  readonly finish: Finish;
  readonly boldness: number;
  readonly kin: Kin;
}

export const oneBold = definePairRule({
  id: "finish.one-bold",
  reads: "everything",
  title: "One bold surface",
  fault: "surfaces at odds",
  why: "A bold finish wants to be the only one of its kind of loudness; a quieter one of the same kin picks it up, another kin argues with it. Whatever catches the light keeps company by evening; beside velvet it looks like a mistake.",
  params: {
    bold: param(2, "boldness", "boldness from which a finish counts as bold"),
    size: param(2, "count", "size from which a piece is a surface at all: jewellery is none"),
  },
  tags: ["set"],
  messages: {
    picked: "{echo} {echoCount, plural, one {picks} other {pick}} up the {finish} of {lead} more quietly.",
    many: "{finishes} are loud surfaces that compete: {pieces}.",
  },
  pair: ["picked", "many"],
  concerns: ({ piece }) => surfacesOf(piece).some(({ boldness }) => boldness > 0),
  judgesBy: ({ kind, finish, secondFinish }) => `${kind} ${finish} ${secondFinish ?? ""}`,
  read({ visible }, { params, judge }) {
    const loud: Surface[] = [];
    for (const { piece } of visible) {
      if (sizeClassOf(piece) < params.size) continue;
      for (const surface of surfacesOf(piece))
        if (surface.boldness >= params.bold && surface.finish !== "pearl") loud.push(surface);
    }
    putInOrder(
      loud,
      (one, other) => other.boldness - one.boldness || (one.piece.id < other.piece.id ? -1 : 1),
    );
    const [lead] = loud;
    if (!lead) return [];
    const kins = loud.length === 1 ? 1 : new Set(loud.map(loudnessOf)).size;
    if (kins === 1) {
      const echo: Piece[] = [];
      for (const { piece } of visible) {
        if (piece === lead.piece) continue;
        for (const { kin, boldness } of surfacesOf(piece))
          if (kin === lead.kin && boldness > 0 && boldness < params.bold) echo.push(piece);
      }
      if (echo.length === 0) return [];
      const figures = { boldness: figure("boldness of the lead", lead.boldness, "boldness") };
      const words = { finish: lead.finish };
      return [judge("lifts", "picked", { of: { lead: lead.piece, echo }, words, figures })];
    }
    const pieces = [...new Set(loud.map(({ piece }) => piece))];
    return [
      judge(clash(loud) ? "jars" : "rubs", "many", {
        of: { pieces },
        words: { finishes: [...new Set(loud.map(({ finish }) => finish))].join(" and ") },
        figures: { kins: atMost("kinds of bold surface", kins, "count", 1) },
        proposals: swapOrTakeOff(...pieces),
      }),
    ];
  },
  hope({ all }, { params, said }) {
    const now = surely(said());
    if (now.faults.length > 0) return now;
    const worn = all.flatMap(({ piece }) => surfacesOf(piece));
    const picks = worn.some(
      (lead) =>
        lead.boldness >= params.bold &&
        worn.some(
          ({ kin, boldness, piece }) =>
            kin === lead.kin && boldness > 0 && boldness < params.bold && piece !== lead.piece,
        ),
    );
    return picks ? hopeFor("lifts") : noHope;
  },
});

const surfaces = new WeakMap<Piece, readonly Surface[]>();

function surfacesOf(piece: Piece): readonly Surface[] {
  let found = surfaces.get(piece);
  if (!found) {
    const names = piece.secondFinish ? [piece.finish, piece.secondFinish] : [piece.finish];
    found = names.map((finish) => ({ piece, finish, ...finishes[finish] }));
    surfaces.set(piece, found);
  }
  return found;
}
