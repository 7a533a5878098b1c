import type { Dressed, Join, Touch, Worn } from "./dressed";
import { hides } from "./seen-parts";

/** What of a look decides who touches whom. */
type Meeting = Pick<Dressed, "visible" | "tops" | "leg" | "hem" | "neck">;

/** Finds which of the pieces that are seen touch one another, from the neck down. */
export function touchesOf({ visible, tops, leg, hem, neck }: Meeting): Touch[] {
  const belt = visible.find((item) => item.piece.kind === "belt") ?? null;
  const bottom = visible.find((item) => item.place === "bottom");
  const whole = visible.find((item) => item.place === "whole");
  const layers = visible.filter((item) => item.place === "layer");
  const shoe = visible.find((item) => item.piece.kind === "shoe");
  const hosiery = visible.find((item) => item.piece.kind === "hosiery");
  // Tied in the hair, on the bag or round the waist it touches nothing at the neck.
  const scarf = visible.find((item) => item.piece === neck.scarf);
  const bag = visible.find((item) => item.piece.kind === "bag");
  const touches: Touch[] = [];
  const join = (upper: Worn | undefined, lower: Worn | undefined, where: Join, at: number) => {
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
    if (!hides(layer.asWorn)) join(layer, inner, "front", middle(layer));
    if (bottom) join(layer, bottom, "hem", layer.extent.from);
  }
  // A collar lies on the knit it is worn under.
  if (underTop && outerTop) join(underTop, outerTop, "neck", outerTop.extent.to);
  const [inner, outer] = layers;
  if (inner && outer && !hides(outer.asWorn)) join(outer, inner, "front", middle(inner));
  if (outerTop && bottom && !(closed && closed.extent.from < outerTop.extent.from))
    join(outerTop, bottom, "waist", outerTop.extent.from);
  if (whole && bottom) join(whole, bottom, "hem", whole.extent.from);
  const lowest = bottom ?? whole;
  if (lowest && shoe) {
    const hosieryTop = hosiery ? Math.max(...hosiery.seen.map((part) => part.to)) : -Infinity;
    if (leg?.fit && leg.fit.gap < 0.5) join(lowest, shoe, "foot", leg.fit.shaft);
    else if (hosiery && hem !== null && hosieryTop >= hem - 0.5) join(lowest, hosiery, "hem", hem);
    else if (leg && !leg.isBoot && leg.hem < shoe.extent.to) join(lowest, shoe, "foot", leg.hem);
  }
  if (hosiery && shoe) join(hosiery, shoe, "foot", shoe.extent.to);
  if (bag) {
    const landing = middle(bag);
    const behind = [...layers].reverse().concat(tops, whole ?? [], bottom ?? []);
    join(
      bag,
      behind.find((item) => item.seen.some((part) => part.from <= landing && part.to >= landing)),
      "landing",
      landing,
    );
  }
  return touches;
}

function middle(item: Worn): number {
  return (item.extent.from + item.extent.to) / 2;
}
