import { adjust, optionsAmong } from "../piece/adjustment";
import { adjustmentKinds } from "../piece/adjustments";
import { swap, takeOff, wear, type Look } from "../piece/look";
import { slotOf } from "../piece/piece";
import { lookWith } from "../search/best/options";
import { numbersFrom } from "./generated";
import { accessoryKinds, generatedChoice, wornInWays } from "./generated-choice";
import { sampleOccasion } from "./sample";

/** A made-up look, and one that differs from it in a piece, in a way of wearing, or, now and then, in more. */
export function neighbours(seed: number): readonly [Look, Look] {
  const { base, wardrobe } = wornInWays(generatedChoice(seed, accessoryKinds, 2), seed);
  const next = numbersFrom(seed);
  const one = <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)] as T;
  const first = wardrobe.filter((_, i) => i % 2 === 0 && next() < 0.6);
  const look = lookWith(base, first);
  const other = one(wardrobe);
  const slot = slotOf(other);
  const changes: readonly (() => Look)[] = [
    () => (slot ? swap(look, slot, other) : look),
    () => wear(look, other),
    () => takeOff(look, one(wardrobe).id),
    () => worn(look, one(adjustmentKinds), next),
    () => ({ ...look, occasion: sampleOccasion }),
    () => ({ ...look, accessories: [...look.accessories].reverse() }),
    () => ({ ...look, garments: look.garments.slice(0, -1) }),
  ];
  return [look, one(changes)()];
}

/** The look with one of its pieces worn in some way. */
function worn(look: Look, kind: (typeof adjustmentKinds)[number], next: () => number): Look {
  const pieces = [...look.garments, ...look.accessories];
  const ways = pieces.flatMap((piece) => optionsAmong(kind, piece, pieces));
  const way = ways[Math.floor(next() * ways.length)];
  return way ? { ...look, adjustments: adjust(look.adjustments, way) } : look;
}
