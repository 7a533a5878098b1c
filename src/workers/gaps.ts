import { gapSpecOf, gapSpecs, mainMetal, type GapFacts } from "@/core/search/gap-spec";
import { boardReader } from "@/core/search/board";
import { bestGaps, readGaps, sayPair, unservedBy, type Gap, type Unserved } from "@/core/search/gaps";
import { layOut, offered, type Wardrobe } from "@/core/studio/wardrobe";
import type { FoundGaps } from "./answers";

/** How many missing pieces are named. */
const named = 5;
/** Milliseconds between two signs of life. */
const breath = 150;

interface NamedIds {
  readonly name: string;
  readonly pieceIds: readonly string[];
}

/** What one missing piece would open of what no set serves, in words. */
export function opensOf(
  wardrobe: Wardrobe,
  bases: readonly NamedIds[],
  sets: readonly NamedIds[],
  facts: GapFacts,
): string[] {
  const { unserved } = unservedIn(wardrobe, bases, sets);
  const [gap] = [...readGaps(unserved, [gapSpecOf(facts)])];
  return (gap?.unlocks ?? []).flatMap((i) => (unserved[i] ? [sayPair(unserved[i])] : []));
}

/** Every base for every occasion that no set serves, and of how many. */
function unservedIn(wardrobe: Wardrobe, bases: readonly NamedIds[], sets: readonly NamedIds[]) {
  const occasions = wardrobe.occasions.length > 0 ? wardrobe.occasions : [null];
  const pairs = bases.flatMap((base) => occasions.map((occasion) => ({ base, occasion })));
  const readCell = boardReader();
  const unserved = pairs.flatMap(({ base, occasion }): Unserved[] => {
    const looks = sets.map((set) =>
      layOut(wardrobe, {
        garmentIds: base.pieceIds,
        accessoryIds: set.pieceIds,
        adjustments: [],
        occasionId: occasion?.id ?? null,
      }),
    );
    const open = unservedBy(looks, { base: base.name, occasion: occasion?.name ?? "" }, readCell);
    return open ? [open] : [];
  });
  return { pairs: pairs.length, unserved };
}

/** The bases no set serves for an occasion, and the few missing pieces that would open up most of them. */
export async function seekGaps(
  wardrobe: Wardrobe,
  bases: readonly NamedIds[],
  sets: readonly NamedIds[],
  tell: (found: FoundGaps) => void,
  goesOn: () => boolean,
): Promise<FoundGaps> {
  const { pairs, unserved } = unservedIn(wardrobe, bases, sets);
  const specs = gapSpecs(mainMetal(offered(wardrobe)));
  const gaps: Gap[] = [];
  const answer = (): FoundGaps => ({
    pairs,
    unserved: unserved.map(({ base, occasion }) => ({ base, occasion })),
    gaps: bestGaps(gaps, named).map(({ spec, unlocks }) => ({ ...spec, unlocks })),
    tried: gaps.length,
    specs: specs.length,
  });
  let told = performance.now();
  for (const gap of readGaps(unserved, specs)) {
    gaps.push(gap);
    if (performance.now() - told < breath) continue;
    if (!goesOn()) break;
    tell(answer());
    told = performance.now();
    await new Promise((resolve) => setTimeout(resolve, 0));
  }
  return answer();
}
