import { paler } from "@/core/colour/paler";

/** How much paler a reverse is drawn at the least, so that it is told from the right side. */
const leastPaler = 0.08;

/** How much paler the reverse of a scarf is drawn that is so much paler (0-1). */
export function drawnPaler(by: number): number {
  return Math.max(leastPaler, by);
}

/** A colour of a scarf as its reverse is drawn. */
export function reverseOf(hex: string, by: number): string {
  return paler(hex, drawnPaler(by));
}
