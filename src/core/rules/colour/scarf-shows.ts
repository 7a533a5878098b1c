import { difference } from "../../colour/difference";
import { isWornSo, type Dressed, type Worn } from "../../dressing/dressed";
import type { Tint } from "../../dressing/profile";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { figure } from "../figures";
import { hopeFor, noHope } from "../outlook";
import { wearsNear } from "./joined-tones";

export const scarfShows = defineRule({
  id: "colour.scarf-shows",
  reads: "everything",
  weight: 0.5,
  title: "The colour a folded scarf shows",
  fault: "a colour folded away",
  why: "Which colour of a square is seen is decided by the fold: the one that is met again elsewhere is the one to show.",
  params: {
    share: param(0.2, "share", "least part of what shows of the scarf"),
    near: param(12, "dE", "how alike two colours are to be one"),
  },
  tags: ["neck"],
  messages: {
    shows:
      "Folded like this, {scarf} {scarfCount, plural, one {shows} other {show}} the {family} of {other}.",
  },
  read(dressed, { params, judge }) {
    const { tied } = dressed;
    if (!tied?.swatches) return [];
    const { scarf } = tied;
    const item = dressed.visible.find(({ piece }) => piece === scarf);
    if (!item) return [];
    const met = meetings(dressed, item.profile.tints, { ...params, scarf });
    if (!met) return [];
    return [
      judge("lifts", "shows", {
        of: { scarf, other: met.other },
        words: { family: met.tint.family },
        figures: { share: figure("part of what shows", met.tint.share, "share") },
      }),
    ];
  },
  hope({ on, open, all }, { params }) {
    const scarves = open.get("neck") ?? on.visible.filter(({ piece }) => piece === on.tied?.scarf);
    const meets = ({ piece, profile: { tints } }: Worn) =>
      tints.some(
        (tint) =>
          isShown(tint, params.share) &&
          all.some((other) => other.piece !== piece && wearsNear(other, tint.shade, params.near)),
      );
    return scarves.some((item) => isWornSo(item, "tie") && meets(item)) ? hopeFor("lifts") : noHope;
  },
});

interface Wanted {
  readonly share: number;
  readonly near: number;
  readonly scarf: unknown;
}

/** The largest coloured part of the scarf that is met again elsewhere; neutrals are no find. */
function meetings(dressed: Dressed, tints: readonly Tint[], { share, near, scarf }: Wanted) {
  for (const tint of tints) {
    if (!isShown(tint, share)) continue;
    const other = dressed.palette.find(
      ({ item, tint: seen }) => item.piece !== scarf && difference(seen.shade, tint.shade) <= near,
    );
    if (other) return { tint, other: other.item.piece };
  }
  return null;
}

/** Whether enough of a colour shows of a scarf to be looked for elsewhere. */
function isShown({ neutral, share }: Tint, least: number): boolean {
  return !neutral && share >= least;
}
