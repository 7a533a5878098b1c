import type { ReactNode } from "react";
import { Toaster } from "sonner";
import { find } from "@/server/actions/find";
import { signOut } from "@/server/actions/sign-in";
import { saveLengthUnit } from "@/server/actions/studio";
import { thisStudio } from "@/server/records/studio";
import { inOwnStudio } from "@/server/session/own-studio";
import { requireSession } from "@/server/session/session";
import { LengthUnitProvider } from "@/ui/kit/length-unit";
import { Tape } from "@/ui/shell/tape";

export default async function StudioLayout({ children }: { readonly children: ReactNode }) {
  const { userName } = await requireSession();
  const studio = await inOwnStudio(thisStudio);
  return (
    <LengthUnitProvider unit={studio.lengthUnit}>
      <Tape
        studioName={studio.name}
        userName={userName}
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
    </LengthUnitProvider>
  );
}
