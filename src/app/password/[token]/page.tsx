import type { Metadata } from "next";
import { setForgottenPassword } from "@/server/actions/sign-in";
import { NewPasswordForm } from "@/ui/sign-in/new-password-form";
import { Sheet } from "@/ui/sign-in/sheet";
import { signInWords } from "@/words/sign-in";

export const metadata: Metadata = {
  title: signInWords.aNewPassword,
  referrer: "no-referrer",
  robots: "noindex",
};

export default async function PasswordPage({ params }: { readonly params: Promise<{ token: string }> }) {
  const { token } = await params;
  return (
    <Sheet title={signInWords.setANewPassword}>
      <NewPasswordForm token={token} save={setForgottenPassword} />
    </Sheet>
  );
}
