/** What is on record of a client, as it is counted where she goes out in one file, or is erased. */
export const countedKinds = [
  "measurement",
  "rule book",
  "piece",
  "photo",
  "base",
  "set",
  "day worn",
  "occasion",
  "look",
  "step",
  "overruling",
  "declined piece",
  "missing piece",
  "private link",
] as const;
export type CountedKind = (typeof countedKinds)[number];

/** How many of each there are. */
export type ClientCounts = Readonly<Record<CountedKind, number>>;

/** For how long the erasing of a client can be taken back, minutes. */
export const erasureHolds = 60;

/** The receipt for a client who was erased. */
export interface Erasure {
  readonly id: string;
  /** Her name while it can be taken back; empty once she is gone. */
  readonly name: string;
  /** Moments as ISO times: when it was done, until when it can be taken back, and when she was gone for good. */
  readonly madeAt: string;
  readonly until: string;
  readonly goneAt: string | null;
  /** Who did it; null where that person is not known any more. */
  readonly by: string | null;
  readonly counts: ClientCounts;
}

/** What a receipt is called: short enough to be read out, taken from what names it. */
export function receiptNumber({ id }: Pick<Erasure, "id">): string {
  const end = id.replaceAll("-", "").slice(-10).toUpperCase();
  return `${end.slice(0, 5)}-${end.slice(5)}`;
}
