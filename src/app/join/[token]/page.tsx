import type { Metadata } from "next";
import { join } from "@/server/actions/sign-in";
import { invitationOf } from "@/server/records/doors";
import { hashOfToken } from "@/server/session/tokens";
import { JoinForm } from "@/ui/sign-in/join-form";
import { Sheet } from "@/ui/sign-in/sheet";

export const metadata: Metadata = { title: "Join", referrer: "no-referrer", robots: "noindex" };

export default async function JoinPage({ params }: { readonly params: Promise<{ token: string }> }) {
  const { token } = await params;
  const invitation = await invitationOf(hashOfToken(token));
  if (!invitation)
    return (
      <Sheet title="This invitation does not hold any more">
        <p>It was taken up, taken back, or is older than a week. Ask the studio for a new one.</p>
      </Sheet>
    );
  return (
    <Sheet title={`${invitation.studioName} invites you`}>
      <JoinForm token={token} invitation={invitation} join={join} />
    </Sheet>
  );
}
