import type { Metadata } from "next";
import { redirect } from "next/navigation";
import { signIn } from "@/server/actions/sign-in";
import { noStudioYet } from "@/server/records/doors";
import { demoMode } from "@/server/session/demo-mode";
import { currentSession } from "@/server/session/session";
import { Sheet } from "@/ui/sign-in/sheet";
import { SignInForm } from "@/ui/sign-in/sign-in-form";
import { signInWords } from "@/words/sign-in";

export const metadata: Metadata = { title: signInWords.signIn };

export default async function SignInPage() {
  if (await currentSession()) redirect("/");
  if (await noStudioYet()) redirect("/begin");
  return (
    <Sheet title={signInWords.signInToYourStudio}>
      <SignInForm signIn={signIn} demo={demoMode()} />
    </Sheet>
  );
}
