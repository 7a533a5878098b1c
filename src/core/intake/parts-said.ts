import type { Kind } from "../piece/kinds";
import type { SaidPart } from "./colours";
import type { FoundWord } from "./read-words";
import type { Meaning } from "./vocabulary/entry";

/** How far a word that names a part may stand from the colour or the metal that is said of it. */
const reach = 2;

/** The part that a word close behind names: "gold zip", "white rubber sole", "gold and silver buckle". */
export function partNear(kind: Kind, after: readonly FoundWord[]): NonNullable<Meaning["part"]> | null {
  const isPassed = ({ meanings }: FoundWord) =>
    meanings.some(({ metal, filler }) => metal !== undefined || filler === true);
  for (const { meanings } of after.filter((word) => !isPassed(word)).slice(0, reach)) {
    const named = meanings.find(({ part, only }) => part !== undefined && (!only || only.includes(kind)));
    if (named?.part) return named.part;
    // Another colour or a new part of the line speaks of something else.
    if (meanings.some((meaning) => meaning.colour !== undefined || meaning.kind !== undefined)) return null;
  }
  return null;
}

/**
 * Heel or platform, where a further colour is said of it behind the piece: "black pumps silver heel". In front of it
 * the colours are those of the whole: "navy and white block heel sandals".
 */
export function heelNear(
  kind: Kind,
  before: readonly FoundWord[],
  after: readonly FoundWord[],
): SaidPart | null {
  if (!before.some(({ meanings }) => meanings.some((meaning) => meaning.kind === kind))) return null;
  for (const { meanings } of after.slice(0, reach)) {
    const measured = meanings.find(({ measures }) => measures === "lift" || measures === "platform");
    if (measured) return measured.measures === "lift" ? "heel" : "sole";
    if (meanings.some(({ colour }) => colour !== undefined)) return null;
  }
  return null;
}
