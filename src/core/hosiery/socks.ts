import type { PieceOf } from "../piece/piece";

const socks: ReadonlySet<PieceOf<"hosiery">["figures"]["form"]> = new Set([
  "liner",
  "ankle sock",
  "crew sock",
  "boot sock",
]);

/** Whether hosiery is a sock rather than a stocking. */
export function isSock(hosiery: PieceOf<"hosiery">): boolean {
  return socks.has(hosiery.figures.form);
}
