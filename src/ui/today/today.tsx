import { nextToDress } from "@/core/studio/day-plan";
import type { LookRecord } from "@/core/studio/look-record";
import type { OccasionRecord } from "@/core/studio/occasion-record";
import { layOut } from "@/core/studio/wardrobe";
import { ButtonLink } from "../kit/button";
import { Empty, Page } from "../kit/page";
import { ComingOccasions } from "./coming-occasions";
import type { DayOccasion } from "./day-occasion";
import { NextToDo } from "./next-to-do";
import { RecentLooks } from "./recent-looks";
import { dayReader, type DayRecords, type ShownLook } from "@/core/studio/shown-look";
import { todayWords } from "@/words/today";

interface TodayProps extends Omit<DayRecords, "laidOut"> {
  /** Today, yyyy-mm-dd. */
  readonly day: string;
  /** Who is on record. */
  readonly names: readonly { readonly id: string; readonly name: string }[];
  /** The next occasions by day, and the look last worked on for each that has one. */
  readonly coming: readonly OccasionRecord[];
  readonly laidOut: readonly LookRecord[];
  /** The looks last worked on; `occasions` are those of theirs that are not coming up. */
  readonly recent: readonly LookRecord[];
}

/** Where the day starts: what to do next, what is coming up, and the looks last worked on. */
export function Today({ day, names, coming, laidOut, recent, ...records }: TodayProps) {
  if (names.length === 0)
    return (
      <Page title={todayWords.today}>
        <Empty say={todayWords.aStudioBeginsWithA}>
          <ButtonLink look="strong" href="/start">
            {todayWords.addTheFirstClient}
          </ButtonLink>
        </Empty>
      </Page>
    );
  const show = dayReader({ ...records, occasions: [...coming, ...records.occasions], laidOut });
  const days = coming.map((record) => dayOccasion(record, laidOut, names, show));
  const next = nextToDress(days);
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
            <NextToDo
              day={day}
              next={next}
              drawn={next ? (next.shown?.look ?? inAnyBase(next, records)) : null}
              hasOccasions={days.length > 0}
            />
          </section>
          <section aria-labelledby="recent">
            <h2 id="recent" className="mb-3 text-lead">
              {todayWords.lastWorkedOn}
            </h2>
            <RecentLooks looks={recent.flatMap((record) => show(record) ?? [])} />
          </section>
        </div>
        <section aria-labelledby="coming">
          <h2 id="coming" className="mb-3 text-lead">
            {todayWords.comingUp}
          </h2>
          <ComingOccasions day={day} coming={days} />
        </section>
      </div>
    </Page>
  );
}

function dayOccasion(
  { occasion, clientId }: OccasionRecord,
  laidOut: readonly LookRecord[],
  names: TodayProps["names"],
  show: (record: LookRecord) => ShownLook | null,
): DayOccasion {
  const look = laidOut.find(({ occasionId }) => occasionId === occasion.id);
  const shown = look ? show(look) : null;
  const clientName = names.find(({ id }) => id === clientId)?.name ?? "";
  return { occasion, clientId, clientName, shown, verdict: shown?.verdict ?? null };
}

/** The client of an occasion in the first base of theirs. */
function inAnyBase(
  { clientId }: DayOccasion,
  { clients, bases, pieces }: Pick<DayRecords, "clients" | "bases" | "pieces">,
) {
  const client = clients.find((record) => record.client.id === clientId)?.client;
  if (!client) return null;
  const base = bases.find((record) => record.clientId === clientId);
  return layOut(
    { client, pieces: pieces.map(({ piece }) => piece), occasions: [], away: [] },
    { garmentIds: base?.pieceIds ?? [], accessoryIds: [], adjustments: [], occasionId: null },
  );
}

function longDay(day: string): string {
  return new Intl.DateTimeFormat("en-GB", {
    weekday: "long",
    day: "numeric",
    month: "long",
    timeZone: "UTC",
  }).format(new Date(day));
}
