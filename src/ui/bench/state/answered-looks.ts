import type { SentLook } from "@/core/studio/look-record";

/** A look that the record took from this tab, and the version it became. */
export interface AnsweredLook {
  readonly look: SentLook;
  readonly version: number;
}

/**
 * What this tab heard of looks, for the page it opens next: that page may be laid out just before the record takes
 * the last of them. Only the tab remembers it; the record itself has everything.
 */
const keyOf = ({ madeBy, id }: Pick<SentLook, "madeBy" | "id">) => `${prefix}${madeBy}.${id}`;
const prefix = "juxtane.answered.";

export function rememberAnswered(answered: AnsweredLook): void {
  try {
    sessionStorage.setItem(keyOf(answered.look), JSON.stringify(answered));
  } catch {
    // A full or forbidden store only costs the second net: the look is on record.
  }
}

/** What the record took of a look since a page was laid out with a version of it; forgotten once a page has it. */
export function answeredSince(madeBy: string, laid: { id: string; version: number }): AnsweredLook | null {
  const key = keyOf({ madeBy, id: laid.id });
  try {
    const answered = JSON.parse(sessionStorage.getItem(key) ?? "null") as AnsweredLook | null;
    if (answered && answered.version > laid.version) return answered;
    sessionStorage.removeItem(key);
  } catch {
    // As above.
  }
  return null;
}

/** Forgets all of it: somebody else may use this tab next. */
export function forgetAnswered(): void {
  try {
    for (const key of Object.keys(sessionStorage)) if (key.startsWith(prefix)) sessionStorage.removeItem(key);
  } catch {
    // As above.
  }
}
