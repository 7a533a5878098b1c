import { weightedMedian } from "../register/weighted-median";
import type { Worn } from "./dressed";

/** Weights of accessories in a look's level; garments count by their area. */
const slotWeights: Readonly<Record<string, number>> = { shoe: 0.25, bag: 0.15, layer: 0.2 };
const restWeight = 0.03;

/** The level of a look: the weighted median of its pieces' register centres; null for an empty look. */
export function levelOf(worn: readonly Worn[]): number | null {
  return weightedMedian(
    worn.map(({ centre, place, slot, area }) => {
      const asLayer = place === "layer";
      const weight = asLayer ? slotWeights.layer : slot === null ? area : slotWeights[slot];
      return { value: centre, weight: weight ?? restWeight };
    }),
  );
}
