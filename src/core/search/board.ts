import type { Look } from "../piece/look";
import { isLegged, type Piece } from "../piece/piece";
import { readMany, type ReadLook } from "../reading/read-many";
import { solveTurnUp, type TurnUp } from "../reading/turn-ups";
import { reachOf, type Reach } from "./reach";

/** Reads cells of a board by what each is made of, as `readMany` reads looks; in their order. */
export type ReadCells = <T>(
  all: readonly T[],
  lookOf: (one: T) => Look,
  besideOf?: (one: T) => ReadLook | null,
) => { readonly of: T; readonly reach: Reach }[];

/**
 * Reads the cells of a board: what each look makes of itself, as `reachOf` has it. A turn-up rests on the
 * legs, what is on the foot and the occasion alone, so each meeting of those is solved once for the board.
 */
export function boardReader(): ReadCells {
  const solved = new Map<string, TurnUp | null>();
  const solve = (look: Look): TurnUp | null => {
    const key = meetingOf(look);
    let turn = solved.get(key);
    if (turn === undefined) {
      turn = solveTurnUp(look)?.best ?? null;
      solved.set(key, turn);
    }
    return turn;
  };
  return (all, lookOf, besideOf) =>
    Array.from(readMany(all, lookOf, besideOf), ({ of, look, reading }) => ({
      of,
      reach: reachOf(look, solve, reading),
    }));
}

/** What a turn-up rests on, by ids. */
function meetingOf({ garments, accessories, occasion }: Look): string {
  const ids = (pieces: readonly Piece[]) => pieces.map(({ id }) => id).join();
  const foot = accessories.filter(({ kind }) => kind === "shoe" || kind === "hosiery");
  return `${ids(garments.filter(isLegged))}|${ids(foot)}|${occasion?.id ?? ""}`;
}
