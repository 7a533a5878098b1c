/** Work that can be left and gone on with: it is left wherever it yields. */
export type InParts<T> = Generator<undefined, T>;

/** Does such work in one go. */
export function inOneGo<T>(work: InParts<T>): T {
  for (;;) {
    const { done, value } = work.next();
    if (done) return value;
  }
}
