import type { Dressed, Patch } from "../../dressing/dressed";
import { isSpringOrSummer } from "../../place/season";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { wear } from "../proposals";

export const hardContrast = defineRule({
  id: "colour.hard-contrast",
  reads: "everything",
  title: "Two blocks far apart in depth",
  fault: "a hard contrast",
  why: "A large light and a large dark with nothing between cut the figure in two; the dark met again at the foot or in two small places, or a tone between them, makes one outfit of it.",
  params: {
    area: param(0.25, "share", "least share of each of the two blocks"),
    depth: param(70, "L*", "difference of depth from which they are far apart"),
    summer: param(50, "L*", "the same by daylight in spring and summer"),
    between: param(0.05, "share", "share of a tone between them that joins them"),
    middle: param(0.6, "share", "the middle part of the range that counts as between"),
    again: param(15, "L*", "how near in depth the dark is met again"),
    small: param(2, "count", "small places that meet the dark again as well as the foot does"),
  },
  messages: {
    hard: "{light} and {dark} are very far apart in depth, with nothing in between and no second touch of the dark: the contrast is too hard.",
  },
  read(dressed, { params, judge }) {
    const { palette, look } = dressed;
    const blocks = palette.filter((patch) => patch.area >= params.area);
    const light = extreme(blocks, 1);
    const dark = extreme(blocks, -1);
    if (!light || !dark || !isHard(dark)) return [];
    const apart = light.tint.shade.L - dark.tint.shade.L;
    const summer = look.occasion?.light === "daylight" && isSpringOrSummer(look.occasion.day);
    const most = summer ? params.summer : params.depth;
    if (apart < most) return [];
    const edge = (apart * (1 - params.middle)) / 2;
    const [from, to] = [dark.tint.shade.L + edge, light.tint.shade.L - edge];
    const joining = palette
      .filter(({ tint: { shade } }) => shade.L > from && shade.L < to)
      .reduce((sum, patch) => sum + patch.area, 0);
    if (joining > params.between || isMetAgain(dressed, dark, params.again, params.small)) return [];
    return [
      judge("rubs", "hard", {
        of: { light: light.item, dark: dark.item },
        figures: { apart: atMost("difference of depth", apart, "L*", most) },
        proposals: wear("shoe", "bag", "earrings", "layer", "neck"),
      }),
    ];
  },
});

/** Denim and navy are working darks: a white shirt over them is a classic. */
function isHard({ tint: { family } }: Patch): boolean {
  return family === "black" || family === "charcoal";
}

function extreme(patches: readonly Patch[], sign: 1 | -1): Patch | null {
  return patches.reduce<Patch | null>(
    (found, patch) => (!found || sign * (patch.tint.shade.L - found.tint.shade.L) > 0 ? patch : found),
    null,
  );
}

/** The dark at the foot, or in enough small places. */
function isMetAgain({ palette }: Dressed, dark: Patch, within: number, enough: number): boolean {
  const small = new Set<string>();
  for (const { item, tint } of palette) {
    if (item.slot === null || tint.shade.L > dark.tint.shade.L + within) continue;
    if (item.piece.kind === "shoe") return true;
    small.add(item.piece.id);
  }
  return small.size >= enough;
}
