import type { Fields } from "./field";
import { kinds, type Kind } from "./kinds";
import type { PieceOf } from "./piece";

/** The figures a new piece of a kind starts with. */
export function initialFigures<K extends Kind>(kind: K): PieceOf<K>["figures"] {
  const fields: Fields = kinds[kind].figures;
  return Object.fromEntries(
    Object.entries(fields).map(([name, field]) => [name, field.initial]),
  ) as PieceOf<K>["figures"];
}
