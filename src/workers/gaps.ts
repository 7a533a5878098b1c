import { gapSpecs, mainMetal } from "@/core/search/gap-spec";
import { bestGaps, nearest, readGaps, type Gap, type Unserved } from "@/core/search/gaps";
import { asWorn } from "@/core/search/reach";
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
): Promise<FoundGaps> {
  const occasions = wardrobe.occasions.length > 0 ? wardrobe.occasions : [null];
  const pairs = bases.flatMap((base) => occasions.map((occasion) => ({ base, occasion })));
  const unserved = pairs.flatMap(({ base, occasion }): Unserved[] => {
    const worn = sets.map((set) =>
      asWorn(
        layOut(wardrobe, {
          garmentIds: base.pieceIds,
          accessoryIds: set.pieceIds,
          adjustments: [],
          occasionId: occasion?.id ?? null,
        }),
      ),
    );
    const served = worn.some(({ reading }) => reading.verdict !== "jars");
    const look = served ? null : nearest(worn.map((each) => each.look));
    return look ? [{ base: base.name, occasion: occasion?.name ?? "", look }] : [];
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
    tell(answer());
    told = performance.now();
    await new Promise((resolve) => setTimeout(resolve, 0));
  }
  return answer();
}
