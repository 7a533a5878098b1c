import Link from "next/link";
import { dress } from "@/core/dressing/dress";
import { sayLength } from "@/core/length/length";
import type { ClientRecord } from "@/core/studio/client-record";
import type { GroupRecord } from "@/core/studio/group-record";
import type { PieceRecord } from "@/core/studio/piece-record";
import { layOut } from "@/core/studio/wardrobe";
import { ButtonLink } from "../kit/button";
import { Empty, Page } from "../kit/page";
import { Figure } from "../drawing/figure/figure";

interface ClientListProps {
  readonly clients: readonly ClientRecord[];
  readonly bases: readonly GroupRecord[];
  readonly pieces: readonly PieceRecord[];
}

/** The studio's clients, standing on one floor and to one scale. */
export function ClientList({ clients, bases, pieces }: ClientListProps) {
  const add = (
    <ButtonLink look="strong" href="/clients/new">
      Add a client
    </ButtonLink>
  );
  if (clients.length === 0)
    return (
      <Page title="Clients">
        <Empty say="Nobody is on record yet. A name and a height are enough to begin; every further measurement makes the readings surer.">
          {add}
        </Empty>
      </Page>
    );
  const tallest = Math.max(...clients.map(({ client }) => client.measured.height));
  const allPieces = pieces.map(({ piece }) => piece);
  return (
    <Page
      title="Clients"
      about="Drawn to one scale from their measurements, each in a base of theirs."
      actions={
        <>
          <ButtonLink href="/rules">The studio's rule book</ButtonLink>
          {add}
        </>
      }
    >
      <ul className="flex flex-wrap items-end gap-x-2 border-b-2 border-ink bg-paper px-6 pt-6">
        {clients.map(({ client }) => {
          const own = bases.filter(({ clientId }) => clientId === client.id);
          const wardrobe = { client, pieces: allPieces, occasions: [], away: [] };
          const look = layOut(wardrobe, {
            garmentIds: own[0]?.pieceIds ?? [],
            accessoryIds: [],
            adjustments: [],
            occasionId: null,
          });
          const share = client.measured.height / tallest;
          return (
            <li key={client.id} className="w-56">
              <Link
                href={`/clients/${client.id}`}
                className="group flex flex-col items-center text-center hover:bg-well"
              >
                <span className="font-serif text-lead group-hover:underline">{client.name}</span>
                <span className="tabular text-ink-soft">
                  {sayLength(client.measured.height, "cm")}, {own.length}{" "}
                  {own.length === 1 ? "base" : "bases"}
                </span>
                <span className="text-tiny text-ink-soft">rule book {client.ruleBook.name}</span>
                <span className="flex h-110 w-full items-end justify-center">
                  <Figure
                    dressed={dress(look)}
                    unit="cm"
                    label={`${client.name} in ${own[0]?.name ?? "no base yet"}`}
                    plain
                    className="w-full"
                    style={{ height: `${share * 100}%` }}
                  />
                </span>
              </Link>
            </li>
          );
        })}
      </ul>
    </Page>
  );
}
