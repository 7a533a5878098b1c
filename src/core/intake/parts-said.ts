import type { Kind } from "../piece/kinds";
import type { SaidPart } from "./colours";
import { turning, type FoundWord } from "./read-words";

/** How far a word that names a part may stand from the colour or the metal that is said of it. */
const reach = 2;

/** A part that a colour or a metal is said of. */
export interface NearPart {
  readonly part: SaidPart;
  /** Whether the whole is meant where nothing else says its colour: what the part is like is said in front of the piece. */
  readonly perhapsWhole: boolean;
}

/** The part that a word close behind names: "gold zip", "white rubber sole", "gold and silver buckle". */
export function partNear(kind: Kind, word: FoundWord, after: readonly FoundWord[]): NearPart | null {
  const isPassed = ({ meanings }: FoundWord) =>
    meanings.some(({ metal, filler }) => metal !== undefined || filler === true);
  // What stands behind a comma is told by itself: "navy, silver chain".
  const near = after.filter((each) => each.part === word.part && !isPassed(each)).slice(0, reach);
  for (const each of near) {
    const { meanings } = each;
    const named = meanings.find(({ part, only }) => part !== undefined && (!only || only.includes(kind)));
    if (named?.part) {
      const isLikened = named.part === "strap" || named.figures !== undefined;
      return { part: named.part, perhapsWhole: isLikened && isNamedBehind(kind, each, after) };
    }
    // Another colour or a new part of the line speaks of something else.
    if (meanings.some((meaning) => meaning.colour !== undefined || meaning.kind !== undefined)) return null;
  }
  return null;
}

/** Whether the piece itself is named behind a word: "lug-sole boots". */
function isNamedBehind(kind: Kind, word: FoundWord, after: readonly FoundWord[]): boolean {
  return after
    .slice(after.indexOf(word) + 1)
    .some(({ meanings, isDetail }) => !isDetail && meanings.some((meaning) => meaning.kind === kind));
}

/** Whether a word tells what a piece has on it, not what it is: "with tassels", "satin lapels". */
export function isTrimming(
  { part }: FoundWord,
  before: readonly FoundWord[],
  [next]: readonly FoundWord[],
): boolean {
  const turn = before.findLast((each) => each.part === part && turning.has(each.text.toLowerCase()));
  if (turn?.text.toLowerCase() === "with") return true;
  return next?.part === part && next.meanings.some((meaning) => meaning.part === "trim");
}

/** Whether a colour goes on with the one before it: "black and gold", "navy gold striped". */
export function isJoined(before: readonly FoundWord[]): boolean {
  const last = before[before.length - 1];
  if (!last) return false;
  return last.text.toLowerCase() === "and" || last.meanings.some(({ colour }) => colour !== undefined);
}

/** Whether the inside is spoken of: "cashmere lined". */
export function isOfLining({ part }: FoundWord, [next]: readonly FoundWord[]): boolean {
  return next?.part === part && next.meanings.some((meaning) => meaning.part === "reverse");
}

/**
 * Heel or platform, where a further colour is said of it behind the piece: "black pumps silver heel". In front of it
 * the colours are those of the whole: "navy and white block heel sandals".
 */
export function heelNear(
  kind: Kind,
  before: readonly FoundWord[],
  after: readonly FoundWord[],
): NearPart | null {
  if (!before.some(({ meanings }) => meanings.some((meaning) => meaning.kind === kind))) return null;
  for (const { meanings } of after.slice(0, reach)) {
    const measured = meanings.find(({ measures }) => measures === "lift" || measures === "platform");
    if (measured) return { part: measured.measures === "lift" ? "heel" : "sole", perhapsWhole: false };
    if (meanings.some(({ colour }) => colour !== undefined)) return null;
  }
  return null;
}
