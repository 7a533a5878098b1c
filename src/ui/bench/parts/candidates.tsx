"use client";

import { useDraggable } from "@dnd-kit/core";
import { useEffect, useMemo, useRef } from "react";
import type { LengthUnit } from "@/core/length/length";
import { slotOf, type Piece } from "@/core/piece/piece";
import type { Change } from "@/core/reading/change";
import { countUnsaid } from "@/core/reading/open-questions";
import { slotLabels } from "@/core/piece/slots";
import { called } from "@/core/words/called";
import { faultOf } from "@/core/rules/registry";
import type { RankedPiece } from "@/workers/answers";
import { restsOn } from "@/core/piece/on-record";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { Plate } from "../../drawing/plate";
import { commonBox, type PlateBox } from "../../drawing/plate-box";
import { Button } from "../../kit/button";
import { useLengthUnit } from "../../kit/length-unit";
import { Mark, wordOf } from "../../kit/marks";
import { SwatchStrip } from "../../kit/swatches";
import { useBenchState, useDesk } from "../state/desk/use-desk";
import { sayWay } from "../words/change-words";
import { sayWorth } from "../words/say-worth";

/** Candidates for the station, best first: each a plate with the change it would really make. */
export function Candidates() {
  const list = useRef<HTMLDivElement>(null);
  const { answers, steps, named } = useDesk();
  const { candidates, notBelonging, fresh } = answers;
  const active = useBenchState((state) => state.active);
  const cursor = useBenchState((state) => state.cursor);
  const filter = useBenchState((state) => state.filter);
  const whose = useBenchState((state) => state.whose);
  const family = useBenchState((state) => state.family);
  const metal = useBenchState((state) => state.metal);
  const rest = useBenchState((state) => state.rest);
  useEffect(() => {
    if (cursor === null) return;
    list.current
      ?.querySelector(`[data-index="${cursor}"]`)
      ?.scrollIntoView({ block: "nearest", inline: "nearest" });
  }, [cursor]);
  const box = useSteadyBox(commonBox(candidates.flatMap(({ pieceId }) => named(pieceId) ?? [])));
  const at = cursor === null ? undefined : candidates[cursor];
  const station = slotLabels[active].toLowerCase();
  return (
    <div className="flex min-h-0 flex-1">
      <div
        ref={list}
        role="listbox"
        aria-label={sayWith(benchWords.candidatesFor, { station })}
        aria-orientation="horizontal"
        tabIndex={0}
        aria-activedescendant={at ? `candidate-${at.pieceId}` : undefined}
        onPointerLeave={(event) => event.pointerType === "mouse" && steps.preview(null)}
        className="relative flex min-h-0 min-w-0 flex-1 gap-2 overflow-x-auto px-4 pb-2.5"
      >
        {candidates.map((candidate, index) => {
          const piece = named(candidate.pieceId);
          return (
            piece && (
              <Candidate
                key={candidate.pieceId}
                candidate={candidate}
                index={index}
                piece={piece}
                box={box}
              />
            )
          );
        })}
        {fresh && candidates.length === 0 && notBelonging === 0 && (
          <p className="self-center text-ink-soft">
            {filter === "all" && whose === null && family === null && metal === null && rest === null
              ? sayWith(benchWords.thereIsNothingForYet, { station })
              : benchWords.noPieceIsLikeThat}
          </p>
        )}
      </div>
      {fresh && <Beyond count={notBelonging} />}
      <SaidNoTo />
    </div>
  );
}

/** What does not belong at the occasion is not offered, but it is there when it is asked for. */
function Beyond({ count }: { readonly count: number }) {
  const { source, steps } = useDesk();
  const beyond = useBenchState((state) => state.beyond);
  const occasionId = useBenchState((state) => state.look.occasionId);
  if (count === 0) return null;
  const occasion = source.occasions.find(({ id }) => id === occasionId)?.name ?? benchWords.thisClient;
  return (
    <div className="flex w-36 shrink-0 flex-col justify-center gap-2 border-l border-rule px-3 text-tiny text-ink-soft">
      <p>{sayWith(benchWords.morePiecesDoNotSuit, { count, occasion: called(occasion) })}</p>
      <Button size="small" onClick={() => steps.showBeyond(!beyond)}>
        {beyond ? benchWords.leaveThemOut : benchWords.showThem}
      </Button>
    </div>
  );
}

/** What the client said no to at this station: not offered, but never hidden. */
function SaidNoTo() {
  const { declining, named, steps } = useDesk();
  const active = useBenchState((state) => state.active);
  const count = declining.declined.filter(({ pieceId }) => {
    const piece = named(pieceId);
    return piece && slotOf(piece) === active;
  }).length;
  if (count === 0) return null;
  return (
    <div className="flex w-32 shrink-0 flex-col justify-center gap-2 border-l border-rule px-3 text-tiny text-ink-soft">
      <p>{count === 1 ? benchWords.onePieceWasSaidNo : sayWith(benchWords.piecesWereSaidNoTo, { count })}</p>
      <Button size="small" onClick={() => steps.refuse(null)}>
        {benchWords.seeWhy}
      </Button>
    </div>
  );
}

/** The same box object as long as its size is the same, so that plates need not be drawn again. */
function useSteadyBox({ width, height }: PlateBox): PlateBox {
  return useMemo(() => ({ width, height }), [width, height]);
}

interface CandidateProps {
  readonly candidate: RankedPiece;
  readonly index: number;
  readonly piece: Piece;
  readonly box: PlateBox;
}

function Candidate({ candidate, index, piece, box }: CandidateProps) {
  const { steps } = useDesk();
  const cursor = useBenchState((state) => state.cursor);
  const { setNodeRef, listeners } = useDraggable({ id: candidate.pieceId });
  return (
    // Keys go to the list, which has the focus: arrows and Enter are the bench's own.
    // eslint-disable-next-line jsx-a11y/click-events-have-key-events
    <div
      ref={setNodeRef}
      id={`candidate-${candidate.pieceId}`}
      data-index={index}
      role="option"
      tabIndex={-1}
      aria-selected={index === cursor}
      onPointerMove={(event) => event.pointerType === "mouse" && index !== cursor && steps.preview(index)}
      onClick={({ nativeEvent }) => {
        // A finger has no hovering: its first tap shows the piece on the figure, the next one puts it on.
        const byFinger = nativeEvent instanceof PointerEvent && nativeEvent.pointerType === "touch";
        if (byFinger && index !== cursor) steps.preview(index);
        else steps.put(candidate.pieceId, candidate.also);
      }}
      className={`relative flex w-38 shrink-0 cursor-pointer flex-col border border-rule bg-paper ${index === cursor ? "basted" : ""}`}
      {...listeners}
    >
      {index === cursor && !candidate.worn && <SayNo pieceId={candidate.pieceId} />}
      <div className="flex min-h-0 flex-1 items-center justify-center">
        <Plate piece={piece} box={box} className="h-full max-h-18 w-full" />
      </div>
      <Worth candidate={candidate} piece={piece} />
    </div>
  );
}

/** The way to say no to a plate that is pointed at; by keys and by touch the tray has a button of its own. */
function SayNo({ pieceId }: { readonly pieceId: string }) {
  const { steps } = useDesk();
  return (
    // A choice holds no button of its own: what is pressed here is the tray's "No, because ...".
    <span
      aria-hidden="true"
      className="absolute top-1 right-1 z-10 border border-rule-strong bg-paper px-1.5 text-tiny hover:bg-well touch:hidden"
      onPointerDown={(event) => event.stopPropagation()}
      onClick={(event) => {
        event.stopPropagation();
        steps.refuse(pieceId);
      }}
    >
      {benchWords.no}
    </span>
  );
}

/** What a candidate would make of the look. */
function Worth({ candidate, piece }: Pick<CandidateProps, "candidate" | "piece">) {
  const { worth, verdict, worn, mends, brings, also } = candidate;
  const unit = useLengthUnit();
  const { source, look } = useDesk();
  const rests = restsOn(piece, source.lastWorn[piece.id] ?? null, look.occasion?.day ?? source.today);
  const says = rests
    ? benchWords.letThemRest
    : also
      ? sayAlso(also, unit)
      : mends.length > 0
        ? sayWith(benchWords.fixes, { mends: sayFaults(mends) })
        : brings.length > 0
          ? sayWith(benchWords.adds, { brings: sayFaults(brings) })
          : sayUnsaid(countUnsaid(piece));
  return (
    <div className="px-1.5 pb-1">
      <span className="line-clamp-2 text-tiny font-medium" title={piece.name}>
        {piece.name}
      </span>
      <span className="flex items-center justify-between gap-1">
        <span className="tabular flex items-center gap-1 text-small font-semibold">
          <Mark of={verdict} className="size-3.5" />
          <span className="sr-only">{wordOf(verdict)},</span>
          {worn ? benchWords.isOn : sayWorth(worth)}
        </span>
        <SwatchStrip swatches={piece.swatches} className="h-2.5 w-10" />
      </span>
      <span className="line-clamp-2 h-[1.875rem] text-tiny text-ink-soft" title={says}>
        {says}
      </span>
    </div>
  );
}

/** What is amiss by some rules: the first in words, of the others how many. */
function sayFaults([first = "", ...others]: readonly string[]): string {
  return others.length === 0
    ? faultOf(first)
    : sayWith(benchWords.andMore, { fault: faultOf(first), count: others.length });
}

/** Of what is not said of a piece, how much: the fewer, the surer what it would make of the look. */
function sayUnsaid(count: number): string {
  if (count === 0) return "";
  return count === 1 ? benchWords.oneThingAboutItIs : sayWith(benchWords.thingsAboutItAreNot, { count });
}

/** What is done for a candidate: "hem turned up once, 4 cm", or how a scarf is tied. */
function sayAlso(also: Change, unit: LengthUnit): string {
  if (also.kind !== "adjust") return benchWords.hemLetDown;
  const done = sayWay(also.adjustment, "done", unit, "");
  return also.adjustment.kind === "tie" ? done : sayWith(benchWords.hemDone, { done });
}
