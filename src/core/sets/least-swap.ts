import { slotOf, type Piece } from "../piece/piece";
import { slots, type Slot } from "../piece/slots";

/** What changes between two looks, and what is carried for it. */
export interface LeastSwap {
  /** Slots in which something is exchanged, put on or taken off, from the head down. */
  readonly changed: readonly Slot[];
  /** Pieces of the second look that the first does not wear: they are carried. */
  readonly carried: readonly Piece[];
  /** What they weigh, grams; an estimate where no weight is recorded. */
  readonly weight: number;
}

/** Grams a piece of a kind usually weighs, where it has no weight of its own. */
const usual: Readonly<Record<Piece["kind"], number>> = {
  shoe: 700,
  bag: 600,
  belt: 180,
  hat: 120,
  scarf: 90,
  gloves: 70,
  hosiery: 40,
  necklace: 40,
  bracelet: 40,
  watch: 60,
  ring: 8,
  earrings: 12,
  brooch: 20,
  eyewear: 30,
  "hair piece": 20,
  jacket: 900,
  coat: 1500,
  top: 300,
  trousers: 550,
  skirt: 400,
  dress: 500,
  jumpsuit: 700,
};

/** The fewest changes from one look's pieces to another's: what both wear stays on. */
export function leastSwap(from: readonly Piece[], to: readonly Piece[]): LeastSwap {
  const worn = new Set(from.map(({ id }) => id));
  const kept = new Set(to.map(({ id }) => id));
  const carried = to.filter(({ id }) => !worn.has(id));
  const left = from.filter(({ id }) => !kept.has(id));
  const touched = new Set([...carried, ...left].map(slotOf));
  return {
    changed: slots.filter((slot) => touched.has(slot)),
    carried,
    weight: carried.reduce((sum, piece) => sum + weightOf(piece), 0),
  };
}

function weightOf(piece: Piece): number {
  return piece.kind === "bag" ? piece.figures.weight : usual[piece.kind];
}
