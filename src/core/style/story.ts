import { speaks, type Piece } from "../piece/piece";
import { poles, type Pole } from "./poles";

/** The poles that lie against one another. */
const axes: readonly (readonly [Pole, Pole])[] = [
  ["classic", "rugged"],
  ["minimal", "bohemian"],
  ["sport", "gala"],
  ["romantic", "tailored"],
];

/** What the pieces of a set have in common. */
export type Story =
  | { readonly kind: "shared"; readonly pole: Pole; readonly count: number }
  | { readonly kind: "contrast"; readonly pole: Pole; readonly against: Pole }
  | { readonly kind: "unrelated"; readonly poles: readonly Pole[] };

/**
 * Reads the story of some pieces (docs/model.md, Surfaces): at least half share a pole; or two opposite poles hold
 * them all, with two pieces each way, or one against a rest of statement 1 at most; else they are unrelated, by the
 * fewest poles that still name every piece.
 */
export function storyOf(pieces: readonly Piece[]): Story {
  const leans = countLeans(pieces);
  const contrast = contrastOf(pieces, leans);
  if (contrast) return contrast;
  const most = mostShared(leans);
  if (most && most.count * 2 >= pieces.length && (most.count > 1 || pieces.length === 1))
    return { kind: "shared", ...most };
  return { kind: "unrelated", poles: cover(pieces) };
}

/** How many of the pieces lean each way. */
type Leans = Record<Pole, number>;

/** @param but pieces that lean one of these ways are left out */
function countLeans(pieces: readonly Piece[], but: readonly Pole[] = []): Leans {
  const leans: Leans = {
    classic: 0,
    minimal: 0,
    sport: 0,
    romantic: 0,
    rugged: 0,
    bohemian: 0,
    tailored: 0,
    gala: 0,
  };
  for (const piece of pieces) if (!leansOne(piece, but)) for (const pole of piece.poles) leans[pole] += 1;
  return leans;
}

function leansOne({ poles: own }: Piece, ways: readonly Pole[]): boolean {
  for (const way of ways) if (own.includes(way)) return true;
  return false;
}

/** The pole that most of the pieces have; the first of the poles where several tie. */
function mostShared(leans: Leans): { readonly pole: Pole; readonly count: number } | null {
  let most: Pole | null = null;
  for (const pole of poles) if (leans[pole] > (most ? leans[most] : 0)) most = pole;
  return most && { pole: most, count: leans[most] };
}

function contrastOf(pieces: readonly Piece[], leans: Leans): Extract<Story, { kind: "contrast" }> | null {
  for (const [pole, against] of axes) {
    const one = leans[pole];
    const other = leans[against];
    if (one === 0 || other === 0 || one + other !== pieces.length) continue;
    if (pieces.some(({ poles: own }) => own.includes(pole) === own.includes(against))) continue;
    const isLoud = (way: Pole) => pieces.some((piece) => speaks(piece, 2) && piece.poles.includes(way));
    const balanced = one >= 2 && other >= 2;
    if (balanced || (other === 1 && !isLoud(pole)) || (one === 1 && !isLoud(against)))
      return { kind: "contrast", pole, against };
  }
  return null;
}

/** The fewest poles, taken greedily, that name every piece. */
function cover(pieces: readonly Piece[]): Pole[] {
  const named: Pole[] = [];
  for (;;) {
    const most = mostShared(countLeans(pieces, named));
    if (!most) return named;
    named.push(most.pole);
  }
}
