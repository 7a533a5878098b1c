import type { Metadata } from "next";
import { addressed, type SaidAddress } from "@/core/schema/address";
import { notFound } from "next/navigation";
import { saveSet } from "@/server/actions/groups";
import { moveTemplate } from "@/server/actions/library";
import { wardrobeFor } from "@/server/records/bench";
import { sets } from "@/server/records/sets";
import { listTemplates } from "@/server/records/templates";
import { inOwnStudio } from "@/server/session/own-studio";
import { ButtonLink } from "@/ui/kit/button";
import { Page } from "@/ui/kit/page";
import { Stock } from "@/ui/sets/stock/stock";
import { packed } from "@/ui/kit/packed";
import { sayWith } from "@/words/say";
import { setsWords } from "@/words/sets";

export const metadata: Metadata = { title: setsWords.firstStock };

interface StockPageProps {
  readonly searchParams: Promise<SaidAddress>;
}

export default async function StockPage({ searchParams }: StockPageProps) {
  const { client = "" } = addressed(await searchParams, ["client"]);
  const room = await inOwnStudio(async (tenant) => {
    const wardrobe = await wardrobeFor(tenant, client);
    if (!wardrobe) return null;
    return { wardrobe, sets: await sets.list(tenant, client), templates: await listTemplates(tenant) };
  });
  if (!room) notFound();
  const { name, id } = room.wardrobe.client;
  return (
    <Page
      title={sayWith(setsWords.aStockOfSetsFor, { name })}
      about={setsWords.eachTemplateIsFilledWith}
      actions={<ButtonLink href={`/sets?client=${id}`}>{setsWords.backToTheSets}</ButtonLink>}
    >
      <Stock
        key={[id, ...room.templates.map((record) => record.id)].join()}
        records={packed(room)}
        save={saveSet}
        moveTemplate={moveTemplate}
      />
    </Page>
  );
}
