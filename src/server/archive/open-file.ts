import "server-only";
import { parseBundle } from "@/core/formats/bundle";
import type { ClientFile } from "@/core/formats/client-file/client-file";
import { fromBundle } from "@/core/formats/client-file/from-bundle";
import { parseClientFile } from "@/core/formats/client-file/read";
import { FormatError } from "@/core/formats/format-error";
import { keepable } from "../records/photos";
import { Refusal } from "../records/refusal";
import { inTurns } from "../turns";
import { unpackClient } from "./unpack";

/** A client as a file brought her, checked and ready to be taken in. */
export interface OpenedFile {
  readonly file: ClientFile;
  readonly photos: ReadonlyMap<string, Buffer>;
}

/** How an archive begins. */
const zip = Buffer.from("PK");

/**
 * Opens a client's file: an archive, or the JSON of the format before it.
 * @param at now, as an ISO time
 * @throws FormatError with one sentence
 */
export async function openClientFile(bytes: Buffer, at: string): Promise<OpenedFile> {
  if (!bytes.subarray(0, zip.length).equals(zip))
    return { file: fromBundle(parseBundle(bytes.toString("utf8")), at), photos: new Map() };
  const { text, photos } = await unpackClient(bytes);
  const file = await inTurns(parseClientFile(text));
  const named = new Set(file.pieces.flatMap(({ photo }) => photo ?? []));
  const missing = [...named].find((photo) => !photos.has(photo));
  if (missing !== undefined) throw new FormatError(`the photo ${missing} is missing`);
  const kept = new Map<string, Buffer>();
  for (const [sha256, picture] of photos)
    if (named.has(sha256)) kept.set(sha256, await photoOf(sha256, picture));
  return { file, photos: kept };
}

async function photoOf(sha256: string, picture: Buffer): Promise<Buffer> {
  try {
    return await keepable(picture);
  } catch (error) {
    if (error instanceof Refusal) throw new FormatError(`the photo ${sha256} is no picture that can be kept`);
    throw error;
  }
}
