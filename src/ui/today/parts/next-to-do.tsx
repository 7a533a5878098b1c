import { format, parseISO } from "date-fns";
import { comfortableIn } from "@/core/rules/comfort/warmth";
import { inWeather } from "@/core/place/forecast";
import { dress } from "@/core/dressing/dress";
import type { Look } from "@/core/piece/look";
import type { DayOccasion } from "@/core/studio/day-plan";
import { phrase } from "@/core/reading/phrase";
import { levelWord } from "@/core/register/ladder";
import { sayWith } from "@/words/say";
import { todayWords } from "@/words/today";
import { describeLook } from "../../drawing/describe";
import { FigureInSight } from "../../drawing/figure/figure-in-sight";
import { ButtonLink } from "../../kit/button";
import { DayChart } from "../../weather/day-chart";
import { soon } from "../words/soon";

interface NextToDoProps {
  readonly day: string;
  /** The occasion that wants work first; undefined when all that is coming up is dressed. */
  readonly next: DayOccasion | undefined;
  /** What is drawn beside it: its look, or its client in a base of theirs. */
  readonly drawn: Look | null;
  /** The day of the last occasion that was looked at, yyyy-mm-dd; undefined when none is coming up. */
  readonly lookedUntil: string | undefined;
}

/** What to do next: the first occasion without a look to wear, or what is worth doing when there is none. */
export function NextToDo({ day, next, drawn, lookedUntil }: NextToDoProps) {
  if (!next) return <NothingToDo lookedUntil={lookedUntil} />;
  const { clientName, shown } = next;
  const occasion = inWeather(next.occasion);
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
          {sayWith(todayWords.toC, {
            low: levelWord(occasion.span.low),
            high: levelWord(occasion.span.high),
            temperature: occasion.temperature,
            rain: sayRain(occasion.rain),
          })}
        </p>
        <DayChart
          occasion={occasion}
          comfortable={shown ? comfortableIn(dress(shown.look)) : null}
          className="w-72 max-w-full"
        />
        <p className="mt-2 max-w-[46ch] font-serif text-lead leading-snug">
          {shown ? todayWords.theLookLaidOutFor : todayWords.nothingIsLaidOutFor}
        </p>
        {shown?.worst && <p className="max-w-[60ch]">{phrase(shown.worst, "cm")}</p>}
        <ToIt next={next} />
      </div>
    </div>
  );
}

/** To the look that is laid out, or to a new one. */
function ToIt({ next: { clientId, occasion, shown } }: { readonly next: DayOccasion }) {
  return (
    <div className="mt-auto pt-3">
      {shown ? (
        <ButtonLink look="strong" href={`/bench?client=${clientId}&look=${shown.record.id}`}>
          {todayWords.mendItAtTheBench}
        </ButtonLink>
      ) : (
        <ButtonLink look="strong" href={`/bench?client=${clientId}&occasion=${occasion.id}`}>
          {todayWords.layOutALook}
        </ButtonLink>
      )}
    </div>
  );
}

/** All that is coming up is dressed, or nothing is coming up: what is worth doing then. */
function NothingToDo({ lookedUntil }: Pick<NextToDoProps, "lookedUntil">) {
  return (
    <div className="grid gap-4 border border-rule-strong bg-paper p-6">
      <p className="max-w-[52ch] font-serif text-lead">
        {lookedUntil
          ? sayWith(todayWords.everythingThatIsComingUp, {
              day: format(parseISO(lookedUntil), "EEEE d MMMM"),
            })
          : todayWords.noOccasionIsComingUp}
      </p>
      <div className="flex gap-2">
        {lookedUntil ? (
          <ButtonLink look="strong" href="/boards/gaps">
            {todayWords.seeWhatIsMissing}
          </ButtonLink>
        ) : (
          <>
            <ButtonLink look="strong" href="/clients">
              {todayWords.goToTheClients}
            </ButtonLink>
            <ButtonLink href="/start">{todayWords.firstSteps}</ButtonLink>
          </>
        )}
      </div>
    </div>
  );
}

/** How likely rain is, as one says it of a day. */
function sayRain(rain: number): string {
  if (rain === 0) return "dry";
  return sayWith(todayWords.chanceOfRain, { share: Math.round(rain * 100) });
}
