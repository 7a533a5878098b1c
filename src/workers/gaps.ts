import { gapSpecs, mainMetal } from "@/core/search/gap-spec";
import { boardReader } from "@/core/search/board";
import { bestGaps, readGaps, unservedBy, type Gap, type Unserved } from "@/core/search/gaps";
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

/** The bases no set serves for an occasion, and the few missing pieces that would open up most of them. */
export async function seekGaps(
  wardrobe: Wardrobe,
  bases: readonly NamedIds[],
  sets: readonly NamedIds[],
  tell: (found: FoundGaps) => void,
  goesOn: () => boolean,
): Promise<FoundGaps> {
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
  const specs = gapSpecs(mainMetal(offered(wardrobe)));
  const gaps: Gap[] = [];
  const answer = (): FoundGaps => ({
    pairs: pairs.length,
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
