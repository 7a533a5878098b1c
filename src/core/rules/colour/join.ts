import { isNearWhite } from "../../colour/depth";
import { difference } from "../../colour/difference";
import type { Dressed, Touch } from "../../dressing/dressed";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast } from "../figures";
import { adjust, wear } from "../proposals";
import { hopeFor, noHope, surely } from "../outlook";

export const join = defineRule({
  id: "colour.join",
  reads: "everything",
  title: "Where top and bottom meet",
  fault: "a vague waist",
  why: "Two garments nearly of a depth but not the same blur at the waist; a belt, a tuck or a layer decides where one ends.",
  params: {
    depth: param(12, "L*", "under this difference of depth a join is weak"),
    distance: param(14, "dE", "under this difference of colour a join is weak"),
    same: param(2.5, "dE", "up to this they are one cloth"),
    clear: param(25, "L*", "from this difference of depth no belt is needed"),
    tonal: param(0.8, "share", "one family over this much of the look is tonal by intent"),
  },
  messages: {
    clear: "{upper} and {lower} are clearly different in depth, so the waist shows without a belt.",
    decided: "{belt} {beltCount, plural, one {draws} other {draw}} a clear line between {upper} and {lower}.",
    blurs: "{upper} and {lower} are too alike in depth: the waist disappears. A belt would bring it back.",
  },
  read(dressed, { params, judge }) {
    const waist = dressed.touches.find((touch) => touch.join === "waist");
    const upper = waist?.upper.profile.ground?.shade;
    const lower = waist?.lower.profile.ground?.shade;
    if (!waist || !upper || !lower) return [];
    const depth = Math.abs(upper.L - lower.L);
    const apart = difference(upper, lower);
    const of = { upper: waist.upper, lower: waist.lower };
    const figures = {
      depth: atLeast("difference of depth", depth, "L*", params.depth),
      apart: atLeast("difference of colour", apart, "dE", params.distance),
    };
    if (depth >= params.clear) return [judge("note", "clear", { of, figures })];
    if (!isWeak(waist, params)) return [];
    if (waist.separator)
      return [judge("lifts", "decided", { of: { ...of, belt: waist.separator }, figures })];
    if (largestFamily(dressed) >= params.tonal) return [];
    const proposals = [...wear("belt"), adjust("tuck-in", waist.upper.piece), ...wear("layer")];
    return [judge("rubs", "blurs", { of, figures, proposals })];
  },
  hope({ on, open, grows }, { params, said }) {
    const waist = on.touches.find((touch) => touch.join === "waist");
    if (!waist || !isWeak(waist, params)) return noHope;
    if (open.has("belt")) return hopeFor("lifts");
    if (waist.separator) return surely(said());
    const mayBeTonal = (largestFamily(on) + grows - 1) / grows >= params.tonal;
    return mayBeTonal ? noHope : surely(said());
  },
});

/** Whether two garments are nearly alike in depth and not the same; two whites are read by their own rule. */
function isWeak(
  { upper, lower }: Touch,
  { depth, distance, same }: { readonly depth: number; readonly distance: number; readonly same: number },
): boolean {
  const [one, other] = [upper.profile.ground?.shade, lower.profile.ground?.shade];
  if (!one || !other || (isNearWhite(one) && isNearWhite(other))) return false;
  const apart = difference(one, other);
  return Math.abs(one.L - other.L) < depth && apart < distance && apart > same;
}

/** The share of the look that its largest family takes. */
function largestFamily(dressed: Dressed): number {
  const shares = new Map<string, number>();
  for (const item of dressed.worn)
    for (const { family, share } of item.profile.tints)
      shares.set(family, (shares.get(family) ?? 0) + item.area * share);
  return Math.max(0, ...shares.values());
}
