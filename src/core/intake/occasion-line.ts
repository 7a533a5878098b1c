import type { Occasion } from "../piece/occasion";
import { dayIn } from "./day-words";
import { occasionPhrases, type OccasionMeaning } from "./vocabulary/occasions";

/** A line as an occasion: what it says, the day it names if any, and what remains as its name. */
export interface ReadOccasion {
  readonly name: string;
  /** yyyy-mm-dd; null where the line names no day. */
  readonly day: string | null;
  readonly said: Omit<OccasionMeaning, "isPlace">;
}

const longestPhrase = Math.max(...Object.keys(occasionPhrases).map((phrase) => phrase.split(" ").length));

/**
 * Reads a line such as "gallery opening on Friday evening" as an occasion: what is said first sets the levels, a dress code
 * that is named before it.
 * @param today yyyy-mm-dd, from which "Friday" and "tomorrow" are counted
 */
export function readOccasion(line: string, today: string): ReadOccasion {
  const { day, hour, rest } = dayIn(line, today);
  const found = phrasesIn(`${rest} ${hour}`);
  const isPlace = ({ meaning }: Found) => meaning.isPlace === true;
  const codes = found.filter(({ phrase }) => codeWords.has(phrase));
  const usual = found.filter(({ meaning }) => meaning.span);
  const [first] = [...codes, ...usual.filter((each) => !isPlace(each)), ...usual];
  const levels = first?.meaning.span;
  // An occasion goes before the place it is at, and a time or a ground that is named before what is usual.
  const named = found.filter(({ meaning }) => !meaning.span);
  const places = usual.filter(isPlace).reverse();
  const occasions = usual.filter((each) => !isPlace(each)).reverse();
  const { isPlace: _isPlace, ...said } = Object.assign(
    {},
    ...[...places, ...occasions, ...named].map(({ meaning }) => meaning),
  ) as OccasionMeaning;
  const flags = [...new Set(found.flatMap(({ meaning }) => meaning.flags ?? []))];
  return {
    name: nameOf(rest || line),
    day,
    said: { ...said, ...(levels ? { span: levels } : {}), ...(flags.length > 0 ? { flags } : {}) },
  };
}

/** Phrases that name how to dress rather than what for. */
const codeWords: ReadonlySet<string> = new Set([
  "black tie",
  "white tie",
  "cocktail",
  "casual",
  "smart casual",
  "smart",
  "business casual",
  "business",
  "dressy",
  "formal",
]);

/** A phrase of a line with what it says. */
interface Found {
  readonly phrase: string;
  readonly meaning: OccasionMeaning;
}

function phrasesIn(line: string): Found[] {
  const words = line.toLowerCase().match(/[\p{L}'’-]+/gu) ?? [];
  const found: Found[] = [];
  for (let at = 0; at < words.length;) {
    const taken = longestFrom(words, at);
    if (taken) found.push(taken);
    at += taken ? taken.phrase.split(" ").length : 1;
  }
  return found;
}

function longestFrom(words: readonly string[], at: number) {
  for (let length = Math.min(longestPhrase, words.length - at); length > 0; length -= 1) {
    const phrase = words.slice(at, at + length).join(" ");
    const meaning = occasionPhrases[phrase] ?? occasionPhrases[phrase.replace(/s$/, "")];
    if (meaning) return { phrase, meaning };
  }
  return null;
}

function nameOf(text: string): string {
  const name = text
    .replace(/\s+/g, " ")
    .replace(/ (?=[,;.])/g, "")
    .replace(/^[\s,;.-]+|[\s,;.-]+$/g, "")
    .replace(/\s+(on|at|in|the|for)$/i, "")
    .slice(0, 120)
    .trim();
  return name.charAt(0).toUpperCase() + name.slice(1);
}

/** The occasion with what a line said of it. */
export function withSaid<O extends Omit<Occasion, "id">>(occasion: O, { name, day, said }: ReadOccasion): O {
  return { ...occasion, ...said, name, day: day ?? occasion.day };
}
