import type { Metadata } from "next";
import { askForReset } from "@/server/actions/sign-in";
import { ForgottenForm } from "@/ui/sign-in/forgotten-form";
import { Sheet } from "@/ui/sign-in/sheet";

export const metadata: Metadata = { title: "A new password" };

export default function ForgottenPage() {
  return (
    <Sheet title="A new password">
      <ForgottenForm ask={askForReset} />
    </Sheet>
  );
}
