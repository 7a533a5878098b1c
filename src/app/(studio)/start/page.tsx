import type { Metadata } from "next";
import { addressed, type SaidAddress } from "@/core/schema/address";
import { saveClient } from "@/server/actions/clients";
import { saveBase } from "@/server/actions/groups";
import { keepPieces, piecesCalled } from "@/server/actions/many-pieces";
import { saveOccasion } from "@/server/actions/occasions";
import { startRoom } from "@/server/records/start-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { packed } from "@/ui/kit/packed";
import { Start } from "@/ui/start/start";
import { startWords } from "@/words/start";

export const metadata: Metadata = { title: startWords.firstSteps };

interface StartPageProps {
  readonly searchParams: Promise<SaidAddress>;
}

export default async function StartPage({ searchParams }: StartPageProps) {
  const { client: asked } = addressed(await searchParams, ["client"]);
  const { day, ...records } = await inOwnStudio((tenant) => startRoom(tenant, asked));
  return (
    <Start
      day={day}
      records={packed(records)}
      actions={{ saveClient, keepPieces, called: piecesCalled, saveBase, saveOccasion }}
    />
  );
}
