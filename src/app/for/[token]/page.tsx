import type { Metadata } from "next";
import { answerLink } from "@/server/actions/answer-link";
import { inStudio } from "@/server/db/tenant";
import { linkByToken } from "@/server/records/doors";
import { linkRoom } from "@/server/records/link-room";
import { secondsToLink } from "@/server/session/attempts";
import { callerAddress } from "@/server/session/caller";
import { hashOfToken } from "@/server/session/tokens";
import { LinkPage, NoLink } from "@/ui/papers/link-page";
import { papersWords } from "@/words/papers";

export const metadata: Metadata = {
  title: papersWords.aPrivateLink,
  referrer: "no-referrer",
  robots: { index: false, follow: false, noarchive: true },
};

export default async function ForPage({ params }: { readonly params: Promise<{ token: string }> }) {
  const { token } = await params;
  if ((await secondsToLink(await callerAddress())) > 0) return <NoLink say={papersWords.comeBackLater} />;
  const link = await linkByToken(hashOfToken(token));
  const room = link && (await inStudio(link.studioId, (tenant) => linkRoom(tenant, link.linkId)));
  if (!room) return <NoLink say={papersWords.askForAnother} />;
  return <LinkPage {...room} token={token} answer={answerLink} />;
}
