import type { Finding } from "../rules/finding";
import type { Piece } from "../piece/piece";

/** A finding that no rule made, with what a test cares about set; about no piece unless it says so. */
export function madeFinding(given: Partial<Finding> = {}): Finding {
  return {
    rule: "colour.echo",
    lens: "colour",
    weight: 1,
    effect: "note",
    message: "bare",
    of: {},
    about: null,
    words: {},
    figures: {},
    proposals: [],
    caution: null,
    estimated: false,
    onEdge: false,
    needs: [],
    ...given,
  };
}

/** Pieces by the names a message has for them: a, b, c. */
export function named(...pieces: readonly Piece[]): Finding["of"] {
  return Object.fromEntries(pieces.map((piece, i) => [String.fromCharCode(97 + i), piece]));
}
