import { adjustmentSpec, wornSlot, type Adjustment } from "../piece/adjustment";
import type { Look } from "../piece/look";
import type { Piece } from "../piece/piece";
import { stacks } from "../piece/slots";
import { apply, wornSo, type Change } from "./change";

/**
 * What is done to one look of a base to make another of it: taken off, put on, worn otherwise. What a piece
 * takes the place of is not said apart. Done in their order they lead from the one to the other.
 */
export function changesBetween(one: Look, other: Look): Change[] {
  const on = other.accessories.filter((piece) => !one.accessories.includes(piece));
  const places = new Set(
    on.map((piece) => wornSlot(piece, other.adjustments)).filter((slot) => slot !== null && !stacks(slot)),
  );
  const off = one.accessories.filter(
    (piece) => !other.accessories.includes(piece) && !places.has(wornSlot(piece, one.adjustments)),
  );
  // What is worn in another slot than its own goes there first: its own is then free for the next piece.
  const moved = (piece: Piece) =>
    other.adjustments.filter(({ kind, piece: id }) => id === piece.id && "slot" in adjustmentSpec(kind));
  const [elsewhere, inPlace] = [true, false].map((is) =>
    on.filter((piece) => moved(piece).length > 0 === is),
  );
  const dressed = [
    ...off.map(({ id }): Change => ({ kind: "take-off", piece: id })),
    ...(elsewhere ?? []).flatMap((piece): Change[] => [{ kind: "wear", piece }, ...moved(piece).map(wornSo)]),
    ...(inPlace ?? []).map((piece): Change => ({ kind: "wear", piece })),
  ];
  const worn = new Set([...other.garments, ...other.accessories].map(({ id }) => id));
  const before = dressed.reduce(apply, one).adjustments.filter(({ piece }) => worn.has(piece));
  const undone = before.filter((way) => !other.adjustments.some((next) => isOfSameWay(way, next)));
  const done = other.adjustments.filter((next) => !before.some((way) => isSameWay(way, next)));
  return [
    ...dressed,
    ...undone.map(({ kind, piece }): Change => ({ kind: "undo", way: kind, piece })),
    ...done.map(wornSo),
  ];
}

function isOfSameWay(one: Adjustment, other: Adjustment): boolean {
  return one.kind === other.kind && one.piece === other.piece;
}

function isSameWay(one: Adjustment, other: Adjustment): boolean {
  if (!isOfSameWay(one, other)) return false;
  const settings: Readonly<Record<string, unknown>> = other;
  return Object.entries(one).every(([key, value]) => settings[key] === value);
}
