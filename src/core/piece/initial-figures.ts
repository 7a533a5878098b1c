import type { Fields } from "./field";
import { kindNames, kinds, type Kind } from "./kinds";
import type { PieceOf } from "./piece";

/** The figures a new piece of a kind starts with. */
export function initialFigures<K extends Kind>(kind: K): PieceOf<K>["figures"] {
  return initial[kind] as PieceOf<K>["figures"];
}

const initial = Object.fromEntries(
  kindNames.map((kind) => {
    const fields: Fields = kinds[kind].figures;
    return [kind, Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, field.initial]))];
  }),
) as Readonly<Record<Kind, unknown>>;
