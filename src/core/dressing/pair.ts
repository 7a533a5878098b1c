import { putInOrder } from "../lists/put-in-order";
import type { Dressed } from "./dressed";

/** What two accessories are by themselves, without a base: all that a rule of pairs may read. */
export type PairView = Pick<
  Dressed,
  | "look"
  | "body"
  | "worn"
  | "visible"
  | "accessories"
  | "shoe"
  | "bag"
  | "hosiery"
  | "palette"
  | "neck"
  | "tied"
  | "landing"
>;

/** Two accessories side by side, put together from each alone: pairs are asked about by the ten thousand. */
export function pairOf(one: Dressed, other: Dressed): PairView {
  return {
    look: one.look,
    body: one.body,
    worn: [...one.worn, ...other.worn],
    visible: [...one.visible, ...other.visible],
    accessories: [...one.accessories, ...other.accessories],
    shoe: one.shoe ?? other.shoe,
    bag: one.bag ?? other.bag,
    hosiery: one.hosiery ?? other.hosiery,
    palette: [...one.palette, ...other.palette],
    neck: neckOf(one.neck, other.neck),
    tied: one.tied ?? other.tied,
    landing: one.landing ?? other.landing,
  };
}

/** What lies at the neck of the two; most pieces lie elsewhere, and add nothing. */
function neckOf(one: Dressed["neck"], other: Dressed["neck"]): Dressed["neck"] {
  if (other.necklaces.length === 0 && !other.scarf) return one;
  if (one.necklaces.length === 0 && !one.scarf) return other;
  const necklaces = [...one.necklaces, ...other.necklaces];
  return {
    edge: null,
    necklaces: putInOrder(necklaces, (higher, lower) => higher.lowest - lower.lowest),
    scarf: one.scarf ?? other.scarf,
    scarfBelow: one.scarfBelow ?? other.scarfBelow,
  };
}
