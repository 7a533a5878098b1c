import { depthBand } from "./bands";
import { familyOf, isNeutralFamily } from "./family";
import { relationOf, type Relation } from "./relation";
import type { Shade } from "./shade";

/** What two swatches are to one another, in words and figures. */
export interface SaidRelation {
  readonly relation: Relation;
  /** The name of the relation. */
  readonly name: string;
  /** What it does, as a colleague would say it. */
  readonly why: string;
  /** The figures that decide, for whoever wants them. */
  readonly figures: string;
}

/** Says the relation of two shades as a colleague would. */
export function sayRelation(one: Shade, other: Shade): SaidRelation {
  const relation = relationOf(one, other);
  const { kind, distance, depth, hueAngle, loud } = relation;
  const steps = sayDepth(one, other);
  const families = [familyOf(one), familyOf(other)];
  const both = families[0] === families[1] ? `two shades of ${families[0]}` : families.join(" and ");
  const neutrals =
    families[0] === families[1] ? `One ${families[0]}, ${steps}.` : `Two neutrals, ${both}, ${steps}.`;
  const why = {
    same: "To the eye they are the same colour.",
    "near miss": `They are nearly the same, ${both}: it looks like a match that did not work.`,
    tonal: families.every(isNeutralFamily) ? neutrals : `One colour, ${steps}.`,
    neutrals,
    "neutral + colour": `A neutral and a colour, ${both}, ${steps}: the colour stands out and the neutral lets it.`,
    analogous: "Neighbouring colours: they sit easily together.",
    contrast: "Clearly different colours: each is seen for itself.",
    opposite: "Opposite colours: each makes the other look stronger.",
  }[kind];
  return {
    relation,
    name: kind,
    why: loud ? `${why} Both are clear, so together they are loud.` : why,
    figures: `colour difference ${distance.toFixed(1)} (CIEDE2000), depth ${Math.round(depth)} of 100 apart, hue ${Math.round(hueAngle)}\u00b0 apart`,
  };
}

/** How much darker one is than the other, in shades of seven. */
function sayDepth(one: Shade, other: Shade): string {
  const steps = Math.abs(depthBand(one.L) - depthBand(other.L));
  if (steps === 0) return "about equally dark";
  return steps === 1 ? "one shade apart" : `${steps} shades apart`;
}
