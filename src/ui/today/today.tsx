import type { Look } from "@/core/piece/look";
import type { DayOccasion } from "@/core/studio/day-plan";
import type { ShownLook } from "@/core/studio/shown-look";
import type { NewReply } from "@/core/studio/link-record";
import { papersWords } from "@/words/papers";
import { todayWords } from "@/words/today";
import { ButtonLink } from "../kit/button";
import { Empty, Page } from "../kit/page";
import { ClientAnswers } from "./parts/client-answers";
import { ComingOccasions } from "./parts/coming-occasions";
import { NextToDo } from "./parts/next-to-do";
import { RecentLooks } from "./parts/recent-looks";

interface TodayProps {
  /** Today, yyyy-mm-dd. */
  readonly day: string;
  readonly hasClients: boolean;
  /** The next occasions by day, and how many later ones there are beside them. */
  readonly coming: readonly DayOccasion[];
  readonly laterCount: number;
  /** The occasion that wants work first; undefined when none does. */
  readonly next: DayOccasion | undefined;
  /** What is drawn beside it: its look, or its client in a base of theirs. */
  readonly drawn: Look | null;
  /** What clients answered in the last days. */
  readonly replies: readonly NewReply[];
  /** The looks last worked on. */
  readonly recent: readonly ShownLook[];
}

/** Where the day starts: what to do next, what is coming up, and the looks last worked on. */
export function Today({ day, hasClients, coming, laterCount, next, drawn, replies, recent }: TodayProps) {
  if (!hasClients)
    return (
      <Page title={todayWords.today}>
        <Empty say={todayWords.aStudioBeginsWithA}>
          <ButtonLink look="strong" href="/start">
            {todayWords.addTheFirstClient}
          </ButtonLink>
        </Empty>
      </Page>
    );
  return (
    <Page
      title={todayWords.today}
      about={longDay(day)}
      actions={<ButtonLink href="/bench">{todayWords.goOnAtTheBench}</ButtonLink>}
    >
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,8fr)_minmax(0,7fr)]">
        <div className="grid grid-cols-[minmax(0,1fr)] content-start gap-6">
          <section aria-labelledby="next">
            <h2 id="next" className="mb-3 text-lead">
              {todayWords.whatToDoNext}
            </h2>
            <NextToDo day={day} next={next} drawn={drawn} lookedUntil={coming.at(-1)?.occasion.day} />
          </section>
          <section aria-labelledby="recent">
            <h2 id="recent" className="mb-3 text-lead">
              {todayWords.lastWorkedOn}
            </h2>
            <RecentLooks looks={recent} />
          </section>
        </div>
        <div className="grid content-start gap-6">
          {replies.length > 0 && (
            <section aria-labelledby="answers">
              <h2 id="answers" className="mb-3 text-lead">
                {papersWords.answers}
              </h2>
              <ClientAnswers replies={replies} />
            </section>
          )}
          <section aria-labelledby="coming">
            <h2 id="coming" className="mb-3 text-lead">
              {todayWords.comingUp}
            </h2>
            <ComingOccasions day={day} coming={coming} laterCount={laterCount} />
          </section>
        </div>
      </div>
    </Page>
  );
}

const dayFormat = new Intl.DateTimeFormat("en-GB", {
  weekday: "long",
  day: "numeric",
  month: "long",
  timeZone: "UTC",
});

const longDay = (day: string) => dayFormat.format(new Date(day));
