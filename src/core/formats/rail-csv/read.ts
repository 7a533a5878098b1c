import Papa from "papaparse";
import { kindNames, type Kind } from "../../piece/kinds";
import { specOf } from "../../piece/piece";
import { spanAround } from "../../register/ladder";
import { readLine } from "../../intake/line";
import type { RowRead } from "../../intake/rows";
import { newPiece } from "../../studio/new-piece";
import { FormatError } from "../format-error";
import { listIn, numberIn, readColours, readFigure, unguarded } from "./cells";
import { columnCalled, type Column, type CommonColumn } from "./columns";

/** A table as it was read: its headings, what each is taken for, and the cells of its rows. */
export interface RailTable {
  readonly headings: readonly string[];
  /** For each heading the column it is taken for; null: it is left out. */
  readonly matches: readonly (Column | null)[];
  readonly rows: readonly (readonly string[])[];
}

/** The text of a file as it was sent. @throws FormatError where it is not UTF-8 */
export function textOfCsv(bytes: Uint8Array): string {
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    throw new FormatError('The table is not written in UTF-8; save it again as "CSV UTF-8".');
  }
}

/** Reads a table with headings in its first line. @throws FormatError in one sentence */
export function readRailTable(text: string): RailTable {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\ufeff/, ""), { skipEmptyLines: "greedy" });
  const broken = errors.find(({ type }) => type === "Quotes");
  if (broken)
    throw new FormatError(
      `Line ${(broken.row ?? 0) + 1} of the table has a quotation mark that is not closed.`,
    );
  const [headings = [], ...rows] = data;
  const matches = firstOfEach(headings.map((heading) => columnCalled(unguarded(heading))));
  if (!matches.some((column) => column?.of === "piece" && saysWhat.has(column.name)))
    throw new FormatError('No column says what each piece is: one must be called "name" or "kind".');
  if (rows.length === 0) throw new FormatError("The table has headings and no piece under them.");
  return { headings, matches, rows };
}

const saysWhat: ReadonlySet<CommonColumn> = new Set(["name", "kind"]);

/** A column that two headings mean is the first one's. */
function firstOfEach(matches: readonly (Column | null)[]): (Column | null)[] {
  return matches.map((column, i) => {
    const first = matches.findIndex((other) => other?.of === column?.of && other?.name === column?.name);
    return column && first === i ? column : null;
  });
}

/** The rows of a table as pieces, each with what could not be read of it. */
export function readRows({ matches, rows }: Pick<RailTable, "matches" | "rows">): RowRead[] {
  const saysOwner = matches.some((column) => column?.name === "owner");
  return rows.map((cells, i) => {
    const said = new Map<string, string>();
    matches.forEach((column, at) => {
      const cell = unguarded((cells[at] ?? "").trim());
      if (column && cell !== "") said.set(`${column.of} ${column.name}`, cell);
    });
    const row = readRow(i + 2, said);
    return saysOwner ? row : { ...row, ownerName: null };
  });
}

function readRow(line: number, said: ReadonlyMap<string, string>): RowRead {
  const cell = (name: CommonColumn) => said.get(`piece ${name}`) ?? "";
  const id = cell("number") || null;
  const ownerName = cell("owner");
  const kind = kindNames.find((name) => name === cell("kind").toLowerCase());
  // Colours that no cell says are missed rather than taken for grey.
  const begun = kind
    ? { piece: { ...newPiece(kind), swatches: [] }, unknown: [], lacksColour: false }
    : written(said);
  const nothing = { input: null, faults: ["Nothing says what it is."], unknown: [], lacksColour: false };
  if (!begun) return { line, id, ownerName, ...nothing };
  const faults: string[] = [];
  const { piece, unknown } = begun;
  const figures = { ...(piece.figures as Record<string, unknown>) };
  const assumed = new Set(piece.assumed as readonly string[] | undefined);
  const fields = specOf({ kind: piece.kind as Kind }).figures;
  for (const [key, text] of said) {
    const [of = "", ...rest] = key.split(" ");
    const name = rest.join(" ");
    const field = fields[name];
    if (of !== "figure") continue;
    // A column called "heel" holds the heel's height as often as its form.
    const height = name === "tip" ? numberIn(text) : null;
    if (field && typeof height === "number") figures.lift = height;
    else if (field) figures[name] = readFigure(field, text);
    else if (kind) faults.push(`A ${kind} has no ${name}: leave "${text}" out.`);
    assumed.delete(name);
  }
  for (const name of listIn(cell("assumed"))) assumed.add(name);
  const colours = cell("colours") === "" ? null : readColours(cell("colours"));
  // Where a whole row is read as one line, its colours are read with it.
  if (typeof colours === "string" && kind) faults.push(colours);
  const draft = {
    ...piece,
    ...(cell("name") ? { name: cell("name") } : {}),
    ...(Array.isArray(colours) ? { swatches: colours } : {}),
    ...commonOf(cell, kind !== undefined),
    figures,
    ...(assumed.size > 0 ? { assumed: [...assumed] } : {}),
  };
  const input = {
    state: cell("state").toLowerCase() || "ready",
    backOn: cell("back on") || null,
    needs: listIn(cell("needs")),
    piece: draft,
  };
  const lacksColour = begun.lacksColour && !Array.isArray(colours);
  return { line, id, ownerName, input, faults, unknown, lacksColour };
}

interface Begun {
  readonly piece: Readonly<Record<string, unknown>>;
  readonly unknown: readonly string[];
  readonly lacksColour: boolean;
}

/** A piece that the words of a row say, as one line would. */
function written(said: ReadonlyMap<string, string>): Begun | null {
  const order: readonly CommonColumn[] = ["colours", "finish", "cloth", "pattern", "kind", "name"];
  const words = order.flatMap((name) => said.get(`piece ${name}`) ?? []);
  const metal = said.get("piece metal");
  const line = [words.join(" "), metal && `with ${metal}`].filter(Boolean).join(", ");
  const { piece, unknown, lacksColour } = readLine(line);
  if (!piece) return null;
  const { ...draft } = piece;
  return { piece: draft, unknown, lacksColour };
}

/** What a row says in the common columns, beside name and colours. Words of a line have been taken already. */
function commonOf(cell: (name: CommonColumn) => string, isWhole: boolean): Record<string, unknown> {
  const said: Record<string, unknown> = {};
  const take = (name: CommonColumn, key: string, read: (text: string) => unknown) => {
    const text = cell(name);
    if (text !== "") said[key] = read(text);
  };
  const word = (text: string) => text.toLowerCase();
  if (isWhole) {
    take("finish", "finish", word);
    take("second finish", "secondFinish", word);
    take("cloth", "cloth", word);
    take("pattern", "pattern", word);
    take("metal", "metal", word);
  }
  take("pattern size", "patternScale", numberIn);
  take("metal shows", "metalSize", numberIn);
  take("style", "poles", (text) => listIn(text).map(word));
  take("eye-catching", "statement", numberIn);
  const level = numberIn(cell("level"));
  if (cell("level") !== "") said.register = levelOf(level, cell("level from"), cell("level to"));
  return said;
}

/** The level with its span, which is a step to each side where it is not said. */
function levelOf(level: unknown, from: string, to: string): unknown {
  if (typeof level !== "number") return { low: level, centre: level, high: level };
  const usual =
    level >= 1 && level <= 9 ? spanAround(level, null) : { low: level, centre: level, high: level };
  const low = from === "" ? usual.low : numberIn(from);
  const high = to === "" ? usual.high : numberIn(to);
  return { low, centre: level, high };
}
