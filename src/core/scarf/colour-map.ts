import type { Convex } from "./plane";

/**
 * The picture of a cloth: rows from the top of the picture down, each of the numbers of its colours from left to right,
 * up to 64 x 64. The flat cloth lies face up with the picture's lower left corner at the origin.
 */
export interface ColourMap {
  readonly rows: readonly (readonly number[])[];
}

/** How fine a map may be. */
export const finestMap = 64;

/** A rectangle of one colour on the flat cloth, cm. */
export interface ColourPatch {
  readonly colour: number;
  readonly outline: Convex;
}

/**
 * The rectangles of one colour each that a map is made of: cells of a row that are alike are one, and so are runs alike
 * in rows one below another.
 * @param width and height of the cloth, cm
 * @throws RangeError for a map without cells, or whose rows are of several lengths
 */
export function patchesOf({ rows }: ColourMap, width: number, height: number): ColourPatch[] {
  const across = rows[0]?.length ?? 0;
  if (across === 0 || rows.some((row) => row.length !== across))
    throw new RangeError("a colour map has at least one cell, and all its rows are of one length");
  const open = new Map<string, { colour: number; from: number; to: number; top: number }>();
  const patches: ColourPatch[] = [];
  const cell = { x: width / across, y: height / rows.length };
  const close = (until: number, still: ReadonlySet<string>) => {
    for (const [key, { colour, from, to, top }] of open) {
      if (still.has(key)) continue;
      const [left, right] = [from * cell.x, to * cell.x];
      const [low, high] = [height - until * cell.y, height - top * cell.y];
      patches.push({
        colour,
        outline: [
          { x: left, y: low },
          { x: right, y: low },
          { x: right, y: high },
          { x: left, y: high },
        ],
      });
      open.delete(key);
    }
  };
  rows.forEach((row, top) => {
    const runs = runsOf(row);
    const keys = new Set(runs.map(({ colour, from, to }) => `${colour} ${from} ${to}`));
    close(top, keys);
    for (const run of runs) {
      const key = `${run.colour} ${run.from} ${run.to}`;
      if (!open.has(key)) open.set(key, { ...run, top });
    }
  });
  close(rows.length, new Set());
  return patches;
}

/** The runs of one colour in a row, from one cell to before another. */
function runsOf(row: readonly number[]) {
  const runs: { colour: number; from: number; to: number }[] = [];
  row.forEach((colour, at) => {
    const last = runs[runs.length - 1];
    if (last?.colour === colour) last.to = at + 1;
    else runs.push({ colour, from: at, to: at + 1 });
  });
  return runs;
}
