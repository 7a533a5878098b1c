import type { Metadata } from "next";
import { redirect } from "next/navigation";
import { createFirstStudio } from "@/server/actions/sign-in";
import { noStudioYet } from "@/server/records/doors";
import { FirstRunForm } from "@/ui/sign-in/first-run-form";
import { Sheet } from "@/ui/sign-in/sheet";

export const metadata: Metadata = { title: "Begin" };

export default async function BeginPage() {
  if (!(await noStudioYet())) redirect("/sign-in");
  return (
    <Sheet title="Set up your studio">
      <FirstRunForm found={createFirstStudio} />
    </Sheet>
  );
}
