import type { Metadata } from "next";
import { addressed, type SaidAddress } from "@/core/schema/address";
import { notFound } from "next/navigation";
import { saveSet } from "@/server/actions/groups";
import { buildRoom, buildWishes } from "@/server/records/build-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { ButtonLink } from "@/ui/kit/button";
import { Page } from "@/ui/kit/page";
import { SetBuilder } from "@/ui/sets/builder/set-builder";
import { packed } from "@/ui/kit/packed";
import { sayWith } from "@/words/say";
import { setsWords } from "@/words/sets";

export const metadata: Metadata = { title: setsWords.buildASet };

export default async function BuildPage({ searchParams }: { readonly searchParams: Promise<SaidAddress> }) {
  const wish = addressed(await searchParams, buildWishes);
  const room = await inOwnStudio((tenant) => buildRoom(tenant, wish));
  if (!room) notFound();
  const { client } = room.wardrobe;
  return (
    <Page
      title={
        room.set
          ? sayWith(setsWords.changed, { set: room.set.name })
          : sayWith(setsWords.aSetFor, { client: client.name })
      }
      about={setsWords.dragPiecesToTheLine}
      actions={<ButtonLink href={`/sets?client=${client.id}`}>{setsWords.backToTheSets}</ButtonLink>}
    >
      <SetBuilder key={JSON.stringify(wish)} records={packed(room)} save={saveSet} />
    </Page>
  );
}
