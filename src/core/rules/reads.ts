import { slots, type Slot } from "../piece/slots";

/**
 * What a rule reads of a look beside its client, its occasion, the garments and the top layer: the slots whose pieces
 * it asks about, or everything. Pieces of other slots may come and go without a change in what it says.
 */
export type Reads = readonly Slot[] | "everything";

/** Slots as bits of a number, so that two sets of them are held against one another at once. */
export type SlotBits = number;

/** Every slot, and whatever lies in none. */
export const everyBit: SlotBits = -1;

const bits = new Map<Slot, SlotBits>(slots.map((slot, i) => [slot, 1 << i]));

/** The bit of a slot; of the top layer, which every rule may read, and of a garment: every bit. */
export function bitOf(slot: Slot | null): SlotBits {
  return slot === null || slot === "layer" ? everyBit : (bits.get(slot) ?? everyBit);
}

/** The bits of what a rule reads: where none of them changes, neither does what it says. */
export function bitsRead(reads: Reads): SlotBits {
  if (reads === "everything") return everyBit;
  const layer = 1 << slots.indexOf("layer");
  return reads.reduce((all, slot) => all | bitOf(slot), layer);
}

/**
 * Of how many looks at the most each rule is asked in turn while it is at hand: more would not stay at hand, and be kept
 * by the collection of garbage; of fewer each rule is fetched too often. What a rule remembers of a look for the rule after it must last as long.
 */
export const sideBySide = 16;
