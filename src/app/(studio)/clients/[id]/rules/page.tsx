import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { saveRuleBook } from "@/server/actions/judgement";
import { clientHead } from "@/server/records/client-rooms";
import { ruleBookRoom } from "@/server/records/rule-book-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { ClientSheet } from "@/ui/clients/client-sheet";
import { RuleBookRoom } from "@/ui/rule-book/rule-book-room";
import { packed } from "@/ui/kit/packed";
import { clientsWords } from "@/words/clients";

export const metadata: Metadata = { title: clientsWords.ruleBook };

export default async function ClientRulesPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  const room = await inOwnStudio(async (tenant) => {
    const head = await clientHead(tenant, id);
    const book = head && (await ruleBookRoom(tenant, id));
    return head && book ? { head, ...book } : null;
  });
  if (!room) notFound();
  const { head, book, versions, wardrobe, looks } = room;
  return (
    <ClientSheet here="rules" {...head}>
      <RuleBookRoom
        deed="judge"
        of={id}
        key={id}
        records={packed({ kept: book, versions, wardrobe, looks })}
        save={saveRuleBook.bind(null, id)}
      />
    </ClientSheet>
  );
}
