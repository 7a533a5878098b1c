import type { RegisterSpan } from "../../register/ladder";
import { isKind } from "../piece";
import type { Swatch } from "../swatch";
import { defineAdjustment } from "./define-adjustment";

/** What a strap of each kind makes of a watch's level, steps. */
const steps = { leather: 0, metal: 0.25, cloth: -0.5, none: 0 } as const;

/** A watch on its other strap. */
export const otherStrap = defineAdjustment({
  settings: {},
  excludes: [],
  options: (piece) => (isKind(piece, "watch") && piece.figures.otherStrap !== "none" ? [{}] : []),
  asWorn: (piece) => {
    if (!isKind(piece, "watch") || piece.figures.otherStrap === "none") return piece;
    const { otherStrap: strapMade, strapMade: before } = piece.figures;
    const register = piece.register && shifted(piece.register, steps[strapMade] - steps[before]);
    return {
      ...piece,
      register,
      swatches: onOtherStrap(piece.swatches),
      figures: { ...piece.figures, strapMade, otherStrap: before },
    };
  },
  words: {
    name: "On its other strap",
    doing: "Put {piece} on its other strap",
    undoing: "Put {piece} back on its usual strap",
    done: "on its other strap",
  },
});

function shifted({ low, centre, high }: RegisterSpan, by: number): RegisterSpan {
  const within = (level: number) => Math.min(9, Math.max(1, level));
  return { low: within(low + by), centre: within(centre + by), high: within(high + by) };
}

/** The colour kept with the piece as its other side is that of its other strap; without one the colour stays. */
function onOtherStrap(swatches: readonly Swatch[]): readonly Swatch[] {
  const other = swatches.find(({ role }) => role === "reverse");
  if (!other) return swatches;
  const seen = swatches.filter(({ role }) => role !== "reverse");
  const [strap, ...rest] = seen;
  if (!strap) return swatches;
  return [{ ...strap, hex: other.hex }, ...rest, { ...other, hex: strap.hex }];
}
