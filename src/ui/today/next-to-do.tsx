import { format, parseISO } from "date-fns";
import { dress } from "@/core/dressing/dress";
import type { Look } from "@/core/piece/look";
import { phrase } from "@/core/reading/phrase";
import { levelWord } from "@/core/register/ladder";
import { describeLook } from "../drawing/describe";
import { FigureInSight } from "../drawing/figure/figure-in-sight";
import { ButtonLink } from "../kit/button";
import type { DayOccasion } from "./day-occasion";
import { soon } from "./soon";

interface NextToDoProps {
  readonly day: string;
  /** The occasion that wants work first; undefined when all that is coming up is dressed. */
  readonly next: DayOccasion | undefined;
  /** What is drawn beside it: its look, or its client in a base of theirs. */
  readonly drawn: Look | null;
  readonly hasOccasions: boolean;
}

/** What to do next: the first occasion without a look to wear, or what is worth doing when there is none. */
export function NextToDo({ day, next, drawn, hasOccasions }: NextToDoProps) {
  if (!next)
    return (
      <div className="grid gap-4 border border-rule-strong bg-paper p-6">
        <p className="max-w-[52ch] font-serif text-lead">
          {hasOccasions
            ? "Everything that is coming up has a look to wear. This is a good day to see what is missing."
            : "No occasion is coming up. Add one to a client, or lay out a look for any day."}
        </p>
        <div className="flex gap-2">
          {hasOccasions ? (
            <ButtonLink look="strong" href="/boards/gaps">
              See what is missing
            </ButtonLink>
          ) : (
            <ButtonLink look="strong" href="/clients">
              Go to the clients
            </ButtonLink>
          )}
        </div>
      </div>
    );
  const { occasion, clientId, clientName, shown } = next;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] border border-rule-strong bg-paper sm:grid-cols-[11rem_minmax(0,1fr)]">
      <div className="surround-light flex justify-center border-rule pt-3 sm:border-r">
        {drawn && (
          <FigureInSight
            look={drawn}
            atOnce
            unit="cm"
            label={describeLook(dress(drawn), "cm")}
            className="h-60 w-full"
          />
        )}
      </div>
      <div className="flex flex-col items-start gap-2 p-5">
        <p className="tabular text-ink-soft">
          {format(parseISO(occasion.day), "EEEE d MMMM")}, {soon(day, occasion.day)}
        </p>
        <h3 className="text-title leading-tight">{occasion.name}</h3>
        <p>
          {clientName}
          {occasion.place && `, ${occasion.place}`}
        </p>
        <p className="tabular text-ink-soft">
          {levelWord(occasion.span.low)} to {levelWord(occasion.span.high)}, {occasion.temperature}
          &nbsp;&deg;C, {sayRain(occasion.rain)}
        </p>
        <p className="mt-2 max-w-[46ch] font-serif text-lead leading-snug">
          {shown ? "The look laid out for it jars." : "Nothing is laid out for it yet."}
        </p>
        {shown?.worst && <p className="max-w-[60ch]">{phrase(shown.worst, "cm")}</p>}
        <div className="mt-auto pt-3">
          {shown ? (
            <ButtonLink look="strong" href={`/bench?client=${clientId}&look=${shown.record.id}`}>
              Mend it at the bench
            </ButtonLink>
          ) : (
            <ButtonLink look="strong" href={`/bench?client=${clientId}&occasion=${occasion.id}`}>
              Lay out a look
            </ButtonLink>
          )}
        </div>
      </div>
    </div>
  );
}

/** How likely rain is, as one says it of a day. */
function sayRain(rain: number): string {
  if (rain === 0) return "dry";
  return `${Math.round(rain * 100)} % chance of rain`;
}
