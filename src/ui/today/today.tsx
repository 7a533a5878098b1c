import type { ClientRecord } from "@/core/studio/client-record";
import type { GroupRecord } from "@/core/studio/group-record";
import type { LookRecord } from "@/core/studio/look-record";
import type { OccasionRecord } from "@/core/studio/occasion-record";
import type { PieceRecord } from "@/core/studio/piece-record";
import { ButtonLink } from "../kit/button";
import { Empty, Page } from "../kit/page";
import { ComingOccasions } from "./coming-occasions";
import { RecentLooks } from "./recent-looks";

interface TodayProps {
  /** Today, yyyy-mm-dd. */
  readonly day: string;
  /** Who is on record. */
  readonly names: readonly { readonly id: string; readonly name: string }[];
  readonly coming: readonly OccasionRecord[];
  /** The looks last worked on, with whom and what they are made of. */
  readonly looks: readonly LookRecord[];
  readonly clients: readonly ClientRecord[];
  readonly occasions: readonly OccasionRecord[];
  readonly bases: readonly GroupRecord[];
  readonly pieces: readonly PieceRecord[];
}

/** Where the day starts: what is coming up, and the looks last worked on. */
export function Today({ day, names, coming, ...inHand }: TodayProps) {
  if (names.length === 0)
    return (
      <Page title="Today">
        <Empty say="A studio begins with a client: a name, a height and a few girths are enough to read a first look.">
          <ButtonLink look="strong" href="/clients/new">
            Add the first client
          </ButtonLink>
        </Empty>
      </Page>
    );
  return (
    <Page
      title="Today"
      about={longDay(day)}
      actions={
        <ButtonLink look="strong" href="/bench">
          Go on at the bench
        </ButtonLink>
      }
    >
      <div className="grid grid-cols-[minmax(0,1fr)] gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <section aria-labelledby="recent">
          <h2 id="recent" className="mb-3 text-lead">
            Looks in hand
          </h2>
          <RecentLooks {...inHand} />
        </section>
        <section aria-labelledby="coming">
          <h2 id="coming" className="mb-3 text-lead">
            Coming up
          </h2>
          <ComingOccasions day={day} occasions={coming} clients={names} />
        </section>
      </div>
    </Page>
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
