import { differenceInCalendarDays, parseISO } from "date-fns";
import { sayWith } from "@/words/say";
import { todayWords } from "@/words/today";

/** How far off a day is, as one says it: "tomorrow", "in 5 days". Both yyyy-mm-dd. */
export function soon(today: string, day: string): string {
  const days = differenceInCalendarDays(parseISO(day), parseISO(today));
  if (days === 0) return "today";
  return days === 1 ? "tomorrow" : sayWith(todayWords.inDays, { days });
}
