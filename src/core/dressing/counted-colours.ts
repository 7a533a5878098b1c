import { putInOrder } from "../lists/put-in-order";
import type { CountedColour, Patch, Worn } from "./dressed";

/** A neutral leans warm or cool from this temperature on. */
const leaning = 0.2;
/** A print is counted by its ground and by this many of its motifs: the small colours ride on it. */
const motifsCounted = 1;

/**
 * The colours of a look by what is seen of them, the largest first: chromatic families one by one, the
 * neutrals of one temperature together. Neutrals that lean neither way join those that do.
 */
export function countedColours(palette: readonly Patch[]): CountedColour[] {
  const counted: Counted[] = [];
  let printed: Worn | null = null;
  let motifs = 0;
  let plain = 0;
  for (const { item, tint, area } of palette) {
    if (item.piece.pattern !== "plain" && tint !== item.profile.ground) {
      motifs = item === printed ? motifs + 1 : 1;
      printed = item;
      if (motifs > motifsCounted) continue;
    }
    if (tint.neutral && Math.abs(tint.temperature) < leaning) plain += area;
    else
      add(
        counted,
        !tint.neutral ? tint.family : tint.temperature > 0 ? "warm neutrals" : "cool neutrals",
        area,
      );
  }
  if (plain > 0) {
    const warm = shareOf(counted, "warm neutrals");
    const cool = shareOf(counted, "cool neutrals");
    add(
      counted,
      warm === 0 && cool === 0 ? "neutrals" : warm > cool ? "warm neutrals" : "cool neutrals",
      plain,
    );
  }
  return putInOrder(counted, (one, other) => other.share - one.share);
}

/** A colour while it is counted. */
type Counted = { -readonly [K in keyof CountedColour]: CountedColour[K] };

/** A look has a handful of colours: a list is gone through sooner than a map is laid out. */
function add(counted: Counted[], name: CountedColour["name"], share: number): void {
  for (const each of counted)
    if (each.name === name) {
      each.share += share;
      return;
    }
  counted.push({ name, share });
}

function shareOf(counted: readonly CountedColour[], name: CountedColour["name"]): number {
  for (const each of counted) if (each.name === name) return each.share;
  return 0;
}
