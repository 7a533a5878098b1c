/**
 * Moves wanted places along a line so that neighbours are at least `gap` apart and all lie in `room`, as
 * near to where they were wanted as going through them once each way allows. Order is kept.
 * @param wanted in any order; the answer has the same order
 */
export function apart(
  wanted: readonly number[],
  gap: number,
  room: { readonly from: number; readonly to: number },
): number[] {
  const order = wanted.map((at, i) => ({ at, i })).sort((one, other) => one.at - other.at || one.i - other.i);
  let free = room.from;
  const pushed = order.map(({ at }) => {
    const placed = Math.max(at, free);
    free = placed + gap;
    return placed;
  });
  let most = room.to;
  for (let i = pushed.length - 1; i >= 0; i--) {
    pushed[i] = Math.min(pushed[i] ?? most, most);
    most = (pushed[i] ?? most) - gap;
  }
  const places = [...wanted];
  order.forEach(({ i }, at) => {
    places[i] = pushed[at] ?? places[i] ?? 0;
  });
  return places;
}
