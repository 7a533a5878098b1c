"use client";

import { slotOf } from "@/core/piece/piece";
import { slotLabels } from "@/core/piece/slots";
import { called, capital } from "@/core/words/called";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { Plate } from "../../drawing/plate";
import { Button } from "../../kit/button";
import { Dialog } from "../../kit/dialog";
import { useDraft } from "../../kit/form/use-draft";
import { useBenchState, useDesk } from "../state/desk/use-desk";

/** What is often said, to be pressed instead of typed. */
const reasonsOf = (client: string) => [
  sayWith(benchWords.doesNotLikeIt, { client }),
  benchWords.itDoesNotFit,
  benchWords.itIsWornOut,
  benchWords.itWasSeenTooOften,
];

/** Why a piece is not to be offered to the client again, and what else at this station is not. */
export function NoBecause({ onClose }: { readonly onClose: () => void }) {
  const { source, declining, named } = useDesk();
  const active = useBenchState((state) => state.active);
  const refusedId = useBenchState((state) => state.refused);
  const piece = refusedId === null ? undefined : named(refusedId);
  const name = source.client.name;
  const here = declining.declined.flatMap((no) => {
    const found = named(no.pieceId);
    return found && slotOf(found) === active ? [{ ...no, piece: found }] : [];
  });
  const station = slotLabels[active].toLowerCase();
  return (
    <Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      title={piece ? benchWords.noBecause : sayWith(benchWords.notOfferedFor, { station })}
      about={
        piece
          ? sayWith(benchWords.isNotOfferedToAgain, { piece: capital(called(piece.name)), name })
          : sayWith(benchWords.whatSaidNoToAnd, { name })
      }
    >
      {piece && <Refusal key={piece.id} pieceId={piece.id} onDone={onClose} />}
      {here.length > 0 && (
        <section aria-labelledby="declined-here" className={piece ? "mt-6" : ""}>
          <h3 id="declined-here" className="mb-1 text-body">
            {piece ? sayWith(benchWords.alsoNotOfferedFor, { station }) : benchWords.soFar}
          </h3>
          <ul className="border-t border-rule">
            {here.map(({ id, piece: no, reason }) => (
              <li
                key={id}
                className="grid grid-cols-[3.5rem_minmax(0,1fr)_auto] items-center gap-3 border-b border-rule py-1.5"
              >
                <Plate piece={no} className="h-11 w-full" />
                <span>
                  <span className="block font-medium">{no.name}</span>
                  <span className="text-ink-soft">{reason}</span>
                </span>
                <Button
                  size="small"
                  aria-label={sayWith(benchWords.offerAgain, { piece: no.name })}
                  onClick={() => declining.offerAgain(id)}
                >
                  {benchWords.offerAgainLabel}
                </Button>
              </li>
            ))}
          </ul>
        </section>
      )}
      {!piece && here.length === 0 && <p className="text-ink-soft">{benchWords.everythingIsOfferedHere}</p>}
    </Dialog>
  );
}

function Refusal({ pieceId, onDone }: { readonly pieceId: string; readonly onDone: () => void }) {
  const { source, declining, steps } = useDesk();
  const reason = useDraft(`no.${source.client.id}.${pieceId}`, "");
  const say = (words: string) => {
    steps.preview(null);
    declining.decline(pieceId, words);
    reason.settle("");
    onDone();
  };
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (reason.value.trim()) say(reason.value.trim());
      }}
    >
      <ul className="flex flex-wrap gap-1.5">
        {reasonsOf(source.client.name.split(" ")[0] ?? source.client.name).map((words) => (
          <li key={words}>
            <Button size="small" onClick={() => say(words)}>
              {words}
            </Button>
          </li>
        ))}
      </ul>
      <label className="grid gap-0.5">
        <span className="text-tiny text-ink-soft">{benchWords.orInYourOwnWords}</span>
        <input
          value={reason.value}
          maxLength={400}
          onChange={(event) => reason.change(event.target.value)}
          className="h-9 border border-rule-strong bg-white px-2"
        />
      </label>
      <div className="flex gap-2">
        <Button type="submit" look="strong" disabled={reason.value.trim() === ""}>
          {benchWords.doNotOfferItAgain}
        </Button>
        <Button onClick={onDone}>{benchWords.cancel}</Button>
      </div>
    </form>
  );
}
