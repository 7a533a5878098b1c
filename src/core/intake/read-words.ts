import { parseLength } from "../length/parse-length";
import { nearWord } from "./near-word";
import { longestPhrase, meaningsOf } from "./vocabulary";
import type { Meaning } from "./vocabulary/entry";

/** A number in a line, in cm where it is a length; several for "90 x 90". */
export interface Measured {
  readonly numbers: readonly number[];
  /** What its unit says that it measures; null for a length or none. */
  readonly unit: "denier" | "weight" | null;
}

/** A stretch of a line: words that are known, a number, or a word that is not. */
export interface FoundWord {
  /** Where it stands in the line. */
  readonly from: number;
  readonly to: number;
  readonly text: string;
  readonly meanings: readonly Meaning[];
  readonly measured: Measured | null;
  /** Which part of the line it stands in, counted by its commas. */
  readonly part: number;
  /** Whether it stands behind "with", "in" or "on": there a word says a detail, not what the piece is. */
  readonly isDetail: boolean;
}

interface Token {
  readonly from: number;
  readonly to: number;
  readonly word: string;
  readonly part: number;
}

const piece =
  /(?:\d+\s+)?\d\/\d+\s*(?:inches|inch|in\b|")|\d\/\d|(\d+(?:[.,]\d+)?(?:\s*x\s*\d+(?:[.,]\d+)?)*)\s*(cm|mm|inches|inch|in\b|"|den\b|denier|kg|g\b)?|[\p{L}][\p{L}'’-]*|[,;.]/giu;

/** Words after which details are told. */
export const turning: ReadonlySet<string> = new Set(["with", "in", "on"]);

/** A line cut into what is known of it and what is not, in its order. */
export function readWords(line: string): readonly FoundWord[] {
  const tokens = tokensOf(line);
  const found: FoundWord[] = [];
  let isDetail = false;
  let part = 0;
  for (let i = 0; i < tokens.length;) {
    const token = tokens[i];
    if (!token) break;
    if (token.part !== part) isDetail = false;
    part = token.part;
    const measured = measuredOf(token.word);
    const taken = measured ? 1 : lengthOfPhrase(tokens, i);
    const last = tokens[i + Math.max(1, taken) - 1] ?? token;
    const text = line.slice(token.from, last.to);
    const words = tokens.slice(i, i + Math.max(1, taken)).map(({ word }) => nearWord(word) ?? word);
    if (turning.has(token.word)) isDetail = true;
    found.push({
      from: token.from,
      to: last.to,
      text,
      meanings: taken > 0 && !measured ? meaningsOf(words.join(" ")) : [],
      measured,
      part,
      isDetail,
    });
    i += Math.max(1, taken);
  }
  return found;
}

function tokensOf(line: string): Token[] {
  const tokens: Token[] = [];
  let part = 0;
  for (const match of line.matchAll(piece)) {
    const [word] = match;
    const from = match.index;
    if (/^[,;.]$/.test(word)) part += 1;
    else for (const each of apart(word.trim(), from)) tokens.push({ ...each, part });
  }
  return tokens;
}

/** A hyphened word as its parts, which phrases are looked up by; "3/4" and numbers stay whole. */
function apart(word: string, from: number): { word: string; from: number; to: number }[] {
  if (/\d/.test(word) || !word.includes("-"))
    return [{ word: word.toLowerCase(), from, to: from + word.length }];
  const parts: { word: string; from: number; to: number }[] = [];
  let at = from;
  for (const each of word.split("-")) {
    if (each) parts.push({ word: each.toLowerCase(), from: at, to: at + each.length });
    at += each.length + 1;
  }
  return parts;
}

/** How many words from here on make the longest phrase that is known, within one part of the line; 0 for none. */
function lengthOfPhrase(tokens: readonly Token[], at: number): number {
  const part = tokens[at]?.part;
  for (let count = Math.min(longestPhrase, tokens.length - at); count > 0; count -= 1) {
    const taken = tokens.slice(at, at + count);
    if (taken.some((token) => token.part !== part)) continue;
    const words = taken.map(({ word }) => nearWord(word) ?? word);
    if (meaningsOf(words.join(" ")).length > 0) return count;
  }
  return 0;
}

const inch = 2.54;

function measuredOf(word: string): Measured | null {
  const inches = /^((?:\d+\s+)?\d\/\d+)\s*(?:inches|inch|in|")$/i.exec(word)?.[1];
  const broken = inches === undefined ? null : parseLength(inches, "in");
  if (broken !== null) return { numbers: [Math.round(broken * 100) / 100], unit: null };
  const match = /^(\d[\d.,\sx]*?)\s*(cm|mm|inches|inch|in|"|den|denier|kg|g)?$/i.exec(word);
  if (!match) return null;
  const [, digits = "", unit = ""] = match;
  const numbers = digits
    .split(/x/i)
    .map((each) => Number(each.trim().replace(",", ".")))
    .filter((each) => Number.isFinite(each));
  const factor = { mm: 0.1, in: inch, inch, inches: inch, '"': inch, kg: 1000 }[unit.toLowerCase()] ?? 1;
  const measures = /^den/i.test(unit) ? "denier" : /^k?g$/i.test(unit) ? "weight" : null;
  return { numbers: numbers.map((each) => Math.round(each * factor * 100) / 100), unit: measures };
}
