import type { MeasurementName } from "../body/measurements";
import type { Verdict } from "../reading/verdict";

/** One thing that happened with a client, as the journal tells it. */
export type JournalEntry = { readonly id: string } & (
  | {
      readonly what: "look";
      readonly base: string;
      readonly occasion: string | null;
      /** What it is called; empty until somebody writes. */
      readonly name: string;
      readonly note: string;
      /** The stylist's own verdict where she gave one, else what was read when it was kept. */
      readonly verdict: Verdict | null;
    }
  | { readonly what: "worn"; readonly set: string }
  | {
      readonly what: "overruled";
      readonly rule: string;
      readonly reason: string;
      readonly lookId: string | null;
      readonly isWithdrawn: boolean;
    }
  | {
      readonly what: "declined";
      readonly piece: string;
      readonly reason: string;
      readonly isWithdrawn: boolean;
    }
  | {
      readonly what: "measured";
      readonly figures: readonly { readonly name: MeasurementName; readonly cm: number | null }[];
    }
);

/** A day of a client's journal, yyyy-mm-dd. */
export interface JournalDay {
  readonly day: string;
  readonly entries: readonly JournalEntry[];
}

/** Entries with their days, put together by day, the newest day first; within a day as they are given. */
export function byDay(
  entries: readonly { readonly day: string; readonly entry: JournalEntry }[],
): readonly JournalDay[] {
  const days = new Map<string, JournalEntry[]>();
  for (const { day, entry } of entries) days.set(day, [...(days.get(day) ?? []), entry]);
  return [...days]
    .sort(([one], [other]) => other.localeCompare(one))
    .map(([day, those]) => ({ day, entries: those }));
}
