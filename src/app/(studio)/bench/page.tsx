import type { Metadata } from "next";
import { addressed, type SaidAddress } from "@/core/schema/address";
import { saveSet } from "@/server/actions/groups";
import { declinePiece, offerAgain } from "@/server/actions/declined";
import { keepTriedHem } from "@/server/actions/hems";
import { changeClientBook, overrule, withdraw } from "@/server/actions/judgement";
import { moveLook, saveLook, stepsOfLook } from "@/server/actions/looks";
import { pieceToChange, savePiece } from "@/server/actions/pieces";
import { benchFor, benchWishes } from "@/server/records/bench";
import { nameClients } from "@/server/records/clients";
import { clientOfNewestLook } from "@/server/records/looks";
import { inOwnStudio } from "@/server/session/own-studio";
import { BenchRoom } from "@/ui/bench/bench-room";
import { EmptyBench } from "@/ui/bench/empty-bench";
import { packed } from "@/ui/kit/packed";
import { benchWords } from "@/words/bench";

const pieceActions = { find: pieceToChange, save: savePiece };

export const metadata: Metadata = { title: benchWords.bench };

export default async function BenchPage({ searchParams }: { readonly searchParams: Promise<SaidAddress> }) {
  const wish = addressed(await searchParams, benchWishes);
  const { clients, clientId, source } = await inOwnStudio(async (tenant) => {
    const all = await nameClients(tenant);
    const asked = wish.client ?? (await clientOfNewestLook(tenant));
    const id = all.find((client) => client.id === asked)?.id ?? all[0]?.id ?? null;
    return { clients: all, clientId: id, source: id && (await benchFor(tenant, id, wish)) };
  });
  if (!source) return <EmptyBench clientId={clientId} clients={clients} />;
  const sheet = [source.client.id, wish.base, wish.occasion, wish.set, wish.look, wish.wear, wish.turn].join(
    ":",
  );
  return (
    <BenchRoom
      sheet={sheet}
      records={packed({ source, clients })}
      looks={{ save: saveLook, stepsOf: stepsOfLook, move: moveLook }}
      pieces={pieceActions}
      saveSet={saveSet}
      keepHem={keepTriedHem}
      judgement={{ overrule, withdraw, changeBook: changeClientBook }}
      declines={{ decline: declinePiece, offerAgain }}
    />
  );
}
