import { middleOf } from "../length/interval";
import { sharesOf } from "./areas";
import type { Dressed, Patch, Worn } from "./dressed";
import type { Laid, LaidOut } from "./laid-out";

/**
 * The pieces of a look as they are worn, each with its part of all that is seen.
 * @param beside a look that was dressed before: a piece that lies alike there and takes as much is worn alike
 */
export function wornIn({ pieces }: LaidOut, beside: Pick<Dressed, "laid" | "worn"> | null): Worn[] {
  const shares = sharesOf(pieces.map(({ shown }) => shown));
  return pieces.map((laid, i) => {
    const area = shares[i] ?? 0;
    const known = beside?.worn[beside.laid.pieces.indexOf(laid)];
    return known && known.area === area ? known : wornAs(laid, area);
  });
}

function wornAs({ placed, seen: { parts } }: Laid, area: number): Worn {
  const patches: Patch[] = [];
  const item: Worn = {
    piece: placed.piece,
    asWorn: placed.asWorn,
    adjustments: placed.adjustments,
    profile: placed.profile,
    zone: placed.zone,
    slot: placed.slot,
    place: placed.place,
    extent: placed.extent,
    order: placed.layer.order,
    seen: parts,
    area,
    patches,
    centre: placed.centre,
    insulation: placed.insulation,
    showsReverse: placed.showsReverse,
  };
  const at = middleOf(placed.extent);
  for (const tint of placed.profile.tints) patches.push({ item, tint, area: area * tint.share, at });
  return item;
}
