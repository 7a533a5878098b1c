import "server-only";
import type { Readable } from "node:stream";
import { archiveBounds } from "@/core/formats/client-file/archive-bounds";
import { FormatError } from "@/core/formats/format-error";
import { refused, type Outcome } from "@/core/schema/outcome";
import { sayWith } from "@/words/say";
import { serverWords } from "@/words/server";
import { asMember } from "../actions/act";
import { inStudio } from "../db/tenant";
import { gatherClient } from "../records/client-file/gather";
import { takeInClient } from "../records/client-file/take-in";
import { photoOf } from "../records/photos";
import type { SealedSession } from "../session/session";
import { openClientFile } from "./open-file";
import { packClient } from "./pack";

/** A client as one archive, as it is packed: her photos are read one after another as they go out. */
export async function clientArchive(
  sealed: SealedSession | null,
  clientId: string,
): Promise<Outcome<Readable>> {
  try {
    const gathered = await asMember(sealed, "carry", (tenant) => gatherClient(tenant, clientId));
    if (!gathered.ok || !sealed) return gathered.ok ? refused("session", "") : gathered;
    const { text, photos } = gathered.value;
    const toPack = photos.map(({ pieceId, ...photo }) => ({
      ...photo,
      read: async () => {
        const kept = await inStudio(sealed.studioId, (tenant) => photoOf(tenant, pieceId));
        if (!kept) throw new Error("a photo went while its client was saved");
        return kept.picture;
      },
    }));
    return { ok: true, value: packClient(text, toPack) };
  } catch (error) {
    if (!(error instanceof FormatError)) throw error;
    return refused("id", sayWith(serverWords.thisClientCannotBeSaved, { why: withoutStop(error) }));
  }
}

/** Who came with a file: her id here, and her name. */
export interface CameIn {
  readonly id: string;
  readonly name: string;
}

/**
 * Takes a client's file into the studio: all of it, or nothing where something in it is not right.
 * @param body the file as it comes; no more of it is read than a file may be long
 */
export async function openClient(
  sealed: SealedSession | null,
  body: AsyncIterable<Uint8Array>,
): Promise<Outcome<CameIn>> {
  // Nothing is read for somebody who may not.
  const allowed = await asMember(sealed, "carry", () => Promise.resolve(null));
  if (!allowed.ok) return allowed;
  try {
    const { file, photos } = await openClientFile(
      await upTo(archiveBounds.packed, body),
      new Date().toISOString(),
    );
    return await asMember(sealed, "carry", async (tenant) => ({
      id: await takeInClient(tenant, file, photos),
      name: file.client.name,
    }));
  } catch (error) {
    if (error instanceof TooLong)
      return refused(
        "file",
        sayWith(serverWords.thisFileIsTooLarge, { most: archiveBounds.packed / (1024 * 1024) }),
      );
    if (error instanceof FormatError)
      return refused("file", sayWith(serverWords.thisFileCannotBeOpened, { why: withoutStop(error) }));
    throw error;
  }
}

/** A sentence as part of one. */
const withoutStop = ({ message }: FormatError) => message.replace(/\.$/, "");

class TooLong extends Error {
  override readonly name = "TooLong";
}

/** @throws TooLong as soon as more has come */
async function upTo(most: number, body: AsyncIterable<Uint8Array>): Promise<Buffer> {
  const parts: Uint8Array[] = [];
  let length = 0;
  for await (const part of body) {
    length += part.length;
    if (length > most) throw new TooLong();
    parts.push(part);
  }
  return Buffer.concat(parts);
}
