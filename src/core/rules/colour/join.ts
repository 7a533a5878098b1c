import { isNearWhite } from "../../colour/depth";
import { difference } from "../../colour/difference";
import { familyOf } from "../../colour/family";
import type { Dressed } from "../../dressing/dressed";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast } from "../figures";
import type { Judgement } from "../finding";

export const join = defineRule({
  id: "colour.join",
  lens: "colour",
  weight: 1,
  title: "Where top and bottom meet",
  why: "Two garments nearly of a depth but not the same blur at the waist; a belt, a tuck or a layer decides where one ends.",
  params: {
    depth: param(12, "L*", "under this difference of depth a join is weak"),
    distance: param(14, "dE", "under this difference of colour a join is weak"),
    same: param(2.5, "dE", "up to this they are one cloth"),
    clear: param(25, "L*", "from this difference of depth no belt is needed"),
    tonal: param(0.8, "share", "one family over this much of the look is tonal by intent"),
  },
  read(dressed, { depth, distance, same, clear, tonal }) {
    const waist = dressed.touches.find((touch) => touch.join === "waist");
    const upper = waist?.upper.profile.ground?.shade;
    const lower = waist?.lower.profile.ground?.shade;
    if (!waist || !upper || !lower) return [];
    const depthApart = Math.abs(upper.L - lower.L);
    const apart = difference(upper, lower);
    const shared: Omit<Judgement, "effect" | "say"> = {
      names: { upper: waist.upper.piece.name, lower: waist.lower.piece.name },
      figures: {
        depth: atLeast("difference of depth", depthApart, "L*", depth),
        apart: atLeast("difference of colour", apart, "dE", distance),
      },
      pieces: [waist.upper.piece.id, waist.lower.piece.id],
    };
    if (depthApart >= clear)
      return [
        {
          effect: "lifts",
          say: "{upper} and {lower} are {depth} apart: the join is clear, no belt needed.",
          ...shared,
        },
      ];
    const weak = depthApart < depth && apart < distance && apart > same;
    const whites = isNearWhite(upper) && isNearWhite(lower);
    if (!weak || whites) return [];
    if (waist.separator)
      return [
        {
          ...shared,
          effect: "lifts",
          say: "The join of {upper} and {lower} is decided by {belt}.",
          names: { ...shared.names, belt: waist.separator.piece.name },
          pieces: [...shared.pieces, waist.separator.piece.id],
        },
      ];
    if (largestFamily(dressed) >= tonal) return [];
    return [
      {
        ...shared,
        effect: "rubs",
        say: "{upper} and {lower} are only {depth} and {apart} apart: the join blurs.",
        proposals: [
          { kind: "wear", slot: "belt" },
          { kind: "tuck-in", piece: waist.upper.piece.id },
          { kind: "wear", slot: "layer" },
        ],
      },
    ];
  },
});

/** The share of the look that its largest family takes. */
function largestFamily(dressed: Dressed): number {
  const shares = new Map<string, number>();
  for (const item of dressed.worn)
    for (const tint of item.profile.tints) {
      const family = familyOf(tint.shade);
      shares.set(family, (shares.get(family) ?? 0) + item.area * tint.share);
    }
  return Math.max(0, ...shares.values());
}
