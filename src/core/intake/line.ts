import type { Kind } from "../piece/kinds";
import type { PieceDraft } from "../studio/piece-record";
import { readWords, type FoundWord } from "./read-words";
import { Said } from "./said";

/** A stretch of a line, whether it was understood, and what of the piece it said. */
export interface LinePart {
  readonly from: number;
  readonly to: number;
  readonly understood: boolean;
}

/** A line as a piece. */
export interface ReadLine {
  /** Null where nothing says what it is. */
  readonly piece: PieceDraft | null;
  readonly parts: readonly LinePart[];
  /** The words that say nothing that is known, in their order; they stay in the name. */
  readonly unknown: readonly string[];
  /** Figures that go with the form and nobody has said. */
  readonly assumed: readonly string[];
  /** Whether a colour was said. */
  readonly hasColour: boolean;
  /** Whether nothing says its colour, not even what it is made of: grey stands in. */
  readonly lacksColour: boolean;
}

/**
 * Reads a line such as "cognac suede ankle boots, block heel 5, gold zip" as a piece (docs/intake.md); one such as
 * "same as rust loafers but navy" as that piece with what is said otherwise.
 * @param called finds a piece by its name, as a person writes it; null where none has it
 */
export function readLine(line: string, called: (name: string) => PieceDraft | null = () => null): ReadLine {
  return readVaried(line, called) ?? readWhole(line);
}

function readWhole(line: string): ReadLine {
  const found = readWords(line);
  const head = headOf(found);
  const kind = head && kindOf(head);
  if (!head || !kind) return nothing(found);
  const said = new Said(kind);
  for (const [i, each] of found.entries())
    said.take(each, each === head, found.slice(i + 1), found.slice(0, i));
  return asRead(said, found, nameOf(line, found, head, said));
}

/** "Same as X but Y": what a person writes for a piece she has in another colour. */
const varied =
  /^\s*(?:the\s+)?(?:same\s+as|same|like|as)\s+(?:the\s+)?(.+?),?\s+(?:but|only|except)\s+(?:in\s+)?(.+)$/i;

/** The name of the piece that a line says another is like; null where it says none. */
export function likeNameIn(line: string): string | null {
  return varied.exec(line)?.[1] ?? null;
}

function readVaried(line: string, called: (name: string) => PieceDraft | null): ReadLine | null {
  const [, name = "", words = ""] = varied.exec(line) ?? [];
  const like = name === "" ? null : called(name);
  if (!like) return null;
  const at = line.length - words.length;
  const read = readVariation(like, words);
  const parts = read.parts.map(({ from, to, understood }) => ({ from: from + at, to: to + at, understood }));
  return { ...read, parts: [{ from: 0, to: at, understood: true }, ...parts] };
}

/** Reads words that say what is otherwise with a piece that is like another: "navy, gold zip". */
export function readVariation(like: PieceDraft, words: string): ReadLine {
  const found = readWords(words);
  const said = new Said(like.kind, like);
  for (const [i, each] of found.entries()) said.take(each, false, found.slice(i + 1), found.slice(0, i));
  const name = words.trim() === "" ? like.name : variedName(like.name, words, said.hasColour);
  return { ...asRead(said, found, name), hasColour: true };
}

function asRead(said: Said, found: readonly FoundWord[], name: string): ReadLine {
  const piece = said.pieceNamed(name);
  return {
    piece,
    parts: found.map((each) => ({ from: each.from, to: each.to, understood: !said.leaves(each) })),
    unknown: found.filter((each) => said.leaves(each)).map(({ text }) => text),
    assumed: piece.assumed ?? [],
    hasColour: said.hasColour,
    lacksColour: said.lacksColour,
  };
}

/** The name of a piece that is otherwise: another colour takes the place of the one in the name. */
function variedName(name: string, words: string, hasColour: boolean): string {
  if (!hasColour) return capital(`${name}, ${words}`.slice(0, 80));
  const isColour = ({ meanings }: FoundWord) =>
    meanings.some(({ colour, shade, kind }) => !kind && (colour ?? shade));
  const rest = readWords(name).filter((each) => !isColour(each));
  return capital(`${words} ${asTyped(name, rest)}`.slice(0, 80).trim());
}

/** Some words of a line in a row, with a hyphen between two where it stood there. */
function asTyped(line: string, some: readonly FoundWord[]): string {
  return some
    .map((each, i) => {
      const before = some[i - 1];
      if (!before) return each.text;
      return (line.slice(before.to, each.from) === "-" ? "-" : " ") + each.text;
    })
    .join("");
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

function nothing(found: readonly FoundWord[]): ReadLine {
  const understood = ({ meanings, measured }: FoundWord) => meanings.length > 0 || measured !== null;
  return {
    piece: null,
    parts: found.map((each) => ({ from: each.from, to: each.to, understood: understood(each) })),
    unknown: found.filter((each) => !understood(each)).map(({ text }) => text),
    assumed: [],
    hasColour: found.some(({ meanings }) => meanings.some(({ colour }) => colour !== undefined)),
    lacksColour: false,
  };
}

const kindOf = ({ meanings }: FoundWord): Kind | null => meanings.find(({ kind }) => kind)?.kind ?? null;

/** The word that says what the piece is: the last one of the first part that has one, not behind "with". */
function headOf(found: readonly FoundWord[]): FoundWord | null {
  const heads = found.filter((each) => kindOf(each) !== null);
  const plain = heads.filter(({ isDetail }) => !isDetail);
  const named = plain.length > 0 ? plain : heads;
  const isLoose = ({ meanings }: FoundWord) => meanings.find(({ kind }) => kind)?.loose === true;
  const said = named.filter((each) => !isLoose(each));
  const from = said.length > 0 ? said : named;
  const part = from[0]?.part;
  return from.findLast((each) => each.part === part) ?? null;
}

/**
 * The name: the part of the line that says what the piece is, as it was typed and without measures, its first letter a
 * capital; behind it whatever was not understood elsewhere.
 */
function nameOf(line: string, found: readonly FoundWord[], head: FoundWord, said: Said): string {
  const own = found.filter(({ part, measured }) => part === head.part && !measured);
  const strays = found.filter((each) => said.leaves(each) && !own.includes(each));
  const words = asTyped(line, own).replace(/\s+(with|in|on|and)$/i, "");
  return capital([words || line, asTyped(line, strays)].filter(Boolean).join(", ").slice(0, 80).trim());
}
