import type { Piece } from "../piece/piece";
import { poles, type Pole } from "./poles";

const opposites: Readonly<Record<Pole, Pole>> = {
  sport: "gala",
  gala: "sport",
  tailored: "romantic",
  romantic: "tailored",
  minimal: "bohemian",
  bohemian: "minimal",
  rugged: "classic",
  classic: "rugged",
};

/** What the pieces of a set have in common. */
export type Story =
  | { readonly kind: "shared"; readonly pole: Pole; readonly pieces: readonly Piece[] }
  | { readonly kind: "contrast"; readonly pole: Pole; readonly against: Pole }
  | { readonly kind: "unrelated"; readonly poles: readonly Pole[] };

/**
 * Reads the story of some pieces (2.3): at least half share a pole; or two opposite poles hold them all,
 * with two pieces each way, or one against a rest of statement 1 at most; else they are unrelated, by the
 * fewest poles that still name every piece.
 */
export function storyOf(pieces: readonly Piece[]): Story {
  const contrast = contrastOf(pieces);
  if (contrast) return contrast;
  const best = mostShared(pieces);
  if (best && best.count * 2 >= pieces.length && (best.count > 1 || pieces.length === 1))
    return {
      kind: "shared",
      pole: best.pole,
      pieces: pieces.filter((piece) => piece.poles.includes(best.pole)),
    };
  return { kind: "unrelated", poles: cover(pieces) };
}

/** The pole that most of the pieces have; the first of the poles where several tie. */
function mostShared(pieces: readonly Piece[]): { readonly pole: Pole; readonly count: number } | null {
  let best: { pole: Pole; count: number } | null = null;
  for (const pole of poles) {
    let count = 0;
    for (const piece of pieces) if (piece.poles.includes(pole)) count += 1;
    if (count > (best?.count ?? 0)) best = { pole, count };
  }
  return best;
}

function contrastOf(pieces: readonly Piece[]): Extract<Story, { kind: "contrast" }> | null {
  for (const pole of poles) {
    const against = opposites[pole];
    let one = 0;
    let other = 0;
    let loud = 0;
    let loudOther = 0;
    for (const piece of pieces) {
      const leans = piece.poles.includes(pole);
      if (leans === piece.poles.includes(against)) {
        one = 0;
        break;
      }
      const speaks = piece.statement > 1 ? 1 : 0;
      if (leans) {
        one += 1;
        loud += speaks;
      } else {
        other += 1;
        loudOther += speaks;
      }
    }
    if (one === 0 || other === 0) continue;
    const balanced = one >= 2 && other >= 2;
    if (balanced || (other === 1 && loud === 0) || (one === 1 && loudOther === 0))
      return { kind: "contrast", pole, against };
  }
  return null;
}

/** The fewest poles, taken greedily, that name every piece. */
function cover(pieces: readonly Piece[]): Pole[] {
  const named: Pole[] = [];
  let left = pieces;
  while (left.length > 0) {
    const best = mostShared(left);
    if (!best) break;
    named.push(best.pole);
    left = left.filter((piece) => !piece.poles.includes(best.pole));
  }
  return named;
}
