import "server-only";
import { createHash } from "node:crypto";
import { fromBufferPromise, type Entry, type ZipFile } from "yauzl";
import {
  manifestPath,
  parseManifest,
  recordPath,
  type ArchivedFile,
} from "@/core/formats/client-file/archive";
import { archiveBounds } from "@/core/formats/client-file/archive-bounds";
import { FormatError } from "@/core/formats/format-error";

/** What an archive holds, as it was packed: nothing of it is checked but that it is whole. */
export interface Unpacked {
  /** `client.json`. */
  readonly text: string;
  /** The photos by their SHA-256. */
  readonly photos: ReadonlyMap<string, Buffer>;
}

/**
 * Unpacks the archive of a client. What it says of its own size is believed only as far as the bounds go, and nothing
 * is unpacked before the whole list of its files has been looked through.
 * @throws FormatError with one sentence: broken, too large, files that are not listed or not as listed
 */
export async function unpackClient(archive: Buffer): Promise<Unpacked> {
  try {
    const zip = await fromBufferPromise(archive);
    const entries = await listed(zip);
    const manifest = await bytesOf(zip, entries, manifestPath, archiveBounds.record);
    const files = new Map(parseManifest(manifest.toString("utf8")).map((file) => [file.path, file]));
    const stranger = [...entries.keys()].find((path) => path !== manifestPath && !files.has(path));
    if (stranger !== undefined) throw new FormatError(`"${stranger}" is not in the list of its files`);
    const record = await whole(zip, entries, files, recordPath);
    const photos = new Map<string, Buffer>();
    for (const { path, sha256 } of files.values())
      if (path !== recordPath) photos.set(sha256, await whole(zip, entries, files, path));
    return { text: record.toString("utf8"), photos };
  } catch (error) {
    if (error instanceof FormatError) throw error;
    throw new FormatError("it is no archive, or it is damaged");
  }
}

type Entries = ReadonlyMap<string, Entry>;

/** The files of an archive by their paths. @throws FormatError where there are too many, or they are too large */
async function listed(zip: ZipFile): Promise<Entries> {
  const entries = new Map<string, Entry>();
  let unpacked = 0;
  for await (const entry of zip.eachEntry()) {
    const { fileName, uncompressedSize } = entry;
    if (entries.has(fileName)) throw new FormatError(`it holds "${fileName}" twice`);
    entries.set(fileName, entry);
    unpacked += uncompressedSize;
    if (entries.size > archiveBounds.files)
      throw new FormatError(`it holds more than ${archiveBounds.files.toLocaleString("en-GB")} files`);
    if (unpacked > archiveBounds.unpacked)
      throw new FormatError(`it is too large: unpacked, more than ${inMb(archiveBounds.unpacked)} MB`);
  }
  return entries;
}

/** A file of the manifest, as long and with the hash that the manifest says. @throws FormatError */
async function whole(
  zip: ZipFile,
  entries: Entries,
  files: ReadonlyMap<string, ArchivedFile>,
  path: string,
): Promise<Buffer> {
  const said = files.get(path);
  const most = path === recordPath ? archiveBounds.record : archiveBounds.photo;
  const bytes = await bytesOf(zip, entries, path, most);
  const sha256 = createHash("sha256").update(bytes).digest("hex");
  if (said?.bytes !== bytes.length || said.sha256 !== sha256)
    throw new FormatError(`"${path}" is not as it was saved: its hash is another`);
  return bytes;
}

async function bytesOf(zip: ZipFile, entries: Entries, path: string, most: number): Promise<Buffer> {
  const entry = entries.get(path);
  if (!entry) throw new FormatError(`"${path}" is missing`);
  if (entry.uncompressedSize > most)
    throw new FormatError(`"${path}" is too large: more than ${inMb(most)} MB`);
  if (!entry.canDecodeFileData()) throw new FormatError(`"${path}" is packed in a way that is not read here`);
  // The stream ends with an error where more comes than the entry said.
  const parts: Buffer[] = [];
  for await (const part of await zip.openReadStreamPromise(entry)) parts.push(part as Buffer);
  return Buffer.concat(parts);
}

const inMb = (bytes: number) => Math.round(bytes / (1024 * 1024));
