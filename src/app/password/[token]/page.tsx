import type { Metadata } from "next";
import { setForgottenPassword } from "@/server/actions/sign-in";
import { NewPasswordForm } from "@/ui/sign-in/new-password-form";
import { Sheet } from "@/ui/sign-in/sheet";

export const metadata: Metadata = { title: "A new password", referrer: "no-referrer", robots: "noindex" };

export default async function PasswordPage({ params }: { readonly params: Promise<{ token: string }> }) {
  const { token } = await params;
  return (
    <Sheet title="Set a new password">
      <NewPasswordForm token={token} save={setForgottenPassword} />
    </Sheet>
  );
}
