import { Link } from "../kit/link";
import { sayLength } from "@/core/length/length";
import type { Look } from "@/core/piece/look";
import type { ClientRecord } from "@/core/studio/client-record";
import type { GroupRecord } from "@/core/studio/group-record";
import type { PieceRecord } from "@/core/studio/piece-record";
import { layOut } from "@/core/studio/wardrobe";
import { sayWith } from "@/words/say";
import { clientsWords } from "@/words/clients";
import { ButtonLink } from "../kit/button";
import { Empty, Page } from "../kit/page";
import { OpenClientFile } from "../whole/parts/open-client-file";
import { FigureInSight } from "../drawing/figure/figure-in-sight";

/** How many clients the page comes with drawn, so that it stays small; the others in sight follow at once. */
const drawnFirst = 4;

interface ClientListProps {
  /** Who stands on this page, with the first of their bases and how many there are. */
  readonly standing: readonly {
    readonly record: ClientRecord;
    readonly bases: number;
    readonly base: GroupRecord | null;
  }[];
  readonly pieces: readonly PieceRecord[];
  /** The page, counted from 0, and how many there are. */
  readonly page: number;
  readonly pages: number;
}

/** The studio's clients, standing on one floor and to one scale. */
export function ClientList({ standing, pieces, page, pages }: ClientListProps) {
  const add = (
    <>
      <OpenClientFile />
      <ButtonLink look="strong" href="/clients/new">
        {clientsWords.addAClient}
      </ButtonLink>
    </>
  );
  if (pages === 0)
    return (
      <Page title={clientsWords.clients}>
        <Empty say={clientsWords.nobodyIsOnRecordYet}>{add}</Empty>
      </Page>
    );
  const tallest = Math.max(...standing.map(({ record }) => record.client.measured.height));
  const allPieces = pieces.map(({ piece }) => piece);
  return (
    <Page
      title={clientsWords.clients}
      about={clientsWords.drawnToOneScaleFrom}
      actions={
        <>
          <ButtonLink href="/rules">{clientsWords.theStudiosRuleBook}</ButtonLink>
          {add}
        </>
      }
    >
      <ul className="flex flex-wrap items-end gap-x-2 border-b-2 border-ink bg-paper px-6 pt-6">
        {standing.map(({ record: { client }, bases, base }, at) => {
          const wardrobe = { client, pieces: allPieces, occasions: [], away: [] };
          const look = layOut(wardrobe, {
            garmentIds: base?.pieceIds ?? [],
            accessoryIds: [],
            adjustments: [],
            occasionId: null,
          });
          return (
            <Standing
              key={client.id}
              client={client}
              bases={bases}
              base={base}
              look={look}
              share={client.measured.height / tallest}
              isDrawnAtOnce={at < drawnFirst}
            />
          );
        })}
      </ul>
      {pages > 1 && <Pages page={page} pages={pages} />}
    </Page>
  );
}

function Pages({ page, pages }: Pick<ClientListProps, "page" | "pages">) {
  return (
    <nav aria-label={clientsWords.pagesOfClients} className="mt-3 flex flex-wrap items-center gap-1.5">
      {Array.from({ length: pages }, (_, at) => (
        <ButtonLink
          key={at}
          size="small"
          look={at === page ? "strong" : "plain"}
          aria-current={at === page ? "page" : undefined}
          href={`/clients?page=${at + 1}`}
        >
          {at + 1}
        </ButtonLink>
      ))}
    </nav>
  );
}

interface StandingProps {
  readonly client: ClientRecord["client"];
  readonly bases: number;
  /** The first of their bases. */
  readonly base: GroupRecord | null;
  readonly look: Look;
  /** How much of the tallest client's height is theirs. */
  readonly share: number;
  readonly isDrawnAtOnce: boolean;
}

/** A client who stands on the floor, under their name. */
function Standing({ client, bases, base, look, share, isDrawnAtOnce }: StandingProps) {
  return (
    <li className="w-56">
      <Link
        href={`/clients/${client.id}`}
        className="group flex flex-col items-center text-center hover:bg-well"
      >
        <span className="font-serif text-lead group-hover:underline">{client.name}</span>
        <span className="tabular text-ink-soft">
          {sayLength(client.measured.height, "cm")}, {sayWith(clientsWords.basesCounted, { bases })}
        </span>
        <span className="text-tiny text-ink-soft">
          {sayWith(clientsWords.ruleBookWord, { ruleBook: client.ruleBook.name })}
        </span>
        <span className="flex h-110 w-full items-end justify-center">
          <FigureInSight
            look={look}
            atOnce={isDrawnAtOnce}
            unit="cm"
            label={sayWith(clientsWords.clientIn, {
              client: client.name,
              base: base?.name ?? clientsWords.noBaseYet,
            })}
            className="w-full"
            style={{ height: `${share * 100}%` }}
          />
        </span>
      </Link>
    </li>
  );
}
