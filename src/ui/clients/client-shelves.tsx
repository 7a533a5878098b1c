import Link from "next/link";
import { format, parseISO } from "date-fns";
import { levelWord } from "@/core/register/ladder";
import type { ClientRecord } from "@/core/studio/client-record";
import type { GroupRecord } from "@/core/studio/group-record";
import type { OccasionRecord } from "@/core/studio/occasion-record";
import type { PieceRecord } from "@/core/studio/piece-record";
import { layOut } from "@/core/studio/wardrobe";
import { FigureInSight } from "../drawing/figure/figure-in-sight";
import { ButtonLink } from "../kit/button";

/** How many bases the page comes with drawn, so that it stays small; the others in sight follow at once. */
const drawnFirst = 3;

interface ClientShelvesProps {
  readonly client: ClientRecord["client"];
  readonly bases: readonly GroupRecord[];
  readonly occasions: readonly OccasionRecord[];
  readonly pieces: readonly PieceRecord[];
}

/** A client's bases and occasions, each a step from the bench. */
export function ClientShelves({ client, bases, occasions, pieces }: ClientShelvesProps) {
  const wardrobe = { client, pieces: pieces.map(({ piece }) => piece), occasions: [], away: [] };
  return (
    <div className="mb-10 grid grid-cols-[minmax(0,1fr)] gap-8 lg:grid-cols-[minmax(0,1fr)_22rem]">
      <section aria-labelledby="bases">
        <div className="mb-3 flex items-baseline justify-between">
          <h2 id="bases" className="text-lead">
            Bases
          </h2>
          <ButtonLink size="small" href={`/clients/${client.id}/bases/new`}>
            Lay out a base
          </ButtonLink>
        </div>
        {bases.length === 0 && (
          <p className="border border-dashed border-rule-strong bg-paper p-6 text-ink-soft">
            No base yet: lay out the garments of a first plain outfit.
          </p>
        )}
        <ul className="relative flex gap-3 overflow-x-auto pb-2">
          {bases.map((base, at) => {
            const look = layOut(wardrobe, {
              garmentIds: base.pieceIds,
              accessoryIds: [],
              adjustments: [],
              occasionId: null,
            });
            return (
              <li key={base.id} className="w-36 shrink-0 border border-rule-strong bg-paper">
                <Link href={`/bench?client=${client.id}&base=${base.id}`} className="block hover:bg-white">
                  <FigureInSight
                    look={look}
                    atOnce={at < drawnFirst}
                    unit="cm"
                    label={base.name}
                    className="h-44 w-full border-b border-rule pt-2"
                  />
                  <span className="block h-11 px-2 pt-1.5 leading-tight font-medium">{base.name}</span>
                </Link>
                <Link
                  href={`/clients/${client.id}/bases/${base.id}`}
                  className="block touch:flex touch:min-h-11 touch:items-center px-2 pb-1.5 text-tiny text-ink-soft underline decoration-rule-strong underline-offset-2 hover:text-ink"
                >
                  change
                </Link>
              </li>
            );
          })}
        </ul>
      </section>
      <section aria-labelledby="occasions">
        <div className="mb-3 flex items-baseline justify-between">
          <h2 id="occasions" className="text-lead">
            Occasions
          </h2>
          <ButtonLink size="small" href={`/clients/${client.id}/occasions/new`}>
            Add an occasion
          </ButtonLink>
        </div>
        {occasions.length === 0 && (
          <p className="border border-dashed border-rule-strong bg-paper p-6 text-ink-soft">
            No occasion yet: where will a look be worn?
          </p>
        )}
        <ul className="border-t border-rule-strong">
          {occasions.map(({ occasion }) => (
            <li key={occasion.id} className="border-b border-rule">
              <Link
                href={`/clients/${client.id}/occasions/${occasion.id}`}
                className="block px-1 py-2 hover:bg-paper"
              >
                <span className="block font-medium">{occasion.name}</span>
                <span className="tabular text-tiny text-ink-soft">
                  {format(parseISO(occasion.day), "d MMM yyyy")}; {levelWord(occasion.span.low)} to{" "}
                  {levelWord(occasion.span.high)}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}
