import type { Cloth } from "@/core/finish/cloths";
import type { Finish } from "@/core/finish/finishes";
import type { Kind } from "@/core/piece/kinds";
import type { Piece } from "@/core/piece/piece";
import { capital, listed } from "@/core/words/called";
import { withinSentence } from "@/core/words/within-sentence";
import { careByCloth, careByFinish, papersWords } from "@/words/papers";
import { sayWith } from "@/words/say";

const finishCare: Readonly<Record<Finish, string>> = careByFinish;
const clothCare: Readonly<Record<Cloth, string>> = careByCloth;

/** Of smooth leather: what is said of a plain surface holds for these kinds alone. */
const ofLeather: ReadonlySet<Kind> = new Set(["shoe", "bag", "belt", "gloves"]);
const plainSurfaces: ReadonlySet<Finish> = new Set(["matte smooth", "pebbled"]);

/** How a piece is looked after; null where what is recorded of it does not say. */
function careOf(piece: Piece): string | null {
  if (piece.cloth) return clothCare[piece.cloth];
  if (plainSurfaces.has(piece.finish) && !ofLeather.has(piece.kind)) return null;
  return finishCare[piece.finish];
}

/** How pieces are looked after: those of one care together, one sentence each. */
export function careLines(pieces: readonly Piece[]): string[] {
  const alike = new Map<string, string[]>();
  for (const piece of pieces) {
    const care = careOf(piece);
    if (care) alike.set(care, [...(alike.get(care) ?? []), withinSentence(piece.name)]);
  }
  return [...alike].map(([care, names]) =>
    sayWith(papersWords.careLine, { pieces: capital(listed(names)), care }),
  );
}
