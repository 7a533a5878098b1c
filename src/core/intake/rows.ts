import type { ReadLine } from "./line";
import { likeNameIn, readLine } from "./line";
import { pieceForm } from "../schema/forms/piece-form";
import { validate } from "../schema/validate";
import type { PieceDraft, PieceInput } from "../studio/piece-record";

/** As many pieces as are taken up at once. */
export const mostAtOnce = 5000;

/** A row as a piece to be recorded, before it is checked. */
export interface RowRead {
  /** Its line in what was typed, pasted or sent, from 1. */
  readonly line: number;
  /** The number of a piece on record that it changes; null for a new one. */
  readonly id: string | null;
  /** The client's name; nothing for the studio's own, null where no row says whose it is. */
  readonly ownerName: string | null;
  /** The piece as its form sends it, but for whose it is; null where nothing says what it is. */
  readonly input: Readonly<Record<string, unknown>> | null;
  /** What could not be read, a sentence each. */
  readonly faults: readonly string[];
  /** Words that said nothing that is known: they stay in the name. */
  readonly unknown: readonly string[];
  /** Whether nothing says its colour: grey stands in. */
  readonly lacksColour: boolean;
}

/** A row that was checked: the piece as it would be recorded, or what to put right. */
export interface CheckedRow extends Pick<RowRead, "line" | "unknown" | "lacksColour"> {
  /** Null where it cannot be recorded so. */
  readonly piece: RowToKeep | null;
  readonly faults: readonly string[];
}

/** A piece to be recorded with others; with the number of one on record it takes its place. */
export type RowToKeep = PieceInput & { readonly id: string | null };

/** A client by name, to whom pieces may belong. */
export interface Owner {
  readonly id: string;
  readonly name: string;
}

/** Reads every line of a text that is not empty as a piece; "same as" looks among the lines above, then elsewhere. */
export function readLines(text: string, called: (name: string) => PieceDraft | null): RowRead[] {
  const above: PieceDraft[] = [];
  return text.split(/\r\n|\r|\n/).flatMap((words, i): RowRead[] => {
    if (words.trim() === "") return [];
    const { piece, unknown, lacksColour } = readLine(
      words,
      (name) => pieceCalled(above, name) ?? called(name),
    );
    if (piece) above.unshift(piece);
    return [{ line: i + 1, id: null, ownerName: null, ...asInput(words, piece), unknown, lacksColour }];
  });
}

function asInput(words: string, piece: ReadLine["piece"]): Pick<RowRead, "input" | "faults"> {
  if (piece) return { input: { state: "ready", backOn: null, needs: [], piece }, faults: [] };
  const like = likeNameIn(words);
  return {
    input: null,
    faults: [
      like ? `Nothing on the rail is called "${like}".` : "Nothing says what it is: boots, a bag, a scarf.",
    ],
  };
}

/** The piece that a person means by a name: all its words are in the piece's own. */
export function pieceCalled<P extends { readonly name: string }>(
  pieces: readonly P[],
  name: string,
): P | null {
  const words = wordsOf(name);
  const exact = pieces.find((piece) => wordsOf(piece.name).join(" ") === words.join(" "));
  if (exact || words.length === 0) return exact ?? null;
  return pieces.find((piece) => words.every((word) => wordsOf(piece.name).includes(word))) ?? null;
}

function wordsOf(text: string): string[] {
  return text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];
}

/**
 * Checks rows as their form would, each by itself.
 * @param usual whose a piece is of which no row says it
 */
export function checkRows(
  rows: readonly RowRead[],
  owners: readonly Owner[],
  usual: string | null,
): CheckedRow[] {
  const seen = new Map<string, number>();
  return rows.map((row) => {
    const owner = ownerOf(row.ownerName, owners, usual);
    const faults = [...row.faults, ...(typeof owner === "string" ? [owner] : [])];
    const before = row.id === null ? undefined : seen.get(row.id);
    if (before !== undefined) faults.push(`Line ${before} is about the same piece.`);
    if (row.id !== null) seen.set(row.id, row.line);
    const { line, unknown, lacksColour } = row;
    const told = { line, unknown, lacksColour, faults };
    if (!row.input || typeof owner === "string") return { ...told, piece: null };
    const checked = validate(pieceForm, { ...row.input, id: null, version: null, clientId: owner.id });
    if (!checked.ok) faults.push(...checked.faults.map(({ say }) => say));
    if (!checked.ok || faults.length > 0) return { ...told, piece: null };
    const { version: _version, ...piece } = checked.value;
    return { ...told, piece: { ...piece, id: row.id } };
  });
}

/** Whose a row is; a text says why nobody's. */
function ownerOf(
  name: string | null,
  owners: readonly Owner[],
  usual: string | null,
): { readonly id: string | null } | string {
  if (name === null) return { id: usual };
  if (name === "") return { id: null };
  const same = owners.filter((owner) => owner.name.toLowerCase() === name.toLowerCase());
  const [only] = same;
  if (same.length > 1) return `Two clients are called ${name}.`;
  return only ? { id: only.id } : `No client is called ${name}.`;
}
