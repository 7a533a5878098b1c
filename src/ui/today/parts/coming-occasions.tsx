import { format, parseISO } from "date-fns";
import { Link } from "../../kit/link";
import type { DayOccasion } from "@/core/studio/day-plan";
import { sayWith } from "@/words/say";
import { todayWords } from "@/words/today";
import { ButtonLink } from "../../kit/button";
import { MarkWord } from "../../kit/marks";
import { soon } from "../words/soon";

interface ComingOccasionsProps {
  readonly day: string;
  readonly coming: readonly DayOccasion[];
  readonly laterCount: number;
}

/** The next occasions by day, each with the look laid out for it, or the way to lay one out. */
export function ComingOccasions({ day, coming, laterCount }: ComingOccasionsProps) {
  if (coming.length === 0)
    return (
      <p className="border border-dashed border-rule-strong bg-paper p-6 text-ink-soft">
        {todayWords.nothingIsComingUpOccasions}
      </p>
    );
  return (
    <div className="border border-rule-strong bg-paper">
      <ol>
        {coming.map((each) => (
          <OccasionRow key={each.occasion.id} day={day} {...each} />
        ))}
      </ol>
      {laterCount > 0 && (
        <Link
          href="/?coming=all"
          scroll={false}
          className="flex items-center px-4 py-2.5 hover:underline touch:min-h-11"
        >
          {laterCount === 1
            ? todayWords.showOneLaterOccasion
            : sayWith(todayWords.showLaterOccasions, { laterCount })}
        </Link>
      )}
    </div>
  );
}

function OccasionRow({ day, occasion, clientId, clientName, shown }: DayOccasion & { readonly day: string }) {
  return (
    <li className="grid grid-cols-[3.75rem_minmax(0,1fr)_auto] items-center gap-3 border-b border-rule px-3 py-2.5 last:border-b-0">
      <div className="text-center leading-none">
        <span className="block font-serif text-title">{format(parseISO(occasion.day), "d")}</span>
        <span className="text-tiny text-ink-soft">{format(parseISO(occasion.day), "MMM, EEE")}</span>
      </div>
      <div className="min-w-0">
        <p className="truncate font-medium">
          <Link
            href={`/clients/${clientId}/occasions/${occasion.id}`}
            className="hover:underline touch:inline-flex touch:min-h-11 touch:min-w-11 touch:items-center"
          >
            {occasion.name}
          </Link>
        </p>
        <p className="truncate text-tiny text-ink-soft">
          {clientName}
          {occasion.place && `, ${occasion.place}`}, {soon(day, occasion.day)}
        </p>
        <p className="tabular flex items-center gap-1 text-tiny">
          {shown ? (
            <>
              <MarkWord of={shown.verdict} />{" "}
              <span className="truncate text-ink-soft">{shown.base.name}</span>
            </>
          ) : (
            <span className="text-ink-soft">{todayWords.noLookYet}</span>
          )}
        </p>
      </div>
      {shown ? (
        <ButtonLink
          size="small"
          href={`/bench?client=${clientId}&look=${shown.record.id}`}
          aria-label={sayWith(todayWords.openTheLookFor, { occasion: occasion.name })}
        >
          {todayWords.open}
        </ButtonLink>
      ) : (
        <ButtonLink
          size="small"
          href={`/bench?client=${clientId}&occasion=${occasion.id}`}
          aria-label={sayWith(todayWords.layOutALookFor, { occasion: occasion.name })}
        >
          {todayWords.layOut}
        </ButtonLink>
      )}
    </li>
  );
}
