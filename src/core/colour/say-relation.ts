import { familyOf } from "./family";
import { relationOf, type Relation } from "./relation";
import type { Shade } from "./shade";

/** What two swatches are to one another, in words and figures. */
export interface SaidRelation {
  readonly relation: Relation;
  /** The name of the relation. */
  readonly name: string;
  /** Why, with the figures that decide. */
  readonly why: string;
}

/** Says the relation of two shades as a colleague would. */
export function sayRelation(one: Shade, other: Shade): SaidRelation {
  const relation = relationOf(one, other);
  const { kind, distance, depth, hueAngle, loud } = relation;
  const dE = `dE ${distance.toFixed(1)}`;
  const deep = `${Math.round(depth)} L* apart in depth`;
  const hue = `${Math.round(hueAngle)}° of hue apart`;
  const families = [familyOf(one), familyOf(other)];
  const why = {
    same: `One colour to the eye: ${dE}, and the eye parts two from about 2.5.`,
    "near miss": `${dE} and ${deep}, both ${families[0] === families[1] ? families[0] : "of one end of the scale"}: it looks like a match that failed.`,
    tonal: `${hue} and ${deep}: one colour, deeper and lighter.`,
    neutrals: `Two neutrals, ${families.join(" and ")}, ${deep}.`,
    "neutral + colour": `A neutral and a colour, ${families.join(" and ")}, ${deep}: the colour speaks, the neutral lets it.`,
    analogous: `${hue}: neighbours on the wheel (25 to 50°).`,
    contrast: `${hue}: across a third of the wheel (50 to 130°).`,
    opposite: `${hue}: opposite sides of the wheel (from 130°).`,
  }[kind];
  return { relation, name: kind, why: loud ? `${why} Both are clear: loud.` : why };
}
