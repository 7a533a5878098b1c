import { placeOf, type Piece } from "./piece";

/** What is the matter with garments laid out to a base. */
export interface BaseFault {
  /** "refused": they cannot be worn so; "asked": they can, and hardly ever are. */
  readonly is: "refused" | "asked";
  readonly say: string;
}

/**
 * Whether garments make a base: something on the whole body, or on both halves of it, each worn once.
 * @returns null when they do
 */
export function baseFault(garments: readonly Piece[]): BaseFault | null {
  const at = (place: ReturnType<typeof placeOf>) => garments.filter((piece) => placeOf(piece) === place);
  const [whole, bottom, top] = [at("whole"), at("bottom"), at("top")];
  const stray = garments.find((piece) => placeOf(piece) === null);
  if (garments.length === 0) return refused("A base needs at least one garment.");
  if (stray) return refused(`${stray.name} is an accessory: a base holds garments only.`);
  const pair = twoOfOne(whole) ?? twoOfOne(bottom);
  if (pair)
    return refused(`${pair[0].name} and ${pair[1].name} cannot be worn at once: leave one of them out.`);
  if (whole.length + bottom.length + top.length === 0)
    return refused(`${namesOf(garments)} alone is no base: add what is worn underneath.`);
  if (whole.length === 0 && bottom.length === 0)
    return asked("Nothing covers the legs: trousers or a skirt may be missing.");
  if (whole.length === 0 && top.length === 0)
    return asked("Nothing is worn above the waist: a top may be missing.");
  if (bottom.length > 1) return asked(`${namesOf(bottom)} would be worn one over the other.`);
  return null;
}

/** Two garments of one kind on one place, of which a body wears one. */
function twoOfOne(garments: readonly Piece[]): readonly [Piece, Piece] | null {
  for (const one of garments) {
    const other = garments.find((piece) => piece !== one && piece.kind === one.kind);
    if (other) return [one, other];
  }
  return null;
}

function namesOf(garments: readonly Piece[]): string {
  return garments.map(({ name }) => name).join(" and ");
}

const refused = (say: string): BaseFault => ({ is: "refused", say });
const asked = (say: string): BaseFault => ({ is: "asked", say });
