import { notFound } from "next/navigation";
import { addressed, type SaidAddress } from "@/core/schema/address";
import { askedPaper } from "@/core/schema/paper-wish";
import { validate } from "@/core/schema/validate";
import { paperSource, papersRoom } from "@/server/records/papers-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { paperAddress } from "@/ui/papers/state/paper-address";
import { PaperPage } from "@/ui/papers/paper-page";

interface PaperProps {
  readonly params: Promise<{ id: string; kind: string }>;
  readonly searchParams: Promise<SaidAddress>;
}

export default async function Paper({ params, searchParams }: PaperProps) {
  const { id, kind } = await params;
  const address = addressed(await searchParams, ["sheet", "looks", "scarf", "tie"]);
  const asked = validate(askedPaper.schema, askedPaper.of({ ...address, kind }));
  if (!asked.ok) notFound();
  const room = await inOwnStudio((tenant) => papersRoom(tenant, id));
  if (!room) notFound();
  const { looks, scarf, tie, ...paper } = asked.value;
  const { pdf } = paperAddress({
    clientId: id,
    ...paper,
    looks: looks ?? undefined,
    scarf: scarf ?? undefined,
    tie: tie ?? undefined,
  });
  return <PaperPage {...paper} source={await paperSource(room, asked.value)} pdf={pdf} />;
}
