import { choice } from "../field";
import { isKind, type Piece } from "../piece";
import { defineAdjustment } from "./define-adjustment";

/** How a jacket or a coat can be worn in front. */
export const frontWays = ["open", "closed", "over the shoulders"] as const;

/** What warmth a layer loses when nobody's arms are in it, clo. */
const armsOutClo = -0.1;

/** A jacket or a coat worn open, closed, or laid over the shoulders with its sleeves empty. */
export const front = defineAdjustment({
  settings: { how: choice("In front", frontWays) },
  excludes: ["sleeves-pushed"],
  options: (piece) => {
    if (!isLayer(piece)) return [];
    const { form, sleeve, closed } = piece.figures;
    const canLie = form !== "cape" && form !== "waistcoat" && sleeve !== "none";
    return frontWays
      .filter((how) => how !== (closed ? "closed" : "open") && (how !== "over the shoulders" || canLie))
      .map((how) => ({ how }));
  },
  asWorn: (piece, { how }) =>
    isLayer(piece)
      ? ({ ...piece, figures: { ...piece.figures, closed: how === "closed" } } as typeof piece)
      : piece,
  insulation: ({ how }) => (how === "over the shoulders" ? armsOutClo : 0),
  station: () => "layer",
  words: {
    name: "In front",
    doing:
      "{how, select, open {Wear {piece} open} closed {Close {piece}} other {Lay {piece} over the shoulders}}",
    undoing: "Wear {piece} as usual",
    done: "{how, select, open {worn open} closed {closed} other {over the shoulders}}",
  },
});

function isLayer(piece: Piece): piece is Extract<Piece, { kind: "coat" | "jacket" }> {
  return isKind(piece, "coat") || isKind(piece, "jacket");
}
