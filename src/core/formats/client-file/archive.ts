import Joi from "joi";
import { parse, serialise, type FileFormat } from "../file";
import { FormatError } from "../format-error";
import { archiveBounds } from "./archive-bounds";
import { idsOf } from "./check";

const format: FileFormat = { name: "juxtane.client", version: 1, called: "client" };

/** What heads an archive, and the file in it that says what is on record. */
export const manifestPath = "manifest.json";
export const recordPath = "client.json";

/** Where a photo lies in an archive, by its SHA-256. */
export const photoPath = (sha256: string) => `photos/${sha256}.jpg`;

const photoAt = /^photos\/([0-9a-f]{64})\.jpg$/;

/** A file of an archive, as its manifest has it. */
export interface ArchivedFile {
  readonly path: string;
  readonly bytes: number;
  readonly sha256: string;
}

const schema = Joi.object<{ readonly files: readonly ArchivedFile[] }>({
  files: Joi.array()
    .items(
      Joi.object({
        path: Joi.string().max(100).required().label("Path"),
        bytes: Joi.number().integer().min(0).max(archiveBounds.unpacked).required().label("Bytes"),
        sha256: Joi.string()
          .pattern(/^[0-9a-f]{64}$/, { name: "64 letters of a hash" })
          .required()
          .label("Hash"),
      }),
    )
    .max(archiveBounds.files)
    .required()
    .label("Files"),
});

/** Writes the manifest of an archive: what lies beside it, with the hash of each. */
export function serialiseManifest(files: readonly ArchivedFile[]): string {
  return serialise(format, { files });
}

/**
 * Reads the manifest of an archive.
 * @throws FormatError with one sentence, also where it lists anything but the record and photos named by their hash
 */
export function parseManifest(text: string): readonly ArchivedFile[] {
  const { files } = parse(format, schema, text);
  idsOf(
    "files",
    files.map(({ path }) => path),
  );
  for (const { path, sha256 } of files) {
    const photo = photoAt.exec(path)?.[1];
    if (path !== recordPath && photo === undefined)
      throw new FormatError(`files: "${path}" is no part of a client's file`);
    if (photo !== undefined && photo !== sha256)
      throw new FormatError(`files: "${path}" is not called by its hash`);
  }
  if (!files.some(({ path }) => path === recordPath))
    throw new FormatError(`files: "${recordPath}" is missing`);
  return files;
}
