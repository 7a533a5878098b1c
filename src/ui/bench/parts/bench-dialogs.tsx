"use client";

import { isKind, isLegged } from "@/core/piece/piece";
import { ApartLooks } from "./apart-looks";
import { useBenchState, useDesk } from "../state/desk/use-desk";
import { KeepSet, type SaveSet } from "./keep-set";
import { Levers } from "./levers";
import { ShortcutDialog } from "./shortcuts";
import { CompareLooks } from "./compare-looks";
import type { LookActions } from "../state/look-actions";
import { MendFact, type PieceActions } from "./mend-fact";
import { NoBecause } from "./no-because";
import { Tailor, type KeepHem } from "./tailor";
import { ThisLook } from "./this-look";
import { WritePiece } from "./write-piece";

interface BenchDialogsProps {
  readonly saveSet: SaveSet;
  readonly keepHem: KeepHem;
  readonly moveLook: LookActions["move"];
  readonly pieces: PieceActions;
}

/** The dialogs of the bench, one open at a time. */
export function BenchDialogs({ saveSet, keepHem, moveLook, pieces }: BenchDialogsProps) {
  const { source, look, steps, workers, keeping } = useDesk();
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
        adjustments={look.adjustments}
        save={saveSet}
      />
      {trousers && dialog === "tailor" && (
        <Tailor
          onClose={close}
          workers={workers}
          trousers={trousers}
          shoes={source.pieces.filter((piece) => isKind(piece, "shoe"))}
          worn={look.accessories.find((piece) => isKind(piece, "shoe"))?.id ?? null}
          keepHem={source.kept ? keepHem : null}
        />
      )}
      {dialog === "levers" && <Levers onClose={close} />}
      {dialog === "this look" && <ThisLook onClose={close} move={moveLook} />}
      {dialog === "fact" && <MendFact onClose={close} pieces={pieces} />}
      {dialog === "apart" && keeping.state === "apart" && <ApartLooks apart={keeping} onClose={close} />}
      {dialog === "write" && <WritePiece onClose={close} save={pieces.save} />}
      {dialog === "no" && <NoBecause onClose={close} />}
      {dialog === "compare" && <CompareLooks onClose={close} />}
      <ShortcutDialog open={dialog === "keys"} onOpenChange={(open) => steps.open(open ? "keys" : null)} />
    </>
  );
}
