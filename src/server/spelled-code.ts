import { randomInt } from "node:crypto";

/** Letters and digits that nobody takes for one another. */
const letters = "ABCDEFGHJKMNPQRSTVWXYZ23456789";

/** A random code that somebody copies by hand. */
export function spelledCode(length: number): string {
  return Array.from({ length }, () => letters[randomInt(letters.length)]).join("");
}
