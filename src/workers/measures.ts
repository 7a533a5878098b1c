import { slotOf } from "@/core/piece/piece";
import { measureFirst, type MeasuresFirst } from "@/core/search/measure-first";
import type { NamedPieces } from "@/core/studio/bench-source";
import type { Asker } from "./asker";
import { breathing } from "./breath";
import { layOut, type Wardrobe } from "@/core/studio/wardrobe";

/** Goes through the bases of a wardrobe one by one for the measures on which most hangs, telling how far it is. */
export async function seekMeasures(
  wardrobe: Wardrobe,
  bases: readonly NamedPieces[],
  { tell, goesOn }: Asker<MeasuresFirst>,
): Promise<MeasuresFirst> {
  const looks = bases.map(({ pieceIds }) =>
    layOut(wardrobe, { garmentIds: pieceIds, accessoryIds: [], adjustments: [], occasionId: null }),
  );
  const accessories = wardrobe.pieces.filter((piece) => slotOf(piece) !== null);
  const breathe = breathing();
  let last: MeasuresFirst = { measures: [], read: 0 };
  for (const step of measureFirst(looks, accessories)) {
    last = step;
    tell(step);
    await breathe();
    // Whoever asked may have left meanwhile.
    if (!goesOn()) break;
  }
  return last;
}
