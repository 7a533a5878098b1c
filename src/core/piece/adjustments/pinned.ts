import { around } from "../../length/interval";
import type { Body } from "../../body/body";
import { choice } from "../field";
import { hasLapels } from "../kinds/cuts";
import { isKind, type Piece } from "../piece";
import { isScarfRing } from "../tied-scarf";
import { defineAdjustment } from "./define-adjustment";

/** Where a brooch can be pinned beside the chest, where it usually is. */
export const pinPlaces = ["lapel", "collar", "shoulder", "waist", "hat"] as const;

/** The height of each above the footbed, cm. */
const heights: Readonly<Record<(typeof pinPlaces)[number], (body: Body) => number>> = {
  lapel: ({ measures, height }) => measures.bustLine.cm + 0.035 * height,
  collar: ({ measures }) => measures.neckPoint.cm - 4,
  shoulder: ({ measures }) => measures.shoulder.cm - 2,
  waist: ({ measures }) => measures.waistLine.cm,
  hat: ({ height }) => 0.975 * height,
};

/** What must be worn for it. */
const holdsPin: Readonly<Record<(typeof pinPlaces)[number], (others: readonly Piece[]) => boolean>> = {
  lapel: (others) => others.some(hasLapel),
  collar: (others) => others.some((other) => "collar" in other.figures || hasShirtCollar(other)),
  shoulder: () => true,
  waist: (others) => others.some(({ kind }) => kind === "dress" || kind === "skirt"),
  hat: (others) => others.some(({ kind }) => kind === "hat"),
};

function hasLapel({ figures }: Piece): boolean {
  return "collar" in figures && hasLapels(figures);
}

function hasShirtCollar({ figures }: Piece): boolean {
  return "neckline" in figures && figures.neckline === "shirt collar";
}

/** A brooch pinned somewhere else than on the chest. */
export const pinned = defineAdjustment({
  settings: { at: choice("Pinned to", pinPlaces) },
  excludes: [],
  options: (piece) => (isKind(piece, "brooch") && !isScarfRing(piece) ? pinPlaces.map((at) => ({ at })) : []),
  extent: (_, { at }, { piece, body }) =>
    around(heights[at](body), isKind(piece, "brooch") ? piece.figures.width : 2),
  // On a hat it lies over it.
  layer: ({ at }) => (at === "hat" ? "tied on" : null),
  zone: ({ at }) => (at === "waist" ? "waist" : at === "lapel" || at === "shoulder" ? "trunk" : "face"),
  needs: (others, { at }) => holdsPin[at](others),
  words: {
    name: "Pinned",
    doing:
      "Pin {piece} {at, select, lapel {to the lapel} collar {at the collar} shoulder {on the shoulder} waist {at the waist} other {to the hat}}",
    undoing: "Pin {piece} on the chest",
    done: "{at, select, lapel {on the lapel} collar {at the collar} shoulder {on the shoulder} waist {at the waist} other {on the hat}}",
  },
});
