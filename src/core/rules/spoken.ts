import type { Piece } from "../piece/piece";
import type { Finding } from "./finding";

/** A piece, by itself or as it is worn. */
export type Spoken = Piece | { readonly piece: Piece };

/** Pieces by their name in a message; several are listed, and words stand in for what is not there. */
export type Naming = Readonly<Record<string, Spoken | readonly Spoken[] | string>>;

/** The names that a finding's message is filled with: one, or a list. */
export function namesOf({ of }: Pick<Finding, "of">): Record<string, string | string[]> {
  return Object.fromEntries(
    Object.entries(of).map(([key, spoken]) => {
      if (typeof spoken === "string") return [key, spoken];
      return [key, isList(spoken) ? spoken.map((each) => pieceOf(each).name) : pieceOf(spoken).name];
    }),
  );
}

/** Ids of the pieces a finding is about, each once, in the order in which it names them. */
export function pieceIdsOf({ of, about }: Pick<Finding, "of" | "about">): string[] {
  const spoken = about ?? Object.values(of).flatMap((each) => (typeof each === "string" ? [] : each));
  return [...new Set(spoken.map((each) => pieceOf(each).id))];
}

/** Whether a finding is about a piece. */
export function speaksOf({ of, about }: Pick<Finding, "of" | "about">, id: string): boolean {
  if (about) return about.some((each) => pieceOf(each).id === id);
  for (const key in of) {
    const spoken = of[key];
    if (spoken === undefined || typeof spoken === "string") continue;
    if (isList(spoken) ? spoken.some((each) => pieceOf(each).id === id) : pieceOf(spoken).id === id)
      return true;
  }
  return false;
}

/** Whether nobody has said all the measures of a piece that is named. */
export function namesUnmeasured(of: Naming): boolean {
  for (const key in of) {
    const spoken = of[key];
    if (spoken === undefined || typeof spoken === "string") continue;
    if (isList(spoken)) {
      if (spoken.some((each) => pieceOf(each).unsaid.length > 0)) return true;
    } else if (pieceOf(spoken).unsaid.length > 0) return true;
  }
  return false;
}

function isList(spoken: Spoken | readonly Spoken[]): spoken is readonly Spoken[] {
  return Array.isArray(spoken);
}

function pieceOf(spoken: Spoken): Piece {
  return "piece" in spoken ? spoken.piece : spoken;
}
