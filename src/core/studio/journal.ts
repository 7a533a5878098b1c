import type { MeasurementName } from "../body/measurements";
import type { Verdict } from "../reading/verdict";
import type { LinkAnswer } from "./link-record";

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
      /** What the client answered to a look that was sent to her. */
      readonly what: "answered";
      readonly look: string;
      readonly answer: LinkAnswer;
      readonly words: string;
    }
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

/** How many entries of each kind a journal goes back. */
export const journalGoesBack = 50;

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

/** How often a thing of one name is told of. */
export interface Tally {
  readonly name: string;
  readonly times: number;
}

/** What a journal adds up to. */
export interface JournalSum {
  /** Whether some kind of entry may go back further than is told here. */
  readonly isCutOff: boolean;
  /** Kept looks by the verdict that stands, most often first; looks nobody read are left out. */
  readonly verdicts: readonly { readonly verdict: Verdict; readonly times: number }[];
  /** Sets by how often they were worn, the most worn first. */
  readonly worn: readonly Tally[];
  /** Rules (by id) by how often they were overruled and still are, the most overruled first. */
  readonly overruled: readonly Tally[];
}

/** Adds up what a journal tells. */
export function sumOf(days: readonly JournalDay[]): JournalSum {
  const entries = days.flatMap(({ entries: those }) => those);
  const verdicts = entries.flatMap((entry) =>
    entry.what === "look" && entry.verdict ? [entry.verdict] : [],
  );
  const worn = entries.flatMap((entry) => (entry.what === "worn" ? [entry.set] : []));
  const overruled = entries.flatMap((entry) =>
    entry.what === "overruled" && !entry.isWithdrawn ? [entry.rule] : [],
  );
  const mostOfAKind = tally(entries.map(({ what }) => what))[0]?.times ?? 0;
  return {
    isCutOff: mostOfAKind >= journalGoesBack,
    verdicts: tally(verdicts).map(({ name, times }) => ({ verdict: name, times })),
    worn: tally(worn),
    overruled: tally(overruled),
  };
}

/** How often each value stands in a list, the most frequent first, then in the order they were first met. */
function tally<T extends string>(
  values: readonly T[],
): readonly { readonly name: T; readonly times: number }[] {
  const times = new Map<T, number>();
  for (const value of values) times.set(value, (times.get(value) ?? 0) + 1);
  return [...times].map(([name, count]) => ({ name, times: count })).sort((a, b) => b.times - a.times);
}
