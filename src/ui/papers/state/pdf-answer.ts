import { paperProgressType } from "@/core/studio/paper-source";

/** How far a PDF has come: so many of its parts are drawn. */
export interface PdfProgress {
  readonly at: number;
  readonly of: number;
}

/**
 * Asks for a PDF and tells how far it has come.
 * @throws Error when it could not be made; what `signal` throws when it was stopped
 */
export async function fetchPdf(
  address: string,
  tell: (progress: PdfProgress) => void,
  signal: AbortSignal,
): Promise<Blob> {
  const answer = await fetch(address, { headers: { accept: paperProgressType }, signal });
  if (!answer.ok || !answer.body) throw new Error(`the PDF was refused: ${answer.status}`);
  const reader = answer.body.getReader();
  let held = new Uint8Array();
  for (;;) {
    const { done, value } = await reader.read();
    if (value) held = joined(held, value);
    for (let end = held.indexOf(newline); end >= 0; end = held.indexOf(newline)) {
      const line = new TextDecoder().decode(held.subarray(0, end));
      const rest = held.subarray(end + 1);
      const size = /^pdf (\d+)$/.exec(line)?.[1];
      if (size !== undefined) return theFile(reader, rest, Number(size));
      const progress = /^(\d+) (\d+)$/.exec(line);
      if (!progress) throw new Error("the PDF could not be made");
      tell({ at: Number(progress[1]), of: Number(progress[2]) });
      held = rest;
    }
    if (done) throw new Error("the answer ended before the PDF");
  }
}

const newline = "\n".charCodeAt(0);

function joined(one: Uint8Array, other: Uint8Array): Uint8Array<ArrayBuffer> {
  const both = new Uint8Array(one.length + other.length);
  both.set(one);
  both.set(other, one.length);
  return both;
}

/** Reads the rest of an answer, which is the file. @throws Error when it is shorter than was said */
async function theFile(
  reader: ReadableStreamDefaultReader<Uint8Array>,
  begun: Uint8Array<ArrayBuffer>,
  size: number,
): Promise<Blob> {
  const parts: Uint8Array<ArrayBuffer>[] = [begun];
  let length = begun.length;
  for (let next = await reader.read(); !next.done; next = await reader.read()) {
    parts.push(new Uint8Array(next.value));
    length += next.value.length;
  }
  if (length !== size) throw new Error("the PDF is not whole");
  return new Blob(parts, { type: "application/pdf" });
}
