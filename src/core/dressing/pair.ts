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
  | "landing"
>;

/** Two accessories side by side, put together from each alone: pairs are asked about by the ten thousand. */
export function pairOf(one: Dressed, other: Dressed): PairView {
  const necklaces = [...one.neck.necklaces, ...other.neck.necklaces];
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
    neck: {
      edge: null,
      necklaces: necklaces.sort((higher, lower) => higher.lowest - lower.lowest),
      scarf: one.neck.scarf ?? other.neck.scarf,
      scarfBelow: one.neck.scarfBelow ?? other.neck.scarfBelow,
    },
    landing: one.landing ?? other.landing,
  };
}
