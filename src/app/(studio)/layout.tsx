import { cookies } from "next/headers";
import type { ReactNode } from "react";
import { Toaster } from "sonner";
import { find } from "@/server/actions/find";
import { scopeOf } from "@/core/studio/scope";
import { signIn } from "@/server/actions/sign-in";
import { saveShortcuts } from "@/server/actions/shortcuts";
import { saveLengthUnit, saveTimeZone } from "@/server/actions/studio";
import { shortcutsOf } from "@/server/records/member-keys";
import { thisStudio } from "@/server/records/studio";
import { inOwnStudio } from "@/server/session/own-studio";
import { overPageId } from "@/ui/kit/over-page";
import { Arrival } from "@/ui/shell/arrival";
import { toldCookie, toldIn } from "@/ui/shell/words/first-lines";
import { FirstVisit } from "@/ui/shell/first-visit";
import { GeneralKeys } from "@/ui/shell/general-keys";
import { SignInBeside } from "@/ui/sign-in/sign-in-beside";
import { Providers } from "@/ui/shell/providers";
import { Tape } from "@/ui/shell/tape";
import { shellWords } from "@/words/shell";

export default async function StudioLayout({ children }: { readonly children: ReactNode }) {
  const { studio, shortcuts, session } = await inOwnStudio(async (tenant, session) => ({
    session,
    studio: await thisStudio(tenant),
    shortcuts: await shortcutsOf(tenant, session.userId),
  }));
  const told = toldIn((await cookies()).get(toldCookie(session.userId))?.value);
  return (
    <Providers
      unit={studio.lengthUnit}
      shortcuts={shortcuts}
      saveShortcuts={saveShortcuts}
      draftsOf={scopeOf(session)}
      role={session.role}
    >
      <Arrival />
      <GeneralKeys />
      <Tape
        studioName={studio.name}
        userName={session.userName}
        timeZone={studio.timeZone}
        saveTimeZone={saveTimeZone}
        unit={studio.lengthUnit}
        saveUnit={saveLengthUnit}
        find={find}
      />
      <FirstVisit userId={session.userId} told={told}>
        {children}
      </FirstVisit>
      <SignInBeside signIn={signIn} />
      <aside id={overPageId} aria-label={shellWords.openLists} />
      <Toaster
        position="bottom-right"
        toastOptions={{
          unstyled: false,
          style: {
            borderRadius: 2,
            fontFamily: "var(--font-sans)",
            background: "#1b1b1b",
            color: "#f5f5f5",
            border: 0,
          },
        }}
      />
    </Providers>
  );
}
