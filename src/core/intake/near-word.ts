import { knownWords, singular } from "./vocabulary";

/** A word this short is as likely another word as a slip of the finger. */
const shortest = 5;

/** Each known word by what is left of it when one letter is missing. */
const oneLetterLess = new Map<string, string[]>();
for (const word of knownWords)
  if (word.length >= shortest - 1)
    for (const less of withoutOne(word)) oneLetterLess.set(less, [...(oneLetterLess.get(less) ?? []), word]);

/**
 * The known word that a word was meant to be, with one slip in it: a letter too many, missing, another, or two
 * exchanged. Known words and short ones are themselves; null where nothing known is near.
 */
export function nearWord(word: string): string | null {
  if (isKnown(word)) return word;
  if (word.length < shortest) return null;
  const near = [...candidates(word)].filter((known) => slips(word, known) <= 1);
  // Hands slip within a word more often than at its first letter.
  near.sort(
    (one, other) => Number(other[0] === word[0]) - Number(one[0] === word[0]) || one.localeCompare(other),
  );
  return near[0] ?? null;
}

function isKnown(word: string): boolean {
  return knownWords.has(word) || knownWords.has(singular(word));
}

function candidates(word: string): Set<string> {
  const found = new Set<string>(oneLetterLess.get(word) ?? []);
  for (const less of withoutOne(word)) {
    if (knownWords.has(less)) found.add(less);
    for (const known of oneLetterLess.get(less) ?? []) found.add(known);
  }
  // The plural of a word that is kept in the singular may have the slip in it as well.
  if (word.endsWith("s") && word.length > shortest)
    for (const known of candidates(word.slice(0, -1))) found.add(`${known}s`);
  return found;
}

function withoutOne(word: string): string[] {
  return Array.from({ length: word.length }, (_, i) => word.slice(0, i) + word.slice(i + 1));
}

/** Whether two words are one slip apart: 0, 1, or more (2). */
function slips(one: string, other: string): number {
  if (one === other) return 0;
  if (Math.abs(one.length - other.length) > 1) return 2;
  let i = 0;
  while (i < one.length && one[i] === other[i]) i += 1;
  const [a, b] = [one.slice(i), other.slice(i)];
  if (a.slice(1) === b || a === b.slice(1) || a.slice(1) === b.slice(1)) return 1;
  return a[0] === b[1] && a[1] === b[0] && a.slice(2) === b.slice(2) ? 1 : 2;
}
