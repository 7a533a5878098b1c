import { v7 as uuid } from "uuid";
import type { OwnLook } from "@/core/studio/bench-source";
import type { Sending, SentLook } from "@/core/studio/look-record";

/**
 * What this page, opened once and left for other places and back, has sent of looks: a bench that is laid anew from
 * an older answer still knows what it sent last.
 */
export const thisPage = {
  writer: uuid(),
  turn: 0,
  /** The version on record that each look here builds on, by its id. */
  versions: new Map<string, number>(),
  /** Sendings of other pages that a look here builds on and whose answer nobody heard, by the look's id. */
  unheard: new Map<string, readonly Sending[]>(),
  /** The last state that was sent of each look, by its id. */
  sent: new Map<string, SentLook>(),
};

/** The looks that a bench was laid out with, and whose they are. */
interface LaidLooks {
  readonly client: { readonly id: string };
  readonly looks: readonly OwnLook[];
}

/** Looks on a bench that this page has kept since the bench was laid out by the server. */
export function keptSince({ client, looks }: LaidLooks, madeBy: string): SentLook[] {
  return looks.flatMap(({ id, version }) => {
    const sent = thisPage.sent.get(id);
    const isNewer = (thisPage.versions.get(id) ?? 0) > version;
    return sent && isNewer && sent.madeBy === madeBy && sent.clientId === client.id ? [sent] : [];
  });
}
