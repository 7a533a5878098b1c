import type { Metadata } from "next";
import { changePieces, putPiecesAway, railFile } from "@/server/actions/many-pieces";
import { lookAlongRail, saveRailViews } from "@/server/actions/rail";
import { nameClients } from "@/server/records/clients";
import { hasPieces, railWindow } from "@/server/records/rail";
import { railViewsOf } from "@/server/records/rail-views";
import { studioKit } from "@/core/studio/rail";
import { inOwnStudio } from "@/server/session/own-studio";
import { Rail } from "@/ui/rail/rail";
import { railQueryOf, railWishOf } from "@/ui/rail/state/rail-query";
import { packed } from "@/ui/kit/packed";
import { railWords } from "@/words/rail";

export const metadata: Metadata = { title: railWords.rail };

export default async function RailPage({ searchParams }: PageProps<"/rail">) {
  const wish = railWishOf(await railQueryOf(searchParams));
  const room = await inOwnStudio(async (tenant, { userId }) => {
    const clients = await nameClients(tenant);
    // An owner nobody knows, in an address that was typed, is everybody.
    const owner = wish.owner === studioKit || clients.some(({ id }) => id === wish.owner) ? wish.owner : null;
    return {
      clients,
      isEmpty: !(await hasPieces(tenant)),
      first: await railWindow(tenant, { ...wish, owner }, 0),
      views: await railViewsOf(tenant, userId),
    };
  });
  return (
    <Rail
      records={packed(room)}
      look={lookAlongRail}
      actions={{
        change: changePieces,
        putAway: putPiecesAway,
        file: railFile,
        saveViews: saveRailViews,
      }}
    />
  );
}
