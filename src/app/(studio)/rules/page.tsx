import type { Metadata } from "next";
import { saveRuleBook } from "@/server/actions/judgement";
import { clientOfNewestLook } from "@/server/records/looks";
import { ruleBookRoom } from "@/server/records/rule-book-room";
import { studioRuleBook } from "@/server/records/rule-books";
import { inOwnStudio } from "@/server/session/own-studio";
import { ButtonLink } from "@/ui/kit/button";
import { Page } from "@/ui/kit/page";
import { RuleBookRoom } from "@/ui/rule-book/rule-book-room";
import { packed } from "@/ui/kit/packed";
import { sayWith } from "@/words/say";
import { ruleBookWords } from "@/words/rule-book";

export const metadata: Metadata = { title: ruleBookWords.theStudiosRuleBook };

export default async function StudioRulesPage() {
  const { book, room } = await inOwnStudio(async (tenant) => {
    const clientId = await clientOfNewestLook(tenant);
    return {
      book: await studioRuleBook(tenant),
      room: clientId === null ? null : await ruleBookRoom(tenant, clientId),
    };
  });
  return (
    <Page
      title={ruleBookWords.theStudiosRuleBook}
      about={sayWith(ruleBookWords.newClientsStartFromIt, {
        whose: room ? ` What each answer changes is shown on looks of ${room.name}.` : "",
      })}
      actions={<ButtonLink href="/clients">{ruleBookWords.seeTheClients}</ButtonLink>}
    >
      <RuleBookRoom
        deed="keep house"
        of="studio"
        records={packed({
          kept: book,
          versions: [],
          wardrobe: room?.wardrobe ?? null,
          looks: room?.looks ?? [],
        })}
        save={saveRuleBook.bind(null, null)}
      />
    </Page>
  );
}
