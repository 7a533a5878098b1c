/** What was typed into a form and not kept. */
export interface Draft<T> {
  readonly values: T;
  /** What stood in the form when it was opened. */
  readonly opened: T;
}

/** The draft under a key; null when there is none, or none that can be read. */
export function readDraft<T>(key: string): Draft<T> | null {
  try {
    const kept = JSON.parse(localStorage.getItem(key) ?? "null") as Partial<Draft<T>> | null;
    return kept?.values === undefined || kept.opened === undefined
      ? null
      : { values: kept.values, opened: kept.opened };
  } catch {
    return null;
  }
}

/** Keeps a draft in this browser. @returns false when the browser's store is full or forbidden */
export function writeDraft<T>(key: string, draft: Draft<T>): boolean {
  try {
    localStorage.setItem(key, JSON.stringify(draft));
    return true;
  } catch {
    return false;
  }
}

export function forgetDraft(key: string): void {
  try {
    localStorage.removeItem(key);
  } catch {
    // A store that is forbidden holds no draft.
  }
}
