import { difference } from "../../colour/difference";
import { passesForSkin } from "../../colour/family";
import type { Worn } from "../../dressing/dressed";
import type { PairView } from "../../dressing/pair";
import { middleOf } from "../../length/interval";
import type { Tint } from "../../dressing/profile";
import type { Kind } from "../../piece/kinds";
import { isMetallic, withinOf, type EchoLimits } from "./echo-entries";

const leathers: ReadonlySet<Kind> = new Set(["belt", "shoe", "bag", "hosiery", "hat"]);

interface NeutralAnswer {
  readonly one: Worn;
  readonly other: Worn;
  readonly family: string;
  readonly apart: number;
}

/**
 * The two pieces of one neutral that meet best at two heights: accessory and accessory, or shoe, bag or hat and
 * a layer of its own neutral over another ground.
 * @param taken two pieces whose answer is praised already
 */
export function neutralAnswer(
  pair: PairView,
  limits: EchoLimits,
  taken: readonly Worn[],
): NeutralAnswer | null {
  const ends: NeutralEnd[] = [];
  for (const item of pair.accessories)
    if (item.slot !== null && leathers.has(item.piece.kind)) addEnd(ends, item, pair, limits);
  if (ends.length === 0) return null;
  const layer = layerOver(pair, limits.distance);
  if (layer) addEnd(ends, layer, pair, limits);
  let best: NeutralAnswer | null = null;
  for (const one of ends)
    for (const other of ends) {
      if (!isAsked(one.item, other.item) || (taken.includes(one.item) && taken.includes(other.item)))
        continue;
      const met = meetingOf(one, other, limits);
      if (met && (!best || met.apart < best.apart)) best = met;
    }
  return best;
}

/** Whether two ends are asked about in this order: accessories by their ids, so that each two are asked once. */
function isAsked(one: Worn, other: Worn): boolean {
  if (one.place === "layer") return false;
  const { kind, id } = one.piece;
  return other.place === "layer" ? kind !== "belt" && kind !== "hosiery" : id < other.piece.id;
}

/** A piece that can meet another in a neutral. */
interface NeutralEnd {
  readonly item: Worn;
  readonly neutrals: readonly Tint[];
}

function addEnd(ends: NeutralEnd[], item: Worn, pair: PairView, limits: EchoLimits): void {
  const neutrals = neutralsOf(item, pair, limits);
  if (neutrals.length > 0) ends.push({ item, neutrals });
}

/** The neutral in which two pieces come nearest to one another; null where none is near enough. */
function meetingOf(one: NeutralEnd, other: NeutralEnd, limits: EchoLimits): NeutralAnswer | null {
  if (Math.abs(middleOf(one.item.extent) - middleOf(other.item.extent)) < limits.apart) return null;
  let best: NeutralAnswer | null = null;
  for (const tint of one.neutrals)
    for (const met of other.neutrals) {
      const apart = difference(tint.shade, met.shade);
      if (apart > withinOf(tint, met, limits) || (best && apart >= best.apart)) continue;
      best = { one: one.item, other: other.item, family: tint.family, apart };
    }
  return best;
}

/** The neutrals of a piece that can meet others: no metal, no skin, and no white where that is no event. */
function neutralsOf(item: Worn, { look }: PairView, { large }: EchoLimits): readonly Tint[] {
  if (isMetallic(item)) return none;
  const onLeg = item.piece.kind === "hosiery";
  const { skin } = look.client.colouring;
  let neutrals: Tint[] | null = null;
  for (const tint of item.profile.tints) {
    const { neutral, shade, share, role } = tint;
    if (!neutral || share < large || role === "sole" || (onLeg && passesForSkin(shade, skin))) continue;
    neutrals ??= [];
    neutrals.push(tint);
  }
  return neutrals ?? none;
}

const none: readonly Tint[] = [];

/** A top layer of a neutral that what is under it does not have. */
function layerOver({ visible }: PairView, distance: number): Worn | null {
  const layer = visible.find(({ place }) => place === "layer");
  const ground = layer?.profile.ground;
  if (!layer || !ground?.neutral) return null;
  const under = visible.filter(({ place }) => place !== null && place !== "layer");
  const isAnother =
    under.length > 0 &&
    under.every(({ profile }) => {
      const shade = profile.ground?.shade;
      return shade !== undefined && difference(shade, ground.shade) > distance;
    });
  return isAnother ? layer : null;
}

/** A print, or an accessory of two colours, that has the colours of two plain garments in it. */
export function bridging({ visible }: Pick<PairView, "visible">, { distance, met }: EchoLimits) {
  let plain: readonly Worn[] | null = null;
  for (const print of visible) {
    if (print.profile.tints.length < 2) continue;
    plain ??= visible.filter(({ place, piece }) => place !== null && piece.pattern === "plain");
    const tints = print.profile.tints.filter(({ share, role }) => share >= met && role !== "sole");
    if (tints.length < 2 || plain.includes(print) || isMetallic(print)) continue;
    const [one, other] = plain.filter(
      ({ profile: { ground } }) =>
        ground && tints.some(({ shade }) => difference(shade, ground.shade) <= distance),
    );
    const [first, second] = [one?.profile.ground?.shade, other?.profile.ground?.shade];
    if (one && other && first && second && difference(first, second) > distance) return { print, one, other };
  }
  return null;
}
