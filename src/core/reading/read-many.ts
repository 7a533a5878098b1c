import { dress } from "../dressing/dress";
import { isSameList } from "../lists/same-list";
import type { Dressed } from "../dressing/dressed";
import { wornSlot, type Adjustment } from "../piece/adjustment";
import type { Look } from "../piece/look";
import { slotOf, type Piece } from "../piece/piece";
import type { Finding } from "../rules/finding";
import { bitOf, bitsRead, everyBit, sideBySide, type SlotBits } from "../rules/reads";
import { registry } from "../rules/registry";
import { addAll, sumUp, type Reading } from "./read";

/** A look that was read, with what each rule said of it, in the order of the rules. */
export interface ReadLook {
  readonly dressed: Dressed;
  readonly said: readonly (readonly Finding[])[];
  readonly reading: Reading;
}

/** Reads a look, to read others beside it. */
export function readLook(look: Look): ReadLook {
  const dressed = dress(look);
  const said = registry.map((rule) => rule.read(dressed));
  return { dressed, said, reading: sumUp(said.flat(), dressed) };
}

/** One of many looks that were read: what it was made of, the look, and its reading. */
export interface ReadOne<T> {
  readonly of: T;
  readonly look: Look;
  readonly reading: Reading;
}

/**
 * Reads many looks, each the same to the byte as `read` would. Every rule is asked about one look after another while it
 * is at hand; and of a look that stands beside one that was read, only about what differs in something it reads.
 * They come as they are read: what a caller keeps of one is all that is kept of it.
 * @param all what the looks are made of
 * @param besideOf the look that was read before one of these: a neighbour in a piece or two helps most
 */
export function* readMany<T>(
  all: readonly T[],
  lookOf: (one: T) => Look,
  besideOf: (one: T) => ReadLook | null = () => null,
): Generator<ReadOne<T>, void> {
  for (let from = 0; from < all.length; from += sideBySide) {
    const some = all.slice(from, from + sideBySide).map((of) => toRead(of, lookOf(of), besideOf(of)));
    askRules(some);
    for (const { of, dressed, findings } of some)
      yield { of, look: dressed.look, reading: sumUp(findings, dressed) };
  }
}

/** A look that is being read. */
interface LookToRead<T> {
  readonly of: T;
  readonly dressed: Dressed;
  /** What the rules said of the look beside it, and where the two differ. */
  readonly known: ReadLook["said"];
  readonly differs: SlotBits;
  readonly findings: Finding[];
}

function toRead<T>(of: T, look: Look, beside: ReadLook | null): LookToRead<T> {
  const differs = beside ? differing(beside.dressed.look, look) : everyBit;
  return { of, dressed: dress(look, beside?.dressed), known: beside?.said ?? [], differs, findings: [] };
}

const reads = registry.map((rule) => bitsRead(rule.reads));

function askRules<T>(looks: readonly LookToRead<T>[]): void {
  registry.forEach((rule, i) => {
    const read = reads[i] ?? everyBit;
    for (const { dressed, known, differs, findings } of looks) {
      const same = (read & differs) === 0 ? known[i] : undefined;
      addAll(findings, same ?? rule.read(dressed));
    }
  });
}

/** The slots in which two looks differ: in a piece, or in how one is worn; every bit where more than that differs. */
function differing(one: Look, other: Look): SlotBits {
  const isOtherwise =
    one.client !== other.client ||
    one.occasion !== other.occasion ||
    one.onRecord !== other.onRecord ||
    !isSameList(one.garments, other.garments) ||
    !isInOrder(one.accessories, other.accessories);
  if (isOtherwise) return everyBit;
  return withoutIn(one, other) | withoutIn(other, one);
}

/** The slots of what one look has on, or wears in a way, and another does not. */
function withoutIn(one: Look, other: Look): SlotBits {
  let differs: SlotBits = 0;
  for (const piece of one.accessories)
    if (!other.accessories.includes(piece)) differs |= slotsOf(piece, one.adjustments);
  if (one.adjustments !== other.adjustments)
    for (const way of one.adjustments) {
      if (other.adjustments.includes(way)) continue;
      const piece = one.accessories.find(({ id }) => id === way.piece);
      differs |= piece ? slotsOf(piece, one.adjustments) : everyBit;
    }
  return differs;
}

function slotsOf(piece: Piece, adjustments: readonly Adjustment[]): SlotBits {
  return bitOf(slotOf(piece)) | bitOf(wornSlot(piece, adjustments));
}

/** Whether what both have on was put on in the same order. */
function isInOrder(one: readonly Piece[], other: readonly Piece[]): boolean {
  let at = -1;
  for (const piece of one) {
    const there = other.indexOf(piece);
    if (there < 0) continue;
    if (there < at) return false;
    at = there;
  }
  return true;
}
