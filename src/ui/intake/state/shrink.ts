import type { Photo } from "@/core/photo/photo";

/** As many bytes as a picture may have before it is opened. */
export const mostPictureBytes = 40_000_000;
/** The longest side of a photo as it is looked at and kept. */
const longest = 1200;

/** A picture that was opened: its pixels to be read, and the same as a small JPEG in base64. */
export interface OpenedPicture {
  readonly photo: Photo;
  readonly base64: string;
}

/** Opens a picture the right way up and makes it small. @throws where the browser cannot read it */
export async function openedPicture(file: Blob): Promise<OpenedPicture> {
  const bitmap = await createImageBitmap(file);
  const scale = Math.min(1, longest / Math.max(bitmap.width, bitmap.height));
  const width = Math.max(1, Math.round(bitmap.width * scale));
  const height = Math.max(1, Math.round(bitmap.height * scale));
  const canvas = document.createElement("canvas");
  canvas.width = width;
  canvas.height = height;
  const context = canvas.getContext("2d", { willReadFrequently: true });
  if (!context) throw new Error("no canvas");
  context.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  const { data } = context.getImageData(0, 0, width, height);
  const [, base64 = ""] = canvas.toDataURL("image/jpeg", 0.85).split(",");
  return { photo: { width, height, data }, base64 };
}
