import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { saveRuleBook } from "@/server/actions/judgement";
import { ruleBookRoom } from "@/server/records/rule-book-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { ButtonLink } from "@/ui/kit/button";
import { Page } from "@/ui/kit/page";
import { RuleBookRoom } from "@/ui/rule-book/rule-book-room";
import { packed } from "@/ui/kit/packed";

export const metadata: Metadata = { title: "Rule book" };

export default async function ClientRulesPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  const room = await inOwnStudio((tenant) => ruleBookRoom(tenant, id));
  if (!room) notFound();
  return (
    <Page
      title={`Rule book of ${room.name}`}
      about="Plain answers to the questions on which good stylists differ; every other figure stands at its default until it is set otherwise."
      actions={
        <>
          <ButtonLink href={`/clients/${id}`}>Back to the client</ButtonLink>
          <ButtonLink href={`/bench?client=${id}`}>Go to the bench</ButtonLink>
        </>
      }
    >
      <RuleBookRoom
        deed="judge"
        of={id}
        key={id}
        records={packed({
          kept: room.book,
          versions: room.versions,
          wardrobe: room.wardrobe,
          looks: room.looks,
        })}
        save={saveRuleBook.bind(null, id)}
      />
    </Page>
  );
}
