const weekdays = ["sunday", "monday", "tuesday", "wednesday", "thursday", "friday", "saturday"] as const;
const months = [
  "january",
  "february",
  "march",
  "april",
  "may",
  "june",
  "july",
  "august",
  "september",
  "october",
  "november",
  "december",
] as const;
const numbers: Readonly<Record<string, number>> = { a: 1, one: 1, two: 2, three: 3, four: 4 };

/** A line without the day it names, and the day; null where it names none. */
export interface DayInLine {
  readonly day: string | null;
  /** The time of day that is said with it: "evening" of "Friday evening" and "tonight"; empty where none is. */
  readonly hour: string;
  readonly rest: string;
}

/** A time of day right behind a day. */
const hours = /^\s+(morning|afternoon|evening|night)\b/i;

type Reader = readonly [RegExp, (found: RegExpExecArray, today: Date) => Date | null];

/** A name as it is written, whole or cut short: "september", "sept", "sep". */
const written = (name: string) =>
  Array.from({ length: name.length - 2 }, (_, cut) => name.slice(0, name.length - cut)).join("|");
const monthNames = months.map(written).join("|");
const weekdayNames = weekdays.map(written).join("|");

/** The ways in which a day is written, the surest first. */
const readers: readonly Reader[] = [
  [/\b(\d{4})-(\d{2})-(\d{2})\b/, ([, y, m, d]) => dateOf(Number(y), Number(m) - 1, Number(d))],
  [
    new RegExp(
      `\\b(?:on\\s+)?(?:the\\s+)?(\\d{1,2})(?:st|nd|rd|th)?\\s+(?:of\\s+)?(${monthNames})\\b\\.?`,
      "i",
    ),
    ([, day, month], today) => nextDate(today, monthOf(month), Number(day)),
  ],
  [
    new RegExp(`\\b(?:on\\s+)?(${monthNames})\\s+(\\d{1,2})(?:st|nd|rd|th)?\\b`, "i"),
    ([, month, day], today) => nextDate(today, monthOf(month), Number(day)),
  ],
  [/\bday after tomorrow\b/i, (_, today) => later(today, 2)],
  [/\btomorrow\b/i, (_, today) => later(today, 1)],
  [/\b(?:today|tonight)\b/i, (_, today) => today],
  [
    /\bin\s+(a|one|two|three|four|\d{1,2})\s+(day|week)s?\b/i,
    ([, count = "", unit = ""], today) =>
      later(today, (numbers[count.toLowerCase()] ?? Number(count)) * (unit.toLowerCase() === "week" ? 7 : 1)),
  ],
  [
    new RegExp(`\\b(?:on\\s+)?(next\\s+)?(${weekdayNames})\\b`, "i"),
    ([, next, name = ""], today) => {
      const wanted = weekdays.findIndex((day) => day.startsWith(name.toLowerCase().slice(0, 3)));
      const ahead = (wanted - today.getUTCDay() + 7) % 7 || 7;
      // "Next Friday" on a Monday is commonly the one of the week after.
      return later(today, next && ahead < 4 + 3 && today.getUTCDay() + ahead <= 6 ? ahead + 7 : ahead);
    },
  ],
];

/** Finds the day that a line names, counted from today (yyyy-mm-dd). */
export function dayIn(line: string, today: string): DayInLine {
  const from = new Date(`${today}T00:00:00Z`);
  for (const [pattern, read] of readers) {
    const found = pattern.exec(line);
    const date = found && read(found, from);
    if (!found || !date) continue;
    const behind = line.slice(found.index + found[0].length);
    const [said = "", time = ""] = hours.exec(behind) ?? [];
    const hour = /tonight/i.test(found[0]) ? "evening" : time.toLowerCase();
    const rest = `${line.slice(0, found.index)} ${behind.slice(said.length)}`;
    return { day: date.toISOString().slice(0, 10), hour, rest: rest.replace(/\s+/g, " ").trim() };
  }
  return { day: null, hour: "", rest: line.trim() };
}

function monthOf(name = ""): number {
  return months.findIndex((month) => month.startsWith(name.toLowerCase().slice(0, 3)));
}

function dateOf(year: number, month: number, day: number): Date | null {
  const date = new Date(Date.UTC(year, month, day));
  return date.getUTCMonth() === month && date.getUTCDate() === day ? date : null;
}

/** The next such day, this year's where it is not over. */
function nextDate(today: Date, month: number, day: number): Date | null {
  const year = today.getUTCFullYear();
  const own = dateOf(year, month, day);
  return own && own >= today ? own : dateOf(year + 1, month, day);
}

function later(today: Date, days: number): Date {
  return new Date(today.getTime() + days * 86_400_000);
}
