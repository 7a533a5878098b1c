import type { Piece } from "../piece/piece";
import type { Finding } from "./finding";

/** A piece, by itself or as it is worn. */
export type Spoken = Piece | { readonly piece: Piece };

/** Pieces as a rule names them in a message: several are listed, and words stand in for what is not there. */
export type Naming = Readonly<Record<string, Spoken | readonly Spoken[] | string>>;

/** The pieces themselves by their name in a message. */
export type Named = Readonly<Record<string, Piece | readonly Piece[] | string>>;

/** What is named, without how it is worn in one look: the same is said of another look in which nothing of it differs. */
export function namedIn(naming: Naming): Named {
  const named: Record<string, Piece | readonly Piece[] | string> = {};
  for (const name in naming) {
    const spoken = naming[name];
    if (spoken === undefined) continue;
    if (typeof spoken === "string") named[name] = spoken;
    else named[name] = isList(spoken) ? spoken.map(pieceOf) : pieceOf(spoken);
  }
  return named;
}

/** The names that a finding's message is filled with: one, or a list. */
export function namesOf({ of }: Pick<Finding, "of">): Record<string, string | string[]> {
  return Object.fromEntries(
    Object.entries(of).map(([key, named]) => {
      if (typeof named === "string") return [key, named];
      return [key, isList(named) ? named.map(({ name }) => name) : named.name];
    }),
  );
}

/** Ids of the pieces a finding is about, each once, in the order in which it names them. */
export function pieceIdsOf({ of, about }: Pick<Finding, "of" | "about">): string[] {
  const pieces = about ?? Object.values(of).flatMap((each) => (typeof each === "string" ? [] : each));
  return [...new Set(pieces.map(({ id }) => id))];
}

/** Whether a finding is about a piece. */
export function speaksOf({ of, about }: Pick<Finding, "of" | "about">, id: string): boolean {
  if (about) return about.some((each) => each.id === id);
  for (const key in of) {
    const named = of[key];
    if (named === undefined || typeof named === "string") continue;
    if (isList(named) ? named.some((each) => each.id === id) : named.id === id) return true;
  }
  return false;
}

/** Whether nobody has said all the measures of a piece that is named. */
export function namesUnmeasured(of: Named): boolean {
  for (const key in of) {
    const named = of[key];
    if (named === undefined || typeof named === "string") continue;
    if (isList(named) ? named.some(isUnmeasured) : isUnmeasured(named)) return true;
  }
  return false;
}

const isUnmeasured = ({ unsaid }: Piece) => unsaid.length > 0;

function isList<T>(one: T | readonly T[]): one is readonly T[] {
  return Array.isArray(one);
}

/** The piece that is spoken of. */
export function pieceOf(spoken: Spoken): Piece {
  return "piece" in spoken ? spoken.piece : spoken;
}
