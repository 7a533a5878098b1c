import type { Metadata } from "next";
import { redirect } from "next/navigation";
import { signIn } from "@/server/actions/sign-in";
import { noStudioYet } from "@/server/records/doors";
import { demoMode } from "@/server/session/demo-mode";
import { currentSession } from "@/server/session/session";
import { Sheet } from "@/ui/sign-in/sheet";
import { SignInForm } from "@/ui/sign-in/sign-in-form";

export const metadata: Metadata = { title: "Sign in" };

export default async function SignInPage() {
  if (await currentSession()) redirect("/");
  if (await noStudioYet()) redirect("/begin");
  return (
    <Sheet title="Sign in to your studio">
      <SignInForm signIn={signIn} demo={demoMode()} />
    </Sheet>
  );
}
