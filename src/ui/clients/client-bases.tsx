import { Link } from "../kit/link";
import { dress } from "@/core/dressing/dress";
import type { Client } from "@/core/piece/client";
import { levelWord } from "@/core/register/ladder";
import type { GroupRecord } from "@/core/studio/group-record";
import type { PieceRecord } from "@/core/studio/piece-record";
import { layOut } from "@/core/studio/wardrobe";
import { sayWith } from "@/words/say";
import { clientsWords } from "@/words/clients";
import { FigureInSight } from "../drawing/figure/figure-in-sight";
import { ButtonLink } from "../kit/button";
import { Empty } from "../kit/page";

/** How many bases the page comes with drawn, so that it stays small; the others in sight follow at once. */
const drawnFirst = 3;

interface ClientBasesProps {
  readonly client: Client;
  readonly bases: readonly GroupRecord[];
  readonly pieces: readonly PieceRecord[];
}

/** A client's bases, worn without accessories, each a step from the bench. */
export function ClientBases({ client, bases, pieces }: ClientBasesProps) {
  const wardrobe = { client, pieces: pieces.map(({ piece }) => piece), occasions: [], away: [] };
  const lay = (
    <ButtonLink look={bases.length === 0 ? "strong" : "plain"} href={`/clients/${client.id}/bases/new`}>
      {clientsWords.layOutABase}
    </ButtonLink>
  );
  if (bases.length === 0) return <Empty say={clientsWords.noBaseYetABase}>{lay}</Empty>;
  return (
    <>
      <ul className="grid grid-cols-2 gap-3 sm:grid-cols-3 lg:grid-cols-5">
        {bases.map((base, at) => {
          const look = layOut(wardrobe, {
            garmentIds: base.pieceIds,
            accessoryIds: [],
            adjustments: [],
            occasionId: null,
          });
          const { level } = dress(look);
          return (
            <li key={base.id} className="flex flex-col border border-rule-strong bg-paper">
              <Link
                href={`/bench?client=${client.id}&base=${base.id}`}
                className="flex grow flex-col hover:bg-white"
              >
                <FigureInSight
                  look={look}
                  atOnce={at < drawnFirst}
                  unit="cm"
                  label={base.name}
                  className="h-60 w-full border-b border-rule pt-2"
                />
                <span className="px-3 pt-2 leading-tight font-medium">{base.name}</span>
              </Link>
              <span className="flex items-baseline justify-between gap-2 px-3 pt-0.5 pb-2">
                <span className="text-tiny text-ink-soft">
                  {level === null ? clientsWords.noLevelYet : levelWord(level)}
                </span>
                <Link
                  href={`/clients/${client.id}/bases/${base.id}`}
                  aria-label={sayWith(clientsWords.change, { base: base.name })}
                  className="text-tiny text-ink-soft underline decoration-rule-strong underline-offset-2 hover:text-ink touch:flex touch:min-h-11 touch:min-w-11 touch:items-center touch:justify-end"
                >
                  {clientsWords.changeWord}
                </Link>
              </span>
            </li>
          );
        })}
      </ul>
      <div className="mt-4">{lay}</div>
    </>
  );
}
