import { format, parseISO } from "date-fns";
import { Link } from "../kit/link";
import { inWeather } from "@/core/place/forecast";
import { dress } from "@/core/dressing/dress";
import type { Occasion } from "@/core/piece/occasion";
import { levelWord } from "@/core/register/ladder";
import { dayReader, type DayRecords, type ShownLook } from "@/core/studio/shown-look";
import type { LookRecord } from "@/core/studio/look-record";
import { sayWith } from "@/words/say";
import { clientsWords } from "@/words/clients";
import { describeLook } from "../drawing/describe";
import { FigureInSight } from "../drawing/figure/figure-in-sight";
import { ButtonLink } from "../kit/button";
import { MarkWord } from "../kit/marks";
import { Empty } from "../kit/page";

interface ClientOccasionsProps extends DayRecords {
  readonly clientId: string;
  /** Today, yyyy-mm-dd. */
  readonly today: string;
  /** The look last worked on for each occasion that has one. */
  readonly laidOut: readonly LookRecord[];
}

/** A client's occasions: those to come with the look for each, and below them those that are past. */
export function ClientOccasions({ clientId, today, laidOut, ...records }: ClientOccasionsProps) {
  const add = (
    <ButtonLink
      look={records.occasions.length === 0 ? "strong" : "plain"}
      href={`/clients/${clientId}/occasions/new`}
    >
      {clientsWords.addAnOccasion}
    </ButtonLink>
  );
  if (records.occasions.length === 0) return <Empty say={clientsWords.noOccasionYetSayWhere}>{add}</Empty>;
  const show = dayReader(records);
  const rows = records.occasions.map(({ occasion }) => {
    const look = laidOut.find(({ occasionId }) => occasionId === occasion.id);
    return { occasion, shown: look ? show(look) : null };
  });
  const past = rows.filter(({ occasion }) => occasion.day < today).reverse();
  const coming = rows.filter(({ occasion }) => occasion.day >= today);
  const list = (some: typeof rows) => (
    <ul className="border border-rule-strong bg-paper">
      {some.map((row) => (
        <OccasionRow key={row.occasion.id} clientId={clientId} {...row} />
      ))}
    </ul>
  );
  return (
    <div className="grid gap-4">
      {coming.length > 0 ? (
        list(coming)
      ) : (
        <p className="border border-dashed border-rule-strong bg-paper p-6 text-ink-soft">
          {clientsWords.nothingIsComingUp}
        </p>
      )}
      <div>{add}</div>
      {past.length > 0 && (
        <section aria-labelledby="past">
          <h2 id="past" className="mt-3 mb-3 text-lead">
            {clientsWords.past}
          </h2>
          {list(past)}
        </section>
      )}
    </div>
  );
}

interface OccasionRowProps {
  readonly clientId: string;
  readonly occasion: Occasion;
  readonly shown: ShownLook | null;
}

function OccasionRow({ clientId, occasion, shown }: OccasionRowProps) {
  const { id, name, place, day, span, flags, ground, onFoot } = occasion;
  const { temperature, rain, wind } = inWeather(occasion);
  return (
    <li className="grid grid-cols-[4rem_minmax(0,1fr)] items-center gap-x-4 gap-y-2 border-b border-rule px-4 py-3 last:border-b-0 lg:grid-cols-[4rem_6rem_minmax(0,3fr)_minmax(0,4fr)_minmax(0,3fr)_8.5rem]">
      <div className="text-center leading-none">
        <span className="block font-serif text-title">{format(parseISO(day), "d")}</span>
        <span className="text-tiny text-ink-soft">{format(parseISO(day), "MMM yyyy")}</span>
      </div>
      <div className="surround-light h-30 w-24 border border-rule max-lg:col-start-2" aria-hidden={!shown}>
        {shown && (
          <FigureInSight
            look={shown.look}
            unit="cm"
            label={describeLook(dress(shown.look), "cm")}
            className="h-full w-full pt-1"
          />
        )}
      </div>
      <div className="min-w-0 max-lg:col-start-2">
        <Link
          href={`/clients/${clientId}/occasions/${id}`}
          className="font-serif text-lead leading-tight hover:underline touch:inline-flex touch:min-h-11 touch:items-center"
        >
          {name}
        </Link>
        {place && <p className="truncate text-ink-soft">{place}</p>}
      </div>
      <div className="tabular max-lg:col-start-2">
        <p>
          {sayWith(clientsWords.to, { low: levelWord(span.low), high: levelWord(span.high) })}
          {flags.length > 0 && `; ${flags.join(", ")}`}
        </p>
        <p className="text-tiny text-ink-soft">
          {sayWith(clientsWords.cRainWindMS, { temperature, rain: Math.round(rain * 100), wind, ground })}
          {onFoot > 0 && sayWith(clientsWords.minutesOnFoot, { onFoot })}
        </p>
      </div>
      <div className="min-w-0 max-lg:col-start-2">
        {shown ? (
          <>
            <p className="font-medium">
              <MarkWord of={shown.verdict} />
            </p>
            <p className="truncate text-tiny text-ink-soft">{shown.base.name}</p>
          </>
        ) : (
          <p className="text-ink-soft">{clientsWords.noLookYet}</p>
        )}
      </div>
      <div className="max-lg:col-start-2 lg:text-right">
        <OccasionLink clientId={clientId} occasion={occasion} shown={shown} />
      </div>
    </li>
  );
}

/** To the look that is laid out for an occasion, or to a new one. */
function OccasionLink({ clientId, occasion: { id, name }, shown }: OccasionRowProps) {
  return shown ? (
    <ButtonLink
      size="small"
      href={`/bench?client=${clientId}&look=${shown.record.id}`}
      aria-label={sayWith(clientsWords.openTheLookFor, { name })}
    >
      {clientsWords.openTheLook}
    </ButtonLink>
  ) : (
    <ButtonLink
      size="small"
      href={`/bench?client=${clientId}&occasion=${id}`}
      aria-label={sayWith(clientsWords.layOutALookFor, { name })}
    >
      {clientsWords.layOut}
    </ButtonLink>
  );
}
