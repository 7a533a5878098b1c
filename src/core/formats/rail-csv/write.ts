import Papa from "papaparse";
import type { PieceDraft, PieceInput } from "../../studio/piece-record";
import { guarded, sayColours, sayFigure } from "./cells";
import { columns, headOf, type Column, type CommonColumn } from "./columns";

/** A piece of the rail with what names it, and whose it is by name: nothing for the studio's own. */
export interface PieceOfRail extends PieceInput {
  readonly id: string;
  readonly ownerName: string;
}

/**
 * The rail as a table: a line a piece, the columns that any of them has something in, UTF-8 with a mark for spreadsheets.
 * Read again it is the same rail.
 */
export function writeRailCsv(pieces: readonly PieceOfRail[]): string {
  const rows = pieces.map((piece) => columns.map((column) => cellOf(piece, column)));
  const used = columns.flatMap((column, i) =>
    i < always || rows.some((row) => row[i] !== "") ? [{ column, i }] : [],
  );
  const data = rows.map((row) => used.map(({ i }) => guarded(row[i] ?? "")));
  const text = Papa.unparse({ fields: used.map(({ column }) => headOf(column)), data }, { newline: "\r\n" });
  return `\ufeff${text}\r\n`;
}

/** Number, owner, kind and name stand even where no piece does. */
const always = 4;

function cellOf(piece: PieceOfRail, { of, name }: Column): string {
  if (of === "piece") return common[name](piece);
  return sayFigure((piece.piece.figures as Readonly<Record<string, unknown>>)[name]);
}

const ofDraft =
  (say: (draft: PieceDraft) => string) =>
  ({ piece }: PieceOfRail) =>
    say(piece);

const common: Readonly<Record<CommonColumn, (piece: PieceOfRail) => string>> = {
  number: ({ id }) => id,
  owner: ({ ownerName }) => ownerName,
  kind: ofDraft(({ kind }) => kind),
  name: ofDraft(({ name }) => name),
  state: ({ state }) => state,
  "back on": ({ backOn }) => backOn ?? "",
  needs: ({ needs }) => (needs ?? []).join("; "),
  colours: ofDraft(({ swatches }) => sayColours(swatches)),
  finish: ofDraft(({ finish }) => finish),
  "second finish": ofDraft(({ secondFinish }) => secondFinish ?? ""),
  cloth: ofDraft(({ cloth }) => cloth ?? ""),
  pattern: ofDraft(({ pattern }) => pattern),
  "pattern size": ofDraft(({ patternScale }) => String(patternScale)),
  metal: ofDraft(({ metal }) => metal),
  "metal shows": ofDraft(({ metalSize }) => String(metalSize)),
  style: ofDraft(({ poles }) => poles.join("; ")),
  "eye-catching": ofDraft(({ statement }) => sayFigure(statement)),
  level: ofDraft(({ register }) => sayFigure(register?.centre)),
  "level from": ofDraft(({ register }) => sayFigure(register?.low)),
  "level to": ofDraft(({ register }) => sayFigure(register?.high)),
  assumed: ofDraft(({ assumed }) => (assumed ?? []).join("; ")),
};
