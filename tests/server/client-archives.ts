import { clientArchive, openClient } from "@/server/archive/carry";
import type { furnishedStudio } from "./studios";
import { newStudio, newUser, signedInto } from "./studios";

/** Who saves and opens: the session, as its cookie names it. */
export type Sealed = Pick<Awaited<ReturnType<typeof furnishedStudio>>, "studioId" | "userId" | "sessionId">;

/** An owner of a new, empty studio. */
export async function emptyStudio(name: string): Promise<Sealed> {
  const studioId = await newStudio(name);
  const userId = await newUser();
  return { studioId, userId, sessionId: await signedInto(studioId, userId) };
}

/** A client of a studio as its archive. */
export async function saved(sealed: Sealed, clientId: string): Promise<Buffer> {
  const archive = await clientArchive(sealed, clientId);
  if (!archive.ok) throw new Error(archive.faults[0]?.say);
  const parts: Buffer[] = [];
  for await (const part of archive.value) parts.push(part as Buffer);
  return Buffer.concat(parts);
}

/** An archive as it comes in, a part after another. */
export async function* inParts(bytes: Buffer): AsyncGenerator<Uint8Array> {
  for (let at = 0; at < bytes.length; at += 65_536) {
    await Promise.resolve();
    yield bytes.subarray(at, at + 65_536);
  }
}

/** Opens an archive in a studio. @returns the number of the client that came of it */
export async function opened(sealed: Sealed, bytes: Buffer): Promise<string> {
  const outcome = await openClient(sealed, inParts(bytes));
  if (!outcome.ok) throw new Error(outcome.faults[0]?.say);
  return outcome.value.id;
}
