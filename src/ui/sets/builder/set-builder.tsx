"use client";

import {
  DndContext,
  DragOverlay,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from "@dnd-kit/core";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import type { Outcome } from "@/core/schema/outcome";
import type { Client } from "@/core/piece/client";
import { slotOf, type Piece } from "@/core/piece/piece";
import type { Slot } from "@/core/piece/slots";
import { coherenceOf } from "@/core/sets/coherence";
import { withPiece } from "@/core/sets/vary";
import type { BenchSource } from "@/core/studio/bench-source";
import type { GroupInput, GroupRecord } from "@/core/studio/group-record";
import { offered } from "@/core/studio/wardrobe";
import { sayWith } from "@/words/say";
import { setsWords } from "@/words/sets";
import { Plate } from "../../drawing/plate";
import { answerOf, sayFaults } from "../../kit/answer";
import { Button } from "../../kit/button";
import { useDraft } from "../../kit/form/use-draft";
import { CoherenceLine } from "../coherence-line";
import { ReachChips } from "../reach-chips";
import { reachWords } from "../reach-words";
import { sayPurpose } from "../say-purpose";
import { useReach } from "../use-reach";
import { Line, lineId } from "./line";
import { Shelf } from "./shelf";
import { Variations } from "./variations";
import { unpacking } from "../../kit/packed";

/** A set as it stands in the builder. */
export interface SetDraft {
  readonly name: string;
  readonly pieceIds: readonly string[];
}

interface SetBuilderProps {
  readonly wardrobe: Pick<BenchSource, "client" | "pieces" | "away" | "occasions" | "bases">;
  /** The set that is changed; null for a new one. */
  readonly set: GroupRecord | null;
  readonly begun: SetDraft;
  readonly save: (
    input: GroupInput & { id: string | null; version: number | null },
  ) => Promise<Outcome<string>>;
}

function Builder({ wardrobe, set, begun, save }: SetBuilderProps) {
  const { client, bases } = wardrobe;
  const router = useRouter();
  const kept = useDraft(
    `set.${client.id}.${set ? `${set.id}.${set.version}` : begun.pieceIds.join()}`,
    begun,
  );
  const { value: draft, restored, startOver } = kept;
  const change = (update: (before: SetDraft) => SetDraft) => kept.change(update(draft));
  const [varied, setVaried] = useState<Slot | null>(null);
  const [dragged, setDragged] = useState<Piece | null>(null);
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  // The set as somebody else left it while it was being changed here.
  const [theirs, setTheirs] = useState<GroupRecord | null>(null);
  // A drag begins after a few pixels, so that a press stays a press.
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const shelf = useMemo(() => offered(wardrobe).filter((piece) => slotOf(piece) !== null), [wardrobe]);
  const pieces = useMemo(() => piecesOf(wardrobe.pieces, draft), [draft, wardrobe.pieces]);
  const built = useMemo(() => [{ id: "built", name: "built", pieceIds: draft.pieceIds }], [draft.pieceIds]);
  const reach = useReach(wardrobe, built, bases).get("built");

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
  const drop = ({ active, over }: DragEndEvent) => {
    setDragged(null);
    const piece = active.data.current?.piece as Piece | undefined;
    if (!piece) return;
    const wasIn = pieces.some(({ id }) => id === piece.id);
    if (over?.id === lineId) putIn(piece);
    else if (wasIn) takeOut(piece);
  };
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
    kept.settle(begun);
    toast(sayWith(setsWords.kept, { draft: draft.name.trim() }));
    router.push(`/sets?client=${client.id}`);
  };

  return (
    <DndContext
      sensors={sensors}
      onDragStart={({ active }) => setDragged((active.data.current?.piece as Piece | undefined) ?? null)}
      onDragEnd={drop}
      onDragCancel={() => setDragged(null)}
    >
      <div className="grid gap-4 lg:h-[calc(100dvh-13.25rem)] lg:min-h-120 lg:grid-cols-[24rem_minmax(0,1fr)]">
        <Shelf pieces={shelf} taken={new Set(draft.pieceIds)} onAdd={putIn} />
        <div className="-m-1 flex min-h-0 flex-col gap-3 overflow-y-auto p-1">
          <form
            className="flex items-end gap-2"
            noValidate
            onSubmit={(event) => {
              event.preventDefault();
              void keep();
            }}
          >
            <label className="flex flex-1 flex-col gap-1 font-medium">
              {setsWords.nameOfTheSet}
              <input
                value={draft.name}
                onChange={({ target: { value } }) => change((before) => ({ ...before, name: value }))}
                autoComplete="off"
                className="h-9 border border-rule-strong bg-white px-2.5 font-serif text-body font-normal"
              />
            </label>
            <Button type="submit" look="strong" disabled={busy}>
              {set ? setsWords.keepTheChange : setsWords.keepSet}
            </Button>
          </form>
          {fault && (
            <p role="alert" className="font-medium text-thread">
              {fault}
            </p>
          )}
          {theirs && (
            <Theirs
              name={theirs.name}
              pieces={piecesOf(wardrobe.pieces, theirs)}
              onTake={() => change(() => ({ name: theirs.name, pieceIds: theirs.pieceIds }))}
            />
          )}
          {restored && (
            <p role="status" className="flex items-center gap-2">
              {setsWords.whatYouWereBuildingHere}
              <Button look="quiet" size="small" onClick={startOver}>
                {setsWords.startOver}
              </Button>
            </p>
          )}
          <Line pieces={pieces} varied={varied} onVary={setVaried} onTakeOut={takeOut} />
          {varied && pieces.some((piece) => slotOf(piece) === varied) && (
            <Variations
              pieces={pieces}
              slot={varied}
              shelf={shelf}
              client={client}
              onSwap={(piece) =>
                setPieces((before) =>
                  withPiece(
                    before.filter((other) => slotOf(other) !== varied),
                    piece,
                  ),
                )
              }
            />
          )}
          {pieces.length > 1 && <ByItself pieces={pieces} client={client} />}
          {pieces.length > 0 && (
            <section
              aria-label={setsWords.onTheBases}
              className="border border-rule-strong bg-paper px-3 py-2"
            >
              <p className="tabular mb-2 text-ink-soft">{reachWords(reach, bases.length)}</p>
              <ReachChips bases={bases} reach={reach} />
            </section>
          )}
        </div>
      </div>
      <DragOverlay>{dragged && <Plate piece={dragged} className="h-24 w-28 cursor-grabbing" />}</DragOverlay>
    </DndContext>
  );
}

/** A set built by hand: pieces are dragged or pressed onto a line, which is read at each change. */
export const SetBuilder = unpacking<SetBuilderProps, "wardrobe" | "set" | "begun">(Builder);

function piecesOf(wardrobe: readonly Piece[], { pieceIds }: SetDraft): Piece[] {
  return pieceIds.flatMap((id) => wardrobe.find((piece) => piece.id === id) ?? []);
}

interface TheirsProps {
  readonly name: string;
  readonly pieces: readonly Piece[];
  readonly onTake: () => void;
}

/** The set as somebody else kept it meanwhile. */
function Theirs({ name, pieces, onTake }: TheirsProps) {
  return (
    <div role="alert" className="border border-thread bg-white px-3 py-2">
      <p className="font-medium">{setsWords.somebodyElseChangedThisSet}</p>
      <p className="mt-1">
        {sayWith(setsWords.theirsIs, { name, pieces: pieces.map((piece) => piece.name).join(", ") })}{" "}
        <Button size="small" onClick={onTake}>
          {setsWords.takeTheirs}
        </Button>
      </p>
    </div>
  );
}

/** What is on the line as a set, before any base. */
function ByItself({ pieces, client }: { readonly pieces: readonly Piece[]; readonly client: Client }) {
  const coherence = useMemo(() => coherenceOf(pieces, client), [pieces, client]);
  return (
    <section aria-label={setsWords.byItself} className="border border-rule-strong bg-paper px-3 py-2">
      <p className="mb-1">{sayPurpose(coherence)}</p>
      <CoherenceLine pieces={pieces} client={client} coherence={coherence} open />
    </section>
  );
}
