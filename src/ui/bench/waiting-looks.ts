import type { LookRecord } from "@/core/studio/look-record";

const prefix = "juxtane.waiting.";

/** Remembers a look in the browser until the server has it. */
export function writeWaiting(look: LookRecord): void {
  try {
    localStorage.setItem(prefix + look.id, JSON.stringify(look));
  } catch {
    // A full or forbidden store only costs the second net; the save itself goes on.
  }
}

/** Forgets a look that the server has, unless a newer state of it came meanwhile. */
export function clearWaiting(look: LookRecord): void {
  try {
    if (localStorage.getItem(prefix + look.id) === JSON.stringify(look))
      localStorage.removeItem(prefix + look.id);
  } catch {
    // As above.
  }
}

/** The looks of a client that never reached the server, oldest id first. */
export function readWaiting(clientId: string): LookRecord[] {
  try {
    return Object.keys(localStorage)
      .filter((key) => key.startsWith(prefix))
      .sort()
      .map((key) => JSON.parse(localStorage.getItem(key) ?? "null") as LookRecord | null)
      .filter((look) => look !== null)
      .filter((look) => look.clientId === clientId);
  } catch {
    return [];
  }
}
