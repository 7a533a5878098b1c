import { bySeverity, isFault } from "@/core/reading/severity";
import { gapSpecOf, gapSpecs, mainMetal, type GapFacts } from "@/core/search/gap-spec";
import { boardReader } from "@/core/search/board";
import { bestGaps, readGaps, sayPair, servingOf, type Gap, type Serving } from "@/core/search/gaps";
import { asWorn } from "@/core/search/reach";
import type { Finding } from "@/core/rules/finding";
import type { NamedPieces } from "@/core/studio/bench-source";
import { layOut, offered, type Wardrobe } from "@/core/studio/wardrobe";
import type { FoundGaps, ServedPair } from "./answers";
import type { Asker } from "./asker";
import { breathing } from "./breath";

/** How many missing pieces are named. */
const mostNamed = 5;
/** Milliseconds between two signs of life. */
const news = 150;

/** What one missing piece would open of what no set serves, in words. */
export function opensOf(
  wardrobe: Wardrobe,
  bases: readonly NamedPieces[],
  sets: readonly NamedPieces[],
  facts: GapFacts,
): string[] {
  const unserved = servings(wardrobe, bases, sets).map(({ serving }) => serving);
  const [gap] = [...readGaps(unserved, [gapSpecOf(facts)])];
  return (gap?.unlocks ?? []).flatMap((i) => (unserved[i] ? [sayPair(unserved[i])] : []));
}

interface Served extends Pick<ServedPair, "base" | "occasion" | "set"> {
  readonly serving: Serving;
}

/** What the sets make of every base for every occasion. */
function servings(wardrobe: Wardrobe, bases: readonly NamedPieces[], sets: readonly NamedPieces[]): Served[] {
  const occasions = wardrobe.occasions.length > 0 ? wardrobe.occasions : [null];
  const readCells = boardReader();
  return bases.flatMap((base) =>
    occasions.flatMap((occasion) => {
      const looks = sets.map((set) =>
        layOut(wardrobe, {
          garmentIds: base.pieceIds,
          accessoryIds: set.pieceIds,
          adjustments: set.ways ?? [],
          occasionId: occasion?.id ?? null,
        }),
      );
      const serving = servingOf(looks, { base: base.name, occasion: occasion?.name ?? "" }, readCells);
      const set = serving && sets[serving.set];
      return set ? [{ base, occasion, set, serving }] : [];
    }),
  );
}

/** What is most amiss with the look that comes nearest; null where a set serves. */
function whyNot({ nearest: [look] }: Serving): Finding | null {
  if (!look) return null;
  const [worst] = [...asWorn(look).reading.findings].filter(isFault).sort(bySeverity);
  return worst ?? null;
}

/** What the sets serve of the bases, and the few missing pieces that would open up most of the rest. */
export async function seekGaps(
  wardrobe: Wardrobe,
  bases: readonly NamedPieces[],
  sets: readonly NamedPieces[],
  { tell, goesOn }: Asker<FoundGaps>,
): Promise<FoundGaps> {
  const served = servings(wardrobe, bases, sets);
  const pairs = served.map(({ base, occasion, set, serving }): ServedPair => ({
    base,
    occasion: occasion && { id: occasion.id, name: occasion.name },
    set,
    verdict: serving.verdict,
    why: whyNot(serving),
  }));
  const specs = gapSpecs(mainMetal(offered(wardrobe)));
  const gaps: Gap[] = [];
  const answer = (): FoundGaps => ({
    pairs,
    gaps: bestGaps(gaps, mostNamed).map(({ spec, unlocks }) => ({ ...spec, unlocks })),
    tried: gaps.length,
    specs: specs.length,
  });
  let told = performance.now();
  const breathe = breathing();
  for (const gap of readGaps(
    served.map(({ serving }) => serving),
    specs,
  )) {
    gaps.push(gap);
    await breathe();
    if (!goesOn()) break;
    if (performance.now() - told < news) continue;
    tell(answer());
    told = performance.now();
  }
  return answer();
}
