import type { Look } from "../../piece/look";
import { lookWith, type Option, type Place } from "./options";
import { prospectsOf, type Prospects } from "./prospects";

/** Choices that are laid out together, and sets as they have them. */
export interface Root {
  readonly prospects: Prospects;
  /** What is chosen in a set; null where another top layer is. */
  readonly chosenFrom: (options: readonly Option[]) => number[] | null;
  readonly optionsOf: (chosen: readonly number[]) => Option[];
}

/** One lay-out for each top layer that may be chosen, since it hides what lies under it; without such a place one. */
export function rootsOf(base: Look, places: readonly Place[]): Root[] {
  const layer = places.find(({ slot }) => slot === "layer");
  if (!layer) return [rootOf(base, places, null)];
  return layer.options.map((piece) => rootOf(lookWith(base, [piece]), places, piece));
}

function rootOf(base: Look, places: readonly Place[], layer: Option): Root {
  const prospects = prospectsOf(
    base,
    places.filter(({ slot }) => slot !== "layer"),
  );
  const orderOf = prospects.places.map(({ slot }) => places.findIndex((place) => place.slot === slot));
  const layerAt = places.findIndex(({ slot }) => slot === "layer");
  return {
    prospects,
    chosenFrom(options) {
      if (layerAt >= 0 && options[layerAt] !== layer) return null;
      const chosen = orderOf.map((at, i) => prospects.places[i]?.options.indexOf(options[at] ?? null) ?? -1);
      return chosen.every((option) => option >= 0) ? chosen : null;
    },
    optionsOf(chosen) {
      const options: Option[] = places.map(() => layer);
      orderOf.forEach((at, i) => {
        options[at] = prospects.places[i]?.options[chosen[i] ?? 0] ?? null;
      });
      return options;
    },
  };
}
