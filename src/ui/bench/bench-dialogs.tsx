"use client";

import { isKind, isLegged } from "@/core/piece/piece";
import { useBenchState, useDesk } from "./desk/use-desk";
import { KeepSet, type SaveSet } from "./keep-set";
import { Levers } from "./levers";
import { ShortcutDialog } from "./shortcuts";
import { Tailor, type KeepHem } from "./tailor";

interface BenchDialogsProps {
  readonly saveSet: SaveSet;
  readonly keepHem: KeepHem;
}

/** The dialogs of the bench, one open at a time. */
export function BenchDialogs({ saveSet, keepHem }: BenchDialogsProps) {
  const { source, look, steps, advisor } = useDesk();
  const dialog = useBenchState((state) => state.dialog);
  const trousers = look.garments.find(isLegged);
  const close = () => steps.open(null);
  return (
    <>
      <KeepSet
        open={dialog === "keep"}
        onOpenChange={(open) => steps.open(open ? "keep" : null)}
        clientId={source.client.id}
        accessories={look.accessories}
        save={saveSet}
      />
      {trousers && dialog === "tailor" && (
        <Tailor
          onClose={close}
          advisor={advisor}
          trousers={trousers}
          shoes={source.pieces.filter((piece) => isKind(piece, "shoe"))}
          worn={look.accessories.find((piece) => isKind(piece, "shoe"))?.id ?? null}
          keepHem={source.kept ? keepHem : null}
        />
      )}
      {dialog === "levers" && <Levers onClose={close} />}
      <ShortcutDialog open={dialog === "keys"} onOpenChange={(open) => steps.open(open ? "keys" : null)} />
    </>
  );
}
