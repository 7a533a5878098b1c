import { putInOrder } from "../lists/put-in-order";
import type { CountedColour, Patch } from "./dressed";

/** A neutral leans warm or cool from this temperature on. */
const leaning = 0.2;
/** A print is counted by its ground and by this many of its motifs: the small colours ride on it. */
const motifsCounted = 1;

/**
 * The colours of a look by what is seen of them, the largest first: chromatic families one by one, the
 * neutrals of one temperature together. Neutrals that lean neither way join those that do.
 */
export function countedColours(palette: readonly Patch[]): CountedColour[] {
  const shares = new Map<CountedColour["name"], number>();
  let motifs: Map<string, number> | null = null;
  let plain = 0;
  for (const { item, tint, area } of palette) {
    if (item.piece.pattern !== "plain" && tint !== item.profile.ground) {
      motifs ??= new Map();
      const met = motifs.get(item.piece.id) ?? 0;
      motifs.set(item.piece.id, met + 1);
      if (met >= motifsCounted) continue;
    }
    if (tint.neutral && Math.abs(tint.temperature) < leaning) plain += area;
    else {
      const name = !tint.neutral ? tint.family : tint.temperature > 0 ? "warm neutrals" : "cool neutrals";
      shares.set(name, (shares.get(name) ?? 0) + area);
    }
  }
  const warm = shares.get("warm neutrals") ?? 0;
  const cool = shares.get("cool neutrals") ?? 0;
  if (plain > 0) {
    const joined = warm === 0 && cool === 0 ? "neutrals" : warm > cool ? "warm neutrals" : "cool neutrals";
    shares.set(joined, (shares.get(joined) ?? 0) + plain);
  }
  const counted: CountedColour[] = [];
  for (const [name, share] of shares) counted.push({ name, share });
  return putInOrder(counted, (one, other) => other.share - one.share);
}
