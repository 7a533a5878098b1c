import type { Family } from "../colour/family";
import type { Shade } from "../colour/shade";
import type { Patch } from "./dressed";

/** One colour of a look with all that is seen of it. */
export interface ColourShare {
  readonly shade: Shade;
  readonly family: Family;
  readonly temperature: number;
  readonly share: number;
  /** The pieces that wear it, by name. */
  readonly pieces: readonly string[];
}

/** The look's colours by what is seen of them, the largest first; the same hex counts once. */
export function colourShares(palette: readonly Patch[]): ColourShare[] {
  const found = new Map<string, { share: number; pieces: Set<string>; tint: Patch["tint"] }>();
  for (const { item, tint, area } of palette) {
    const entry = found.get(tint.shade.hex) ?? { share: 0, pieces: new Set<string>(), tint };
    entry.share += area;
    entry.pieces.add(item.piece.name);
    found.set(tint.shade.hex, entry);
  }
  return [...found.values()]
    .map(({ share, pieces, tint }) => ({
      shade: tint.shade,
      family: tint.family,
      temperature: tint.temperature,
      share,
      pieces: [...pieces],
    }))
    .sort((one, other) => other.share - one.share);
}
