import type { ReactNode } from "react";
import { Toaster } from "sonner";
import { find } from "@/server/actions/find";
import { signOut } from "@/server/actions/sign-in";
import { saveShortcuts } from "@/server/actions/shortcuts";
import { saveLengthUnit, saveTimeZone } from "@/server/actions/studio";
import { shortcutsOf } from "@/server/records/member-keys";
import { thisStudio } from "@/server/records/studio";
import { inOwnStudio } from "@/server/session/own-studio";
import { requireSession } from "@/server/session/session";
import { Providers } from "@/ui/shell/providers";
import { Tape } from "@/ui/shell/tape";

export default async function StudioLayout({ children }: { readonly children: ReactNode }) {
  const { userId, userName } = await requireSession();
  const { studio, shortcuts } = await inOwnStudio(async (tenant) => ({
    studio: await thisStudio(tenant),
    shortcuts: await shortcutsOf(tenant, userId),
  }));
  return (
    <Providers unit={studio.lengthUnit} shortcuts={shortcuts} saveShortcuts={saveShortcuts}>
      <Tape
        studioName={studio.name}
        userName={userName}
        timeZone={studio.timeZone}
        saveTimeZone={saveTimeZone}
        unit={studio.lengthUnit}
        saveUnit={saveLengthUnit}
        find={find}
        signOut={signOut}
      />
      {children}
      <Toaster
        position="bottom-right"
        toastOptions={{
          unstyled: false,
          style: {
            borderRadius: 2,
            fontFamily: "inherit",
            background: "#1b1b1b",
            color: "#f5f5f5",
            border: 0,
          },
        }}
      />
    </Providers>
  );
}
