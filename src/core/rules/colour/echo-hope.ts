import { difference } from "../../colour/difference";
import type { Worn } from "../../dressing/dressed";
import { middleOf } from "../../length/interval";
import type { Effect } from "../finding";
import type { Hope, Outlook } from "../outlook";
import { accentLimitsOf, isAccent } from "./accent-colour";
import { entriesOf, isMetallic, nearestAnswer, withinOf, type EchoLimits, type Entry } from "./echo-entries";
import { bridging, neutralAnswer } from "./neutral-answer";

/** The most that the echo could make of a look that is still being chosen. */
export function hopeOfEcho(outlook: Outlook, limits: EchoLimits): Hope {
  const { on, all } = outlook;
  const praise: Effect[] = [];
  const answer = answerIn(on, all, limits);
  if (answer) praise.push(answer);
  const accessories = all.filter(({ slot }) => slot !== null);
  if (neutralAnswer({ ...on, accessories }, limits, [])) praise.push("lifts");
  if (mayBridge(outlook, limits)) praise.push("lifts");
  return { faults: strays(outlook, limits), praise };
}

/** Whether something joins two garments by its colours; what may be put on is asked once for all that is chosen before. */
function mayBridge({ on, open, may }: Outlook, limits: EchoLimits): boolean {
  const garments = on.visible.filter(({ slot }) => slot === null);
  const bridges = (item: Worn) => bridging({ visible: [...garments, item] }, limits) !== null;
  const known = bridged.get(open) ?? may.some(bridges);
  bridged.set(open, known);
  return known || on.visible.some(bridges);
}

const bridged = new WeakMap<Outlook["open"], boolean>();

/**
 * The best that two pieces could be praised for: a colour of a print picked up, or a colour answered. Praised is the
 * pair that comes nearest, so a print must come at least as near as what answers now, and goes on to: a neutral may cease
 * to stand out, and its answer with it.
 */
function answerIn(on: Outlook["on"], all: readonly Worn[], limits: EchoLimits): Effect | null {
  const entries = entriesOf(on, limits);
  const now = nearestAnswer(entries)?.nearest ?? null;
  const staying = nearestAnswer(entries.filter(({ tint }) => !tint.neutral))?.nearest?.distance ?? Infinity;
  const isPrint = ({ piece }: Worn) => piece.pattern !== "plain";
  if (now && isPrint(now.item)) return "sings";
  const entering = all.filter(
    (item) => item.slot !== null && item.piece.kind !== "eyewear" && !isMetallic(item),
  );
  const picks = all
    .filter(isPrint)
    .some((print) => entering.some((item) => mayAnswer(item, print, limits, staying)));
  if (picks) return "sings";
  const isAnswered = () =>
    entering.some((item) => all.some((other) => mayAnswer(item, other, limits, Infinity)));
  return now || isAnswered() ? "lifts" : null;
}

/** Whether a colour of a piece is met in another, at another height, and no further off than that. */
function mayAnswer(item: Worn, other: Worn, limits: EchoLimits, most: number): boolean {
  if (other === item || (other.slot !== null && other.slot === item.slot)) return false;
  const { tints, reverse } = other.profile;
  const isApart = Math.abs(middleOf(item.extent) - middleOf(other.extent)) >= limits.apart;
  if (!isApart && !reverse) return false;
  return item.profile.tints.some((tint) =>
    (reverse ? [...tints, reverse] : tints).some(
      (met) => difference(tint.shade, met.shade) <= Math.min(most, withinOf(tint, met, limits)),
    ),
  );
}

/** What is sure to stand alone: graver where that is of more than one piece. */
function strays(outlook: Outlook, limits: EchoLimits): Effect[] {
  const stray = strayEntries(outlook, limits);
  const [first, ...more] = stray;
  if (!first) return [];
  if (new Set(stray.map(({ item }) => item.piece)).size > 1) return ["jars"];
  return more.length > 0 || !isAccent(first.tint, accentLimitsOf(outlook.on.look.client.ruleBook))
    ? ["rubs"]
    : [];
}

/** Colours that are on, and that nothing that is on or may be put on comes near, at whatever height. */
export function strayEntries({ on, may }: Outlook, limits: EchoLimits): Entry[] {
  return entriesOf(on, limits).filter(
    (entry) =>
      entry.alone &&
      !entry.tint.neutral &&
      !may.some((item) => item.slot !== entry.item.slot && comesNear(item, entry, limits)),
  );
}

/** Whether a piece, or its inside, would keep a colour from standing alone. */
function comesNear({ profile: { tints, reverse } }: Worn, { tint }: Entry, limits: EchoLimits): boolean {
  return (reverse ? [...tints, reverse] : tints).some(
    (met) => difference(tint.shade, met.shade) <= withinOf(tint, met, limits) + limits.nearly,
  );
}
