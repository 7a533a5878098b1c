import { boardReader } from "@/core/search/board";
import type { Reach } from "@/core/search/reach";
import type { NamedPieces } from "@/core/studio/bench-source";
import type { Asker } from "./asker";
import { breathing } from "./breath";
import { layOut, type Wardrobe } from "@/core/studio/wardrobe";

/** Milliseconds between two batches of rows. */
const news = 100;

/** A board by what is on it: every set on every base, for an occasion. */
export interface BoardKey {
  readonly sets: readonly NamedPieces[];
  readonly bases: readonly NamedPieces[];
  readonly occasionId: string | null;
}

/** One row of a board: a set by its id, with what it makes of each base. */
export type BoardRow = readonly [string, readonly Reach[]];

/**
 * Reads sets on bases for an occasion and tells the rows in batches, as they are read. Between two batches whoever asked
 * may have asked for another board.
 */
export async function readBoard(
  wardrobe: Wardrobe,
  { sets, bases, occasionId }: BoardKey,
  { tell, goesOn }: Asker<readonly BoardRow[]>,
): Promise<void> {
  const readCells = boardReader();
  let rows: BoardRow[] = [];
  let told = performance.now();
  const breathe = breathing();
  for (const { id, pieceIds: accessoryIds, ways = [] } of sets) {
    const row = readCells(bases, ({ pieceIds: garmentIds }) =>
      layOut(wardrobe, { garmentIds, accessoryIds, adjustments: ways, occasionId }),
    ).map(({ reach }) => reach);
    rows.push([id, row]);
    await breathe();
    if (!goesOn()) return;
    if (performance.now() - told < news) continue;
    tell(rows);
    rows = [];
    told = performance.now();
  }
  if (goesOn()) tell(rows);
}
