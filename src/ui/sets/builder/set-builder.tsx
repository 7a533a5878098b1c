"use client";

import { useMemo } from "react";
import type { Client } from "@/core/piece/client";
import { slotOf, type Piece } from "@/core/piece/piece";
import { coherenceOf } from "@/core/sets/coherence";
import { offered } from "@/core/studio/wardrobe";
import { sayWith } from "@/words/say";
import { setsWords } from "@/words/sets";
import { Button } from "../../kit/button";
import { CoherenceLine } from "../parts/coherence-line";
import { ReachChips } from "../parts/reach-chips";
import { reachWords } from "../words/reach-words";
import { sayPurpose } from "../words/say-purpose";
import { useReach } from "../state/use-reach";
import { DraggedPieces } from "./parts/dragged-pieces";
import { Line } from "./parts/line";
import { Shelf } from "./parts/shelf";
import { piecesOf, useBuiltSet, type SetToBuild } from "./state/use-built-set";
import { Variations } from "./parts/variations";
import { unpacking } from "../../kit/packed";

function Builder({ wardrobe, set, begun, save }: SetToBuild) {
  const { client, bases } = wardrobe;
  const { pieces, varied, vary, putIn, takeOut, swapIn, ...kept } = useBuiltSet({
    wardrobe,
    set,
    begun,
    save,
  });
  const { draft, theirs } = kept;
  const shelf = useMemo(() => offered(wardrobe).filter((piece) => slotOf(piece) !== null), [wardrobe]);
  const reach = useReach(wardrobe, kept.built, bases).get("built");
  const isIn = ({ id }: Piece) => pieces.some((piece) => piece.id === id);
  return (
    <DraggedPieces onLine={putIn} onElsewhere={(piece) => isIn(piece) && takeOut(piece)}>
      <div className="grid gap-4 lg:h-[calc(100dvh-13.25rem)] lg:min-h-120 lg:grid-cols-[24rem_minmax(0,1fr)]">
        <Shelf pieces={shelf} taken={new Set(draft.pieceIds)} onAdd={putIn} />
        <div className="-m-1 flex min-h-0 flex-col gap-3 overflow-y-auto p-1">
          <NameForm
            name={draft.name}
            onName={kept.rename}
            isNew={set === null}
            isBusy={kept.isBusy}
            onKeep={() => void kept.keep()}
          />
          {kept.fault && (
            <p role="alert" className="font-medium text-thread">
              {kept.fault}
            </p>
          )}
          {theirs && (
            <Theirs
              name={theirs.name}
              pieces={piecesOf(wardrobe.pieces, theirs)}
              onTake={() => kept.take(theirs)}
            />
          )}
          {kept.restored && (
            <p role="status" className="flex items-center gap-2">
              {setsWords.whatYouWereBuildingHere}
              <Button look="quiet" size="small" onClick={kept.startOver}>
                {setsWords.startOver}
              </Button>
            </p>
          )}
          <Line pieces={pieces} varied={varied} onVary={vary} onTakeOut={takeOut} />
          {varied && pieces.some((piece) => slotOf(piece) === varied) && (
            <Variations pieces={pieces} slot={varied} shelf={shelf} client={client} onSwap={swapIn} />
          )}
          {pieces.length > 1 && <ByItself pieces={pieces} client={client} />}
          {pieces.length > 0 && <OnTheBases bases={bases} reach={reach} />}
        </div>
      </div>
    </DraggedPieces>
  );
}

/** A set built by hand: pieces are dragged or pressed onto a line, which is read at each change. */
export const SetBuilder = unpacking<SetToBuild, "wardrobe" | "set" | "begun">(Builder);

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

interface NameFormProps {
  readonly name: string;
  readonly onName: (name: string) => void;
  readonly isNew: boolean;
  readonly isBusy: boolean;
  readonly onKeep: () => void;
}

function NameForm({ name, onName, isNew, isBusy, onKeep }: NameFormProps) {
  return (
    <form
      className="flex items-end gap-2"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        onKeep();
      }}
    >
      <label className="flex flex-1 flex-col gap-1 font-medium">
        {setsWords.nameOfTheSet}
        <input
          value={name}
          onChange={({ target: { value } }) => onName(value)}
          autoComplete="off"
          className="h-9 border border-rule-strong bg-white px-2.5 font-serif text-body font-normal"
        />
      </label>
      <Button type="submit" look="strong" disabled={isBusy}>
        {isNew ? setsWords.keepSet : setsWords.keepTheChange}
      </Button>
    </form>
  );
}

interface OnTheBasesProps {
  readonly bases: SetToBuild["wardrobe"]["bases"];
  readonly reach: ReturnType<ReturnType<typeof useReach>["get"]>;
}

function OnTheBases({ bases, reach }: OnTheBasesProps) {
  return (
    <section aria-label={setsWords.onTheBases} className="border border-rule-strong bg-paper px-3 py-2">
      <p className="tabular mb-2 text-ink-soft">{reachWords(reach, bases.length)}</p>
      <ReachChips bases={bases} reach={reach} />
    </section>
  );
}
