import { createHash } from "node:crypto";
import sharp from "sharp";
import { serverWords } from "@/words/server";
import type { Tenant } from "../db/tenant";
import { Refusal } from "./refusal";

/** The longest side of a photo that is kept, and how many pixels one may have that comes in. */
const longest = 1000;
const mostPixels = 40_000_000;

/** How files of the kinds that are taken begin; what a file calls itself is not asked. */
const beginnings: readonly (readonly (number | null)[])[] = [
  [0xff, 0xd8, 0xff],
  [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a],
  [0x52, 0x49, 0x46, 0x46, null, null, null, null, 0x57, 0x45, 0x42, 0x50],
];

/**
 * A photo as it is kept: made small, upright, in sRGB, written anew so that nothing else of the file is kept. It takes its
 * time, and is made before a transaction begins.
 * @param picture base64
 * @throws Refusal where it is no picture, or has too many pixels
 */
export function smallPhoto(picture: string): Promise<Buffer> {
  return small(Buffer.from(picture, "base64"));
}

/** Keeps a photo beside a piece, in place of the one there. */
export async function keepPhoto(tenant: Tenant, pieceId: string, jpeg: Buffer): Promise<void> {
  await tenant("photos")
    .insert(photoRow(tenant, pieceId, jpeg))
    .onConflict(["studio_id", "piece_id"])
    .merge(["stamp", "picture"]);
}

/** A photo as it is written beside its piece. */
export function photoRow(tenant: Tenant, pieceId: string, jpeg: Buffer) {
  const stamp = stampOf(createHash("sha256").update(jpeg).digest("hex"));
  return { studio_id: tenant.studioId, piece_id: pieceId, stamp, picture: jpeg };
}

/** What names a picture in addresses, by its SHA-256 in hex: short, and another one for another picture. */
export const stampOf = (sha256: string) => sha256.slice(0, 12);

/**
 * A photo of a file that was saved here or in another studio: one that this program made stays the same to the byte,
 * any other picture is made so.
 * @throws Refusal where it is no picture, or has too many pixels
 */
export async function keepable(picture: Buffer): Promise<Buffer> {
  const about = await sharp(picture)
    .metadata()
    .catch(() => null);
  const isOurs =
    about?.format === "jpeg" &&
    Math.max(about.width, about.height) <= longest &&
    !about.exif &&
    !about.icc &&
    !about.iptc &&
    !about.xmp &&
    !about.comments &&
    picture.subarray(-2).equals(endOfJpeg);
  if (!isOurs) return small(picture);
  try {
    // Its head says what it is; only the whole of it says that it is not cut off.
    await sharp(picture, { failOn: "warning" }).stats();
    return picture;
  } catch {
    throw new Refusal("photo", serverWords.thePhotoIsNoPicture);
  }
}

const endOfJpeg = Buffer.from([0xff, 0xd9]);

export async function dropPhoto(tenant: Tenant, pieceId: string): Promise<void> {
  await tenant("photos").where({ studio_id: tenant.studioId, piece_id: pieceId }).delete();
}

/** The photo of a piece as JPEG; null where there is none. */
export async function photoOf(
  tenant: Tenant,
  pieceId: string,
): Promise<{ readonly stamp: string; readonly picture: Buffer } | null> {
  const row = await tenant("photos").where({ studio_id: tenant.studioId, piece_id: pieceId }).first();
  return row ? { stamp: row.stamp, picture: row.picture } : null;
}

async function small(bytes: Buffer): Promise<Buffer> {
  const isPicture = beginnings.some((begins) =>
    begins.every((byte, i) => byte === null || bytes[i] === byte),
  );
  if (!isPicture) throw new Refusal("photo", serverWords.thePhotoIsNoPicture);
  try {
    return await sharp(bytes, { limitInputPixels: mostPixels, failOn: "error" })
      .rotate()
      .resize({ width: longest, height: longest, fit: "inside", withoutEnlargement: true })
      .flatten({ background: "#ffffff" })
      .toColourspace("srgb")
      .jpeg({ quality: 84 })
      .toBuffer();
  } catch (error) {
    const isLarge = error instanceof Error && /pixel limit/i.test(error.message);
    throw new Refusal("photo", isLarge ? serverWords.thePhotoIsTooLarge : serverWords.thePhotoIsNoPicture);
  }
}
