import { differenceInCalendarDays, format, parseISO } from "date-fns";
import { levelWord } from "@/core/register/ladder";
import type { OccasionRecord } from "@/core/studio/occasion-record";
import { ButtonLink } from "../kit/button";

interface ComingOccasionsProps {
  readonly day: string;
  readonly occasions: readonly OccasionRecord[];
  readonly clients: readonly { readonly id: string; readonly name: string }[];
}

/** The next occasions by day, each with what it asks and a way to lay out a look for it. */
export function ComingOccasions({ day, occasions, clients }: ComingOccasionsProps) {
  if (occasions.length === 0)
    return (
      <p className="border border-dashed border-rule-strong bg-paper p-6 text-ink-soft">
        Nothing is coming up. Occasions are added on a client&rsquo;s page.
      </p>
    );
  return (
    <ol className="border border-rule-strong bg-paper">
      {occasions.map(({ occasion, clientId }) => (
        <li
          key={occasion.id}
          className="grid grid-cols-[4.5rem_minmax(0,1fr)_auto] items-center gap-4 border-b border-rule px-4 py-3 last:border-b-0"
        >
          <div className="text-center leading-none">
            <span className="block font-serif text-title">{format(parseISO(occasion.day), "d")}</span>
            <span className="text-tiny text-ink-soft">{format(parseISO(occasion.day), "MMM, EEE")}</span>
          </div>
          <div className="min-w-0">
            <p className="text-body font-medium">{occasion.name}</p>
            <p className="truncate text-ink-soft">
              {clients.find(({ id }) => id === clientId)?.name}
              {occasion.place && `, ${occasion.place}`}
            </p>
            <p className="tabular truncate text-tiny text-ink-soft">
              {soon(day, occasion.day)}; {levelWord(occasion.span.low)} to {levelWord(occasion.span.high)};{" "}
              {occasion.temperature} &deg;C, rain {Math.round(occasion.rain * 100)} %
            </p>
          </div>
          <ButtonLink size="small" href={`/bench?client=${clientId}&occasion=${occasion.id}`}>
            Lay out
          </ButtonLink>
        </li>
      ))}
    </ol>
  );
}

function soon(today: string, day: string): string {
  const days = differenceInCalendarDays(parseISO(day), parseISO(today));
  if (days === 0) return "today";
  return days === 1 ? "tomorrow" : `in ${days} days`;
}
