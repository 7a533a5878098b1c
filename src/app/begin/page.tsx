import type { Metadata } from "next";
import { redirect } from "next/navigation";
import { createFirstStudio } from "@/server/actions/sign-in";
import { noStudioYet } from "@/server/records/doors";
import { FirstRunForm } from "@/ui/sign-in/first-run-form";
import { Sheet } from "@/ui/sign-in/sheet";
import { signInWords } from "@/words/sign-in";

export const metadata: Metadata = { title: signInWords.begin };

export default async function BeginPage() {
  if (!(await noStudioYet())) redirect("/sign-in");
  return (
    <Sheet title={signInWords.setUpYourStudio}>
      <FirstRunForm found={createFirstStudio} />
    </Sheet>
  );
}
