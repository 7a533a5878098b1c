import { differenceInCalendarDays, parseISO } from "date-fns";
import type { Family } from "@/core/colour/family";
import type { Metal } from "@/core/finish/metals";
import { profileOf } from "@/core/dressing/profile";
import type { Piece } from "@/core/piece/piece";
import type { RankedPiece } from "@/workers/answers";
import type { Rest, TrayFilter, Whose } from "./desk/bench-store";

/** How the tray is narrowed down. */
export interface Narrowed {
  readonly filter: TrayFilter;
  readonly whose: Whose | null;
  readonly kit: readonly string[];
  readonly family: Family | null;
  readonly metal: Metal | null;
  readonly rest: Rest | null;
  /** The last day each piece was worn, yyyy-mm-dd, and today. */
  readonly lastWorn: Readonly<Record<string, string>>;
  readonly today: string;
  readonly named: (id: string) => Piece | undefined;
  /** Where the look stands on the ladder from relaxed to dressed up; null where that is not known. */
  readonly level: number | null;
}

/** The colours that are plain to see on a piece. */
export function familiesOf(piece: Piece): Family[] {
  return profileOf(piece)
    .tints.filter(({ share }) => share >= plain)
    .map(({ family }) => family);
}

/** Smaller colours are not what a piece is looked for by. */
const plain = 0.15;

/** Whether a candidate is shown in a tray that is narrowed down so. */
export function passes(
  candidate: RankedPiece,
  { filter, whose, kit, family, metal, rest, lastWorn, today, named, level }: Narrowed,
): boolean {
  const piece = named(candidate.pieceId);
  if (!piece) return false;
  if (whose !== null && kit.includes(piece.id) !== (whose === "the studio's kit")) return false;
  if (family !== null && !familiesOf(piece).includes(family)) return false;
  if (metal !== null && piece.metal !== metal) return false;
  if (rest !== null && !hasRested(lastWorn[piece.id], today, rest)) return false;
  return by[filter](candidate, piece, level);
}

/** Days without wear after which a piece has rested so long; what was worn at all is never "not worn yet". */
const daysOf: Record<Rest, number> = { "for a month": 30, "for three months": 91, yet: Infinity };

function hasRested(lastDay: string | undefined, today: string, rest: Rest): boolean {
  return (
    lastDay === undefined || differenceInCalendarDays(parseISO(today), parseISO(lastDay)) >= daysOf[rest]
  );
}

const by: Readonly<
  Record<TrayFilter, (candidate: RankedPiece, piece: Piece, level: number | null) => boolean>
> = {
  all: () => true,
  "fixes something": ({ mends }) => mends.length > 0,
  "adds no problem": ({ brings }) => brings.length === 0,
  dressier: (_, { register }, level) => register !== null && level !== null && register.centre > level,
  quieter: (_, { register }, level) => register !== null && level !== null && register.centre < level,
};
