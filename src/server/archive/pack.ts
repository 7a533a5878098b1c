import "server-only";
import { createHash } from "node:crypto";
import { PassThrough, Readable } from "node:stream";
import { ZipFile } from "yazl";
import {
  manifestPath,
  photoPath,
  recordPath,
  serialiseManifest,
  type ArchivedFile,
} from "@/core/formats/client-file/archive";

/** A photo that goes into an archive: its bytes are asked for when its turn comes. */
export interface PhotoToPack {
  readonly sha256: string;
  readonly bytes: number;
  readonly read: () => Promise<Buffer>;
}

/** Every file of an archive is of one moment, so that the same record is the same archive to the byte. */
const options = { mtime: new Date(2026, 0, 1), mode: 0o100644, forceDosTimestamp: true };

/**
 * Packs a client's file and its photos into one archive.
 * @returns the archive as it is made: no more of it than a photo is held at once
 */
export function packClient(text: string, photos: readonly PhotoToPack[]): Readable {
  const record = Buffer.from(text, "utf8");
  // Two pieces may have one photo: it lies in the archive once.
  const pictures = [...new Map(photos.map((photo) => [photo.sha256, photo])).values()];
  const files: ArchivedFile[] = [
    { path: recordPath, bytes: record.length, sha256: createHash("sha256").update(record).digest("hex") },
    ...pictures.map(({ sha256, bytes }) => ({ path: photoPath(sha256), bytes, sha256 })),
  ];
  const zip = new ZipFile();
  const out = new PassThrough();
  zip.outputStream.pipe(out);
  zip.on("error", (error: Error) => out.destroy(error));
  zip.addBuffer(Buffer.from(serialiseManifest(files), "utf8"), manifestPath, options);
  zip.addBuffer(record, recordPath, options);
  for (const { sha256, bytes, read } of pictures)
    // A JPEG is packed already.
    zip.addReadStreamLazy(photoPath(sha256), { ...options, compress: false, size: bytes }, (done) => {
      read().then(
        (picture) => done(null, Readable.from([picture])),
        (error: unknown) => out.destroy(error instanceof Error ? error : new Error(String(error))),
      );
    });
  zip.end();
  return out;
}
