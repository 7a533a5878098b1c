import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import type { Client } from "@/core/piece/client";
import { slotOf, type Piece } from "@/core/piece/piece";
import type { Slot } from "@/core/piece/slots";
import type { Outcome } from "@/core/schema/outcome";
import { withPiece } from "@/core/sets/vary";
import type { BenchSource } from "@/core/studio/bench-source";
import type { GroupInput, GroupRecord } from "@/core/studio/group-record";
import { setsWords } from "@/words/sets";
import { sayWith } from "@/words/say";
import { answerOf, sayFaults } from "../../../kit/answer";
import { useDraft } from "../../../kit/form/use-draft";

/** A set as it stands in the builder. */
export interface SetDraft {
  readonly name: string;
  readonly pieceIds: readonly string[];
}

export interface SetToBuild {
  readonly wardrobe: Pick<BenchSource, "client" | "pieces" | "away" | "occasions" | "bases">;
  /** The set that is changed; null for a new one. */
  readonly set: GroupRecord | null;
  readonly begun: SetDraft;
  readonly save: (
    input: GroupInput & { id: string | null; version: number | null },
  ) => Promise<Outcome<string>>;
}

/** A set while it is built: its pieces, the slot that is varied, and the keeping of it. */
export function useBuiltSet({ wardrobe, set, begun, save }: SetToBuild) {
  const { client } = wardrobe;
  const kept = useDraft(
    `set.${client.id}.${set ? `${set.id}.${set.version}` : begun.pieceIds.join()}`,
    begun,
  );
  const { value: draft, restored, startOver } = kept;
  const keeping = useKeepingSet({ client, set, save }, draft, () => kept.settle(begun));
  const change = (update: (before: SetDraft) => SetDraft) => kept.change(update(draft));
  const [varied, setVaried] = useState<Slot | null>(null);
  const pieces = useMemo(() => piecesOf(wardrobe.pieces, draft), [draft, wardrobe.pieces]);

  const built = useMemo(() => [{ id: "built", name: "built", pieceIds: draft.pieceIds }], [draft.pieceIds]);
  const setPieces = (update: (pieces: readonly Piece[]) => readonly Piece[]) =>
    change((before) => ({
      ...before,
      pieceIds: update(piecesOf(wardrobe.pieces, before)).map(({ id }) => id),
    }));
  const putIn = (piece: Piece) => setPieces((before) => withPiece(before, piece));
  const takeOut = (piece: Piece) => {
    setPieces((before) => before.filter(({ id }) => id !== piece.id));
    setVaried(null);
  };
  const swapIn = (piece: Piece) =>
    setPieces((before) =>
      withPiece(
        before.filter((other) => slotOf(other) !== varied),
        piece,
      ),
    );
  return {
    draft,
    /** It alone, as what is read on the bases. */
    built,
    restored,
    startOver,
    pieces,
    varied,
    vary: setVaried,
    putIn,
    takeOut,
    swapIn,
    rename: (name: string) => change((before) => ({ ...before, name })),
    /** Takes the set as somebody else left it. */
    take: ({ name, pieceIds }: SetDraft) => change(() => ({ name, pieceIds })),
    ...keeping,
  };
}

interface KeepingSet extends Pick<SetToBuild, "set" | "save"> {
  readonly client: Client;
}

/** Keeps the set that is built, and goes to the client's sets; what the studio does not take is said. */
function useKeepingSet({ client, set, save }: KeepingSet, draft: SetDraft, onKept: () => void) {
  const router = useRouter();
  const [isBusy, setBusy] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  // The set as somebody else left it while it was being changed here.
  const [theirs, setTheirs] = useState<GroupRecord | null>(null);
  const keep = async () => {
    setBusy(true);
    const outcome = await answerOf(() =>
      save({
        id: set?.id ?? null,
        version: theirs?.version ?? set?.version ?? null,
        clientId: client.id,
        name: draft.name,
        pieceIds: draft.pieceIds,
      }),
    );
    setBusy(false);
    setFault(null);
    if (!outcome.ok) {
      if (outcome.theirs) setTheirs(outcome.theirs as GroupRecord);
      else setFault(sayFaults(outcome));
      return;
    }
    onKept();
    toast(sayWith(setsWords.kept, { draft: draft.name.trim() }));
    router.push(`/sets?client=${client.id}`);
  };

  return { isBusy, fault, theirs, keep };
}

/** The pieces of a set that are in the wardrobe, in its order. */
export function piecesOf(wardrobe: readonly Piece[], { pieceIds }: Pick<SetDraft, "pieceIds">): Piece[] {
  return pieceIds.flatMap((id) => wardrobe.find((piece) => piece.id === id) ?? []);
}
