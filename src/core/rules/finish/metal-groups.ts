import { putInOrder } from "../../lists/put-in-order";
import { metalGroup, type MetalGroup } from "../../finish/metals";
import { placeOf, type Piece } from "../../piece/piece";

/** The metals of a group, in words. */
export const metalWords: Record<MetalGroup, string> = {
  warm: "gold and brass",
  cool: "silver and steel",
  dark: "dark metal",
};

interface Group {
  readonly group: MetalGroup;
  readonly pieces: readonly Piece[];
}

/**
 * The metals met, the one that most is seen of first; traces of dark metal are none.
 * @param plain size from which a garment's own metal is plain to see, and leads
 */
export function metalGroupsOf(seen: readonly Piece[], plain: number): Group[] {
  const groups: { readonly group: MetalGroup; readonly pieces: Piece[] }[] = [];
  for (const piece of seen) {
    const group = metalGroup(piece.metal);
    if (group === null || isFaintDark(piece)) continue;
    const known = groups.find((one) => one.group === group);
    if (known) known.pieces.push(piece);
    else groups.push({ group, pieces: [piece] });
  }
  if (groups.length < 2) return groups;
  return putInOrder(
    groups,
    (one, other) =>
      sizeOf(other, plain) - sizeOf(one, plain) || inTurn.indexOf(one.group) - inTurn.indexOf(other.group),
  );
}

/** Of metals of which as much is seen, which is told first. */
const inTurn: readonly MetalGroup[] = ["warm", "cool", "dark"];

/** How much of a metal is seen; one that is plain to see on a garment leads any that only accessories have. */
function sizeOf({ pieces }: Group, plain: number): number {
  const isGiven = (piece: Piece) => placeOf(piece) !== null && piece.metalSize >= plain;
  const given = pieces.some(isGiven) ? garmentLeads : 0;
  return pieces.reduce((sum, piece) => sum + piece.metalSize, given);
}

/** More than all the accessories of a look can show. */
const garmentLeads = 100;

/** A trace of black or gunmetal is not seen as a metal. */
function isFaintDark(piece: Piece): boolean {
  return piece.metalSize === 1 && metalGroup(piece.metal) === "dark";
}
