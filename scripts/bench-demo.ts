// What a stylist waits for with the clients of the demo: whole sets for every base and occasion, and what is missing.
import { readFileSync, readdirSync } from "node:fs";
import { join } from "node:path";
import { parseBundle, type Bundle } from "../src/core/formats/bundle";
import { seekSets } from "../src/core/search/best/seek";
import { setProblem } from "../src/core/search/best/set-problem";
import { layOut, offered, type Wardrobe } from "../src/core/studio/wardrobe";
import { wishOf } from "../src/ui/bench/state/set-wishes";
import { asShown, patience } from "../src/workers/best-sets";
import { seekGaps } from "../src/workers/gaps";

/** How long whole sets were waited for; ms. */
interface Waited {
  /** Until a set was there to be shown. */
  readonly first: number;
  /** Until one was proved; null where patience ended before. */
  readonly proved: number | null;
  /** The points that some other set may still read beyond the best, when the search ended. */
  readonly margin: number;
}

/** What is missing for the demo client with the most pieces, with every occasion; ms. */
export async function missingFor(
  folder: string,
): Promise<{ readonly taken: number; readonly pieces: number }> {
  const [largest] = bundlesIn(folder).sort((one, other) => other.pieces.length - one.pieces.length);
  if (!largest) throw new Error(`${folder} has no client`);
  const began = performance.now();
  const asker = { tell: () => undefined, goesOn: () => true };
  await seekGaps(wardrobeOf(largest), largest.bases, largest.sets, asker);
  return { taken: performance.now() - began, pieces: largest.pieces.length };
}

/** Whole sets as the bench seeks them: every slot, for every base of every client, without an occasion and for each. */
export function proofsFor(folder: string): Waited[] {
  return bundlesIn(folder).flatMap((bundle) => {
    const wardrobe = wardrobeOf(bundle);
    const days = [null, ...bundle.occasions.map(({ id }) => id)];
    return bundle.bases.flatMap(({ pieceIds }) => days.map((day) => waitedFor(wardrobe, pieceIds, day)));
  });
}

function waitedFor(wardrobe: Wardrobe, garmentIds: readonly string[], occasionId: string | null): Waited {
  const began = performance.now();
  const base = layOut(wardrobe, { garmentIds, accessoryIds: [], adjustments: [], occasionId });
  const wish = wishOf(null, {}, [], null);
  const laidOut = setProblem(base, offered(wardrobe, occasionId), wish);
  let first: number | null = null;
  let proved: number | null = null;
  let margin = Infinity;
  for (const sought of seekSets(base, laidOut, wish, asShown)) {
    const now = performance.now() - began;
    if (sought.best.length > 0) first ??= now;
    if (sought.proved > 0) proved ??= now;
    margin = sought.margin;
    if (proved !== null || now > patience) break;
  }
  return { first: first ?? Infinity, proved, margin };
}

function bundlesIn(folder: string): Bundle[] {
  return readdirSync(folder)
    .filter((name) => name.endsWith(".bundle.json"))
    .map((name) => parseBundle(readFileSync(join(folder, name), "utf8")));
}

function wardrobeOf({ client, pieces, occasions }: Bundle): Wardrobe {
  return { client: { id: "bench", ...client }, pieces, occasions, away: [] };
}
