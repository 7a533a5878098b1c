import { needsRest, type OnRecord, type ShownBefore, type Upkeep } from "../piece/on-record";
import type { PieceRecord } from "./piece-record";

/** What is on record of several clients beside their pieces. */
export interface RecordOfEach {
  readonly today: string;
  /** The last day each piece was worn, yyyy-mm-dd, by its id. */
  readonly lastWorn: Readonly<Record<string, string>>;
  /** What was shown before whom, by the client's id. */
  readonly shown: Readonly<Record<string, readonly ShownBefore[]>>;
}

/** What is on record of one client's pieces, as her looks are read by it. */
export function onRecordOf(record: RecordOfEach, pieces: readonly PieceRecord[], clientId: string): OnRecord {
  const { today, shown } = record;
  return { today, upkeep: upkeepOfAll(record, pieces), shown: shown[clientId] ?? [] };
}

/** What is known of pieces, by their ids. */
export function upkeepOfAll(
  { lastWorn }: Pick<RecordOfEach, "lastWorn">,
  pieces: readonly PieceRecord[],
): OnRecord["upkeep"] {
  const kept = pieces.flatMap((record): [string, Upkeep][] => {
    const upkeep = upkeepOf(record, lastWorn[record.piece.id] ?? null);
    return upkeep ? [[record.piece.id, upkeep]] : [];
  });
  return Object.fromEntries(kept);
}

/** What is known of a piece that a day hangs on; null where nothing is. Of what needs no rest, when it was worn is no matter. */
function upkeepOf({ piece, state, backOn, needs }: PieceRecord, worn: string | null): Upkeep | null {
  const away = state === "ready" ? null : state;
  const lastWorn = needsRest(piece) ? worn : null;
  if (!away && needs.length === 0 && lastWorn === null) return null;
  return { away, back: backOn, needs, lastWorn };
}
