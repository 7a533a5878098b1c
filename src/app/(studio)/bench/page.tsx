import type { Metadata } from "next";
import { saveSet } from "@/server/actions/groups";
import { keepTriedHem } from "@/server/actions/hems";
import { changeClientBook, overrule, withdraw } from "@/server/actions/judgement";
import { saveLook } from "@/server/actions/looks";
import { benchFor, type BenchWish } from "@/server/records/bench";
import { nameClients } from "@/server/records/clients";
import { clientOfNewestLook } from "@/server/records/looks";
import { inOwnStudio } from "@/server/session/own-studio";
import { BenchRoom } from "@/ui/bench/bench-room";
import { EmptyBench } from "@/ui/bench/empty-bench";

export const metadata: Metadata = { title: "Bench" };

export default async function BenchPage({ searchParams }: { readonly searchParams: Promise<BenchWish> }) {
  const wish = await searchParams;
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
      source={source}
      clients={clients}
      saveLook={saveLook}
      saveSet={saveSet}
      keepHem={keepTriedHem}
      judgement={{ overrule, withdraw, changeBook: changeClientBook }}
    />
  );
}
