import type { Metadata } from "next";
import { join } from "@/server/actions/sign-in";
import { invitationOf } from "@/server/records/doors";
import { hashOfToken } from "@/server/session/tokens";
import { JoinForm } from "@/ui/sign-in/join-form";
import { Sheet } from "@/ui/sign-in/sheet";
import { sayWith } from "@/words/say";
import { signInWords } from "@/words/sign-in";

export const metadata: Metadata = { title: signInWords.join, referrer: "no-referrer", robots: "noindex" };

export default async function JoinPage({ params }: { readonly params: Promise<{ token: string }> }) {
  const { token } = await params;
  const invitation = await invitationOf(hashOfToken(token));
  if (!invitation)
    return (
      <Sheet title={signInWords.thisInvitationDoesNotHold}>
        <p>{signInWords.itWasTakenUpTaken}</p>
      </Sheet>
    );
  return (
    <Sheet title={sayWith(signInWords.invitesYou, { studioName: invitation.studioName })}>
      <JoinForm token={token} invitation={invitation} join={join} />
    </Sheet>
  );
}
