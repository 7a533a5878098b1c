import { expose } from "comlink";
import type { Column } from "@/core/formats/rail-csv/columns";
import { FormatError } from "@/core/formats/format-error";
import { readRailTable, readRows, textOfCsv, type RailTable } from "@/core/formats/rail-csv/read";
import { checkRows, mostAtOnce, readLines, type CheckedRow, type Owner } from "@/core/intake/rows";
import { coloursOfPhoto, type PhotoHints, type ReadPhoto } from "@/core/photo/colours-of-photo";
import type { Photo } from "@/core/photo/photo";
import type { PieceDraft } from "@/core/studio/piece-record";

/** Whose pieces are: the clients by name, and whose one is of which nothing says it. */
export interface Whose {
  readonly owners: readonly Owner[];
  readonly usual: string | null;
}

/** A table as it was taken: what its headings mean, and its rows; or the one sentence why it cannot be. */
export type TakenTable =
  | { readonly ok: true; readonly table: RailTable; readonly rows: readonly CheckedRow[] }
  | { readonly ok: false; readonly say: string };

let table: RailTable | null = null;

const intake = {
  /** Every line of a text as a piece, checked. */
  lines(
    text: string,
    { owners, usual }: Whose,
    likes: Readonly<Record<string, PieceDraft | null>>,
  ): CheckedRow[] {
    return checkRows(
      readLines(text, (name) => likes[name] ?? null),
      owners,
      usual,
    );
  },

  /** A file as a table of pieces, checked. */
  table(bytes: Uint8Array, { owners, usual }: Whose): TakenTable {
    try {
      table = readRailTable(textOfCsv(bytes));
      if (table.rows.length > mostAtOnce)
        return {
          ok: false,
          say: `The table has ${table.rows.length} pieces; ${mostAtOnce} are taken at once: cut it in parts.`,
        };
      return { ok: true, table, rows: checkRows(readRows(table), owners, usual) };
    } catch (error) {
      if (error instanceof FormatError) return { ok: false, say: error.message };
      throw error;
    }
  },

  /** The rows of the table read anew, its headings taken for other columns. */
  matched(matches: readonly (Column | null)[], { owners, usual }: Whose): CheckedRow[] {
    return table ? checkRows(readRows({ ...table, matches }), owners, usual) : [];
  },

  /** The colours of the piece in a photo. */
  colours(photo: Photo, hints: PhotoHints): ReadPhoto {
    return coloursOfPhoto(photo, hints);
  },
};

export type Intake = typeof intake;

expose(intake);
