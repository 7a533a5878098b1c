import { dress } from "../../dressing/dress";
import { swap, type Look } from "../../piece/look";
import { slotOf, speaks, type Piece } from "../../piece/piece";
import type { Slot } from "../../piece/slots";
import { isSheltered, shelters, suffersInRain } from "../../place/rain";
import { readDressed } from "../../reading/read";
import { effectValues } from "../../reading/verdict";
import type { RuleBook } from "../../rule-book/rule-book";
import { setLimitsOf } from "../../rule-book/set-limits";
import { print } from "../../rules/colour/print";
import type { Finding } from "../../rules/finding";
import { leadsAllowed, oneLead } from "../../rules/style/one-lead";
import { isAtHome, keepsOut, type Levels } from "../belonging";
import { pointsIn } from "../../reading/score";
import type { Group, Problem } from "./problem";
import { worthTogether } from "./worth-together";

/** What is asked of one slot of a set. */
export interface SlotWish {
  readonly slot: Slot;
  /** May stay empty. */
  readonly optional: boolean;
  /** The piece that stays; null to choose. */
  readonly pinned: string | null;
}

/** What is asked of the whole set; what the occasion asks is asked beside it. */
export interface SetWish extends Levels {
  readonly slots: readonly SlotWish[];
  /** Nothing that suffers in the rain; at a wet occasion nothing does anyway. */
  readonly forRain: boolean;
}

/** A problem with the piece behind each option; null is an empty slot. */
export interface SetProblem {
  readonly problem: Problem;
  readonly pieces: readonly (Piece | null)[];
  /** Slots for which nothing can be offered. */
  readonly bare: readonly Slot[];
}

/** Points are counted in hundredths, so that sums are whole. */
const unit = 100;
/**
 * Lays out the choice of a set for a base and an occasion. A piece is worth what it makes of the base by
 * itself (read); two are worth their agreement, or, where they meet on the body, what they make of the
 * base together (read); more than two that lead, or more than one metal of plain size, cost extra.
 * Pieces that are kept out of this look, by a limit, a dress code, the weather or the ground, are left out, and so are
 * pieces that are nowhere at home among the levels of the occasion.
 */
export function setProblem(base: Look, wardrobe: readonly Piece[], wish: SetWish): SetProblem {
  const bare = { ...base, accessories: [] };
  const { options, places, empty } = laidOutPlaces(bare, wardrobe, wish);
  const pieces = options.map(({ piece }) => piece);
  const count = options.length;
  const pointsOfTwo = worthTogether(bare, pieces);
  const together = new Int32Array(count * count);
  places.forEach((place, at) => {
    for (const [k, later] of places.slice(at + 1).entries()) {
      const worthOf = pointsOfTwo(wish.slots[at]?.slot, wish.slots[at + 1 + k]?.slot);
      for (const one of place)
        for (const other of later) {
          const value = Math.round(unit * worthOf(one, other));
          together[one * count + other] = value;
          together[other * count + one] = value;
        }
    }
  });
  const worth = Int32Array.from(options, ({ points }) => Math.round(unit * points));
  const groups = groupsOf(pieces, base.client.ruleBook);
  return { problem: { places, worth, together, count, groups }, pieces, bare: empty };
}

/** A piece for a place, or none, with the points it makes by itself. */
interface Offer {
  readonly piece: Piece | null;
  readonly points: number;
}

/** What may be chosen for each slot: the options, those of each place by their numbers, and the slots without any. */
function laidOutPlaces(bare: Look, wardrobe: readonly Piece[], wish: SetWish) {
  const options: Offer[] = [];
  const empty: Slot[] = [];
  const offersFor = offering(bare, wardrobe, wish);
  const places = wish.slots.map((asked) => {
    const offers = offersFor(asked);
    if (offers.length === 0) empty.push(asked.slot);
    const mayStayEmpty = offers.length === 0 || (asked.optional && asked.pinned === null);
    const all = mayStayEmpty ? [...offers, { piece: null, points: 0 }] : offers;
    const first = options.length;
    options.push(...all);
    return all.map((_, i) => first + i);
  });
  return { options, places, empty };
}

/** Offers pieces for a slot: what is wished and not kept out, with what each makes of the base by itself. */
function offering(bare: Look, wardrobe: readonly Piece[], wish: SetWish): (asked: SlotWish) => Offer[] {
  const { occasion, client } = bare;
  const nothing = pointsIn(readDressed(dress(bare)).findings);
  const levels: readonly Levels[] = [
    wish,
    { from: occasion?.span.low ?? null, to: occasion?.span.high ?? null },
  ];
  const limits = setLimitsOf(client.ruleBook);
  const placeCost = client.ruleBook.schools.ornament === "layered" ? limits.layered : limits.edited;
  // An umbrella that stays keeps the rain off the others.
  const umbrellas = wardrobe.filter((piece) => shelters(piece) && isPinned(piece, wish));
  const sheltered = { ...bare, accessories: umbrellas };
  const isOffered = (piece: Piece, { slot, pinned }: SlotWish) => {
    if (slotOf(piece) !== slot) return false;
    return pinned === null
      ? isWished(piece, levels, wish.forRain, umbrellas.length > 0)
      : piece.id === pinned;
  };
  return (asked) => {
    const { slot, optional, pinned } = asked;
    return wardrobe.flatMap((piece): Offer[] => {
      if (!isOffered(piece, asked)) return [];
      const { findings } = readDressed(dress(swap(bare, slot, piece)));
      if (pinned === null && isKeptOut(sheltered, slot, piece, findings)) return [];
      return [{ piece, points: pointsIn(findings) - nothing - (optional ? placeCost : 0) }];
    });
  };
}

/** Kept out for itself, whatever else is worn: where something says so it is heard again under the umbrella. */
function isKeptOut(sheltered: Look, slot: Slot, piece: Piece, findings: readonly Finding[]): boolean {
  if (!findings.some((finding) => keepsOut(finding, piece))) return false;
  if (sheltered.accessories.length === 0) return true;
  const { findings: under } = readDressed(dress(swap(sheltered, slot, piece)));
  return under.some((finding) => keepsOut(finding, piece));
}

function isPinned(piece: Piece, { slots }: SetWish): boolean {
  return slots.some(({ pinned }) => pinned === piece.id);
}

function isWished(piece: Piece, asked: readonly Levels[], dry: boolean, sheltered: boolean): boolean {
  if (dry && suffersInRain(piece) && !(sheltered && isSheltered(piece))) return false;
  return asked.every((levels) => isAtHome(piece, levels));
}

/** What more pieces cost together than each two of them do: more leads than the rules allow, and a second print. */
function groupsOf(pieces: readonly (Piece | null)[], book: RuleBook): Group[] {
  const lead = oneLead.settings(book);
  const prints = print.settings(book);
  const counted = (counts: (piece: Piece) => boolean) =>
    Uint8Array.from(pieces, (piece) => (piece && counts(piece) ? 1 : 0));
  return [
    {
      counts: counted((piece) => speaks(piece, lead.params.statement)),
      limit: leadsAllowed(lead.params, book.schools),
      cost: Math.round(-unit * lead.weight * effectValues.jars),
    },
    {
      counts: counted(({ pattern }) => pattern !== "plain"),
      limit: 1,
      cost: Math.round(-unit * prints.weight * effectValues.rubs),
    },
  ];
}
