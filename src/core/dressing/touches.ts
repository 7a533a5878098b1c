import { middleOf } from "../length/interval";
import type { Dressed, Join, Touch, Worn } from "./dressed";
import { hides } from "../piece/piece";

/** What of a look decides who touches whom. */
type Meeting = Pick<Dressed, "visible" | "tops" | "leg" | "hem" | "neck">;

/** The pieces that are seen and may touch another: the first of each sort. */
interface Meeters {
  readonly belt: Worn | null;
  readonly bottom: Worn | null;
  readonly whole: Worn | null;
  readonly layers: readonly Worn[];
  readonly shoe: Worn | null;
  readonly hosiery: Worn | null;
  readonly bag: Worn | null;
  readonly scarf: Worn | null;
}

function meetersIn({ visible, neck }: Pick<Meeting, "visible" | "neck">): Meeters {
  let belt: Worn | null = null;
  let bottom: Worn | null = null;
  let whole: Worn | null = null;
  let shoe: Worn | null = null;
  let hosiery: Worn | null = null;
  let bag: Worn | null = null;
  let scarf: Worn | null = null;
  const layers: Worn[] = [];
  for (const item of visible) {
    const { place, piece } = item;
    if (place === "bottom") bottom ??= item;
    else if (place === "whole") whole ??= item;
    else if (place === "layer") layers.push(item);
    if (piece.kind === "belt") belt ??= item;
    else if (piece.kind === "shoe") shoe ??= item;
    else if (piece.kind === "hosiery") hosiery ??= item;
    else if (piece.kind === "bag") bag ??= item;
    // Tied in the hair, on the bag or round the waist it touches nothing at the neck.
    else if (piece === neck.scarf) scarf ??= item;
  }
  return { belt, bottom, whole, layers, shoe, hosiery, bag, scarf };
}

/** Finds which of the pieces that are seen touch one another, from the neck down. */
export function touchesOf({ visible, tops, leg, hem, neck }: Meeting): Touch[] {
  const { belt, bottom, whole, layers, shoe, hosiery, bag, scarf } = meetersIn({ visible, neck });
  const touches: Touch[] = [];
  const join = (upper: Worn | null | undefined, lower: Worn | null | undefined, where: Join, at: number) => {
    if (!upper || !lower) return;
    const separator = where === "waist" ? belt : null;
    touches.push({ upper, lower, join: where, at, separator });
  };

  const closed = layers.find((layer) => hides(layer.asWorn));
  const [outerTop, underTop] = tops;
  const nearFace = scarf && (closed ?? layers[layers.length - 1] ?? outerTop ?? whole);
  if (scarf && nearFace) join(scarf, nearFace, "neck", scarf.extent.from);
  for (const layer of layers) {
    const inner = outerTop ?? whole;
    if (!hides(layer.asWorn)) join(layer, inner, "front", middleOf(layer.extent));
    if (bottom) join(layer, bottom, "hem", layer.extent.from);
  }
  // A collar lies on the knit it is worn under.
  if (underTop && outerTop) join(underTop, outerTop, "neck", outerTop.extent.to);
  const [inner, outer] = layers;
  if (inner && outer && !hides(outer.asWorn)) join(outer, inner, "front", middleOf(inner.extent));
  if (outerTop && bottom && !(closed && closed.extent.from < outerTop.extent.from))
    join(outerTop, bottom, "waist", outerTop.extent.from);
  if (whole && bottom) join(whole, bottom, "hem", whole.extent.from);
  const lowest = bottom ?? whole;
  if (lowest && shoe) {
    let hosieryTop = -Infinity;
    for (const { to } of hosiery?.seen ?? []) hosieryTop = Math.max(hosieryTop, to);
    if (leg?.fit && leg.fit.gap < 0.5) join(lowest, shoe, "foot", leg.fit.shaft);
    else if (hosiery && hem !== null && hosieryTop >= hem - 0.5) join(lowest, hosiery, "hem", hem);
    else if (leg && !leg.isBoot && leg.hem < shoe.extent.to) join(lowest, shoe, "foot", leg.hem);
  }
  if (hosiery && shoe) join(hosiery, shoe, "foot", shoe.extent.to);
  if (bag) {
    const landing = middleOf(bag.extent);
    const isThere = (item: Worn | null) =>
      item !== null && item.seen.some(({ from, to }) => from <= landing && to >= landing);
    const behind = layers.findLast(isThere) ?? tops.find(isThere) ?? [whole, bottom].find(isThere);
    join(bag, behind, "landing", landing);
  }
  return touches;
}
