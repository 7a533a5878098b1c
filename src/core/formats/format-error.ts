/** A file that cannot be read; the message is one sentence naming what is wrong. */
export class FormatError extends Error {
  override readonly name = "FormatError";
}
