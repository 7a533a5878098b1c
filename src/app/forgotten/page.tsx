import type { Metadata } from "next";
import { askForReset } from "@/server/actions/sign-in";
import { ForgottenForm } from "@/ui/sign-in/forgotten-form";
import { Sheet } from "@/ui/sign-in/sheet";
import { signInWords } from "@/words/sign-in";

export const metadata: Metadata = { title: signInWords.aNewPassword };

export default function ForgottenPage() {
  return (
    <Sheet title={signInWords.aNewPassword}>
      <ForgottenForm ask={askForReset} />
    </Sheet>
  );
}
