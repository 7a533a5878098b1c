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
  const leans = countLeans(pieces, []);
  const contrast = contrastOf(pieces, leans);
  if (contrast) return contrast;
  const most = mostShared(leans);
  if (most && most.count * 2 >= pieces.length && (most.count > 1 || pieces.length === 1))
    return { kind: "shared", ...most };
  return { kind: "unrelated", poles: cover(pieces) };
}

/** How many of some pieces lean each way, in the order of the poles. */
type Leans = readonly number[];

const orderOf = Object.fromEntries(poles.map((pole, i) => [pole, i])) as Readonly<Record<Pole, number>>;

/** @param but pieces that lean one of these ways are left out */
function countLeans(pieces: readonly Piece[], but: readonly Pole[]): Leans {
  const leans = poles.map(() => 0);
  for (const piece of pieces) {
    if (but.length > 0 && leansOne(piece, but)) continue;
    for (const pole of piece.poles) leans[orderOf[pole]] = (leans[orderOf[pole]] ?? 0) + 1;
  }
  return leans;
}

function leansOne({ poles: own }: Piece, ways: readonly Pole[]): boolean {
  for (const way of ways) if (own.includes(way)) return true;
  return false;
}

/** The pole that most of the pieces have; the first of the poles where several tie. */
function mostShared(leans: Leans): { readonly pole: Pole; readonly count: number } | null {
  let most = 0;
  for (let i = 1; i < leans.length; i += 1) if ((leans[i] ?? 0) > (leans[most] ?? 0)) most = i;
  const [pole, count] = [poles[most], leans[most] ?? 0];
  return pole && count > 0 ? { pole, count } : null;
}

function contrastOf(pieces: readonly Piece[], leans: Leans): Extract<Story, { kind: "contrast" }> | null {
  for (const [pole, against] of axes) {
    const one = leans[orderOf[pole]] ?? 0;
    const other = leans[orderOf[against]] ?? 0;
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
