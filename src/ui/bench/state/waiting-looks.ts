import type { SentLook } from "@/core/studio/look-record";

/** Every page keeps its own copy: two that work on one look do not overwrite each other's. */
const headOf = (madeBy: string) => `juxtane.waiting.${madeBy}.`;
const keyOf = ({ madeBy, id, writer }: SentLook) => `${headOf(madeBy)}${id}.${writer}`;

/** Remembers a look in the browser until the server has it. */
export function writeWaiting(look: SentLook): void {
  try {
    localStorage.setItem(keyOf(look), JSON.stringify(look));
  } catch {
    // A full or forbidden store only costs the second net; the save itself goes on.
  }
}

/** Forgets a look that the server has, unless a newer state of it came meanwhile. */
export function clearWaiting(look: SentLook): void {
  try {
    if (localStorage.getItem(keyOf(look)) === JSON.stringify(look)) localStorage.removeItem(keyOf(look));
  } catch {
    // As above.
  }
}

/** The looks of a client that somebody made in this browser and that never reached the server, the oldest first. */
export function readWaiting(madeBy: string, clientId: string): SentLook[] {
  try {
    return Object.keys(localStorage)
      .filter((key) => key.startsWith(headOf(madeBy)))
      .sort()
      .map((key) => JSON.parse(localStorage.getItem(key) ?? "null") as SentLook | null)
      .filter((look) => look !== null)
      .filter((look) => look.clientId === clientId);
  } catch {
    return [];
  }
}
