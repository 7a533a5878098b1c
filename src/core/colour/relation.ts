import { isNearBlack, isNearWhite } from "./depth";
import { difference } from "./difference";
import { familyOf, isNeutralFamily } from "./family";
import type { Shade } from "./shade";
import { temperature } from "./temperature";

export type RelationKind =
  "same" | "near miss" | "tonal" | "neutral + colour" | "analogous" | "contrast" | "opposite" | "neutrals";

/** What two swatches are to one another, with the figures that decide. */
export interface Relation {
  readonly kind: RelationKind;
  /** CIEDE2000. */
  readonly distance: number;
  /** Difference of depth, L*. */
  readonly depth: number;
  /** Angle between the hues, 0-180 deg. */
  readonly hueAngle: number;
  /** Two clear colours at 50-180 deg. */
  readonly loud: boolean;
}

const clear = 0.65;

/** The relation of two shades: same, near miss, tonal, neutral + colour, analogous, contrast, opposite. */
export function relationOf(one: Shade, other: Shade): Relation {
  const distance = difference(one, other);
  const depth = Math.abs(one.L - other.L);
  const turned = Math.abs(one.hue - other.hue);
  const hueAngle = Math.min(turned, 360 - turned);
  const neutrals = [one, other].filter((shade) => isNeutralFamily(familyOf(shade))).length;
  const loud = neutrals === 0 && one.clarity > clear && other.clarity > clear && hueAngle >= 50;
  return { kind: kindOf(), distance, depth, hueAngle, loud };

  function kindOf(): RelationKind {
    if (distance <= 2.5) return "same";
    const alike =
      familyOf(one) === familyOf(other) ||
      (isNearWhite(one) && isNearWhite(other)) ||
      (isNearBlack(one) && isNearBlack(other));
    if (distance <= 9 && depth < 8 && alike) return "near miss";
    if (neutrals === 2)
      return depth >= 8 && temperature(one) * temperature(other) >= 0 ? "tonal" : "neutrals";
    if (neutrals === 0 && hueAngle <= 25 && depth >= 8) return "tonal";
    if (neutrals === 1) return hueAngle <= 25 && depth >= 8 ? "tonal" : "neutral + colour";
    if (hueAngle < 50) return "analogous";
    return hueAngle < 130 ? "contrast" : "opposite";
  }
}
