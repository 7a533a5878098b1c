"use client";

import { useEffect, useMemo, useRef, type ReactNode } from "react";
import type { Piece } from "@/core/piece/piece";
import { slotLabels, type Slot } from "@/core/piece/slots";
import { ruleOf } from "@/core/rules/registry";
import type { RankedPiece } from "@/workers/answers";
import { Plate } from "../drawing/plate";
import { commonBox, type PlateBox } from "../drawing/plate-box";
import { Mark, wordOf } from "../kit/marks";
import { SwatchStrip } from "../kit/swatches";

const trayFilters = ["all", "mends", "brings no fault"] as const;
export type TrayFilter = (typeof trayFilters)[number];

interface TrayProps {
  readonly slot: Slot;
  readonly candidates: readonly RankedPiece[];
  readonly named: (id: string) => Piece | undefined;
  readonly fresh: boolean;
  /** Position of the candidate that is previewed; null for none. */
  readonly cursor: number | null;
  readonly filter: TrayFilter;
  readonly onFilter: (filter: TrayFilter) => void;
  readonly onPreview: (index: number | null) => void;
  readonly onPut: (pieceId: string) => void;
  /** Shown instead of the candidates, as the edit pass is; without a title it brings its own head. */
  readonly instead?: { readonly title: string | null; readonly shown: ReactNode } | undefined;
  /** Turns to whole sets instead of single pieces. */
  readonly onSets: () => void;
}

/** Candidates for the station, best first: each a plate with the change it would really make. */
export function Tray({
  slot,
  candidates,
  named,
  fresh,
  cursor,
  filter,
  onFilter,
  onPreview,
  onPut,
  instead,
  onSets,
}: TrayProps) {
  const list = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (cursor === null) return;
    list.current
      ?.querySelector(`[data-index="${cursor}"]`)
      ?.scrollIntoView({ block: "nearest", inline: "nearest" });
  }, [cursor]);
  const pieces = candidates.flatMap(({ pieceId }) => named(pieceId) ?? []);
  const box = useSteadyBox(commonBox(pieces));
  const at = cursor === null ? undefined : candidates[cursor];
  return (
    <section aria-label="Tray" className="flex min-h-0 flex-col border-t border-rule-strong bg-well">
      <div className={`items-center gap-3 px-4 pt-1.5 pb-1 ${instead?.title === null ? "hidden" : "flex"}`}>
        <h2 className="text-body">{instead?.title ?? slotLabels[slot]}</h2>
        {!instead && (
          <>
            <span className="tabular text-tiny text-ink-soft" aria-live="polite">
              {fresh ? `${candidates.length} read, best first` : "reading ..."}
            </span>
            <div role="group" aria-label="Show" className="flex gap-1">
              {trayFilters.map((name) => (
                <button
                  key={name}
                  type="button"
                  aria-pressed={name === filter}
                  onClick={() => onFilter(name)}
                  className={`h-6 border px-2 text-tiny ${name === filter ? "border-ink bg-ink text-paper" : "border-rule-strong bg-paper hover:bg-white"}`}
                >
                  {name}
                </button>
              ))}
            </div>
            <button
              type="button"
              onClick={onSets}
              className="h-6 border border-rule-strong bg-paper px-2 text-tiny hover:bg-white"
            >
              whole sets
            </button>
            <span className="ml-auto hidden text-tiny text-ink-soft lg:inline">
              &uarr;&darr; station &nbsp; &larr;&rarr; candidate &nbsp; Enter puts on &nbsp; Backspace takes
              off &nbsp; ? all keys
            </span>
          </>
        )}
      </div>
      {instead?.shown ?? (
        <div
          ref={list}
          role="listbox"
          aria-label={`Candidates for ${slotLabels[slot].toLowerCase()}`}
          aria-orientation="horizontal"
          tabIndex={0}
          aria-activedescendant={at ? `candidate-${at.pieceId}` : undefined}
          onPointerLeave={() => onPreview(null)}
          className="flex min-h-0 flex-1 gap-2 overflow-x-auto px-4 pb-2.5"
        >
          {candidates.map((candidate, index) => {
            const piece = named(candidate.pieceId);
            if (!piece) return null;
            return (
              <div
                key={candidate.pieceId}
                id={`candidate-${candidate.pieceId}`}
                data-index={index}
                role="option"
                aria-selected={index === cursor}
                draggable
                onDragStart={(event) => event.dataTransfer.setData("text/x-piece", candidate.pieceId)}
                onPointerMove={(event) =>
                  event.pointerType === "mouse" && index !== cursor && onPreview(index)
                }
                onClick={() => onPut(candidate.pieceId)}
                className={`flex w-34 shrink-0 cursor-pointer flex-col border border-rule bg-paper ${index === cursor ? "basted" : ""}`}
              >
                <CandidateCard candidate={candidate} piece={piece} box={box} />
              </div>
            );
          })}
          {fresh && candidates.length === 0 && (
            <p className="self-center text-ink-soft">
              {filter === "all"
                ? `Nothing on the rail for ${slotLabels[slot].toLowerCase()}. Add a piece on the Rail and it is read here.`
                : `Nothing here ${filter === "mends" ? "mends a fault" : "comes without a new fault"}: show all.`}
            </p>
          )}
        </div>
      )}
    </section>
  );
}

/** The same box object as long as its size is the same, so that plates need not be drawn again. */
function useSteadyBox({ width, height }: PlateBox): PlateBox {
  return useMemo(() => ({ width, height }), [width, height]);
}

function CandidateCard({
  candidate,
  piece,
  box,
}: {
  readonly candidate: RankedPiece;
  readonly piece: Piece;
  readonly box: PlateBox;
}) {
  const { change, verdict, worn, mends, brings } = candidate;
  const title = (ids: readonly string[]) => ids.map((id) => ruleOf(id)?.title.toLowerCase() ?? id).join("; ");
  const says =
    mends.length > 0 ? `mends: ${title(mends)}` : brings.length > 0 ? `brings: ${title(brings)}` : "";
  return (
    <>
      <div className="flex min-h-0 flex-1 items-center justify-center">
        <Plate piece={piece} box={box} className="h-full max-h-20 w-full" />
      </div>
      <div className="px-1.5 pb-1">
        <span className="block truncate text-tiny font-medium" title={piece.name}>
          {piece.name}
        </span>
        <span className="flex items-center justify-between gap-1">
          <span className="tabular flex items-center gap-1 text-small font-semibold">
            <Mark of={verdict} className="size-3.5" />
            <span className="sr-only">{wordOf(verdict)},</span>
            {worn
              ? "on"
              : change > 0
                ? `+${round(change)}`
                : change < 0
                  ? `\u2212${round(-change)}`
                  : "\u00b10"}
          </span>
          <SwatchStrip swatches={piece.swatches} className="h-2.5 w-10" />
        </span>
        <span className="block h-[0.9375rem] truncate text-tiny text-ink-soft" title={says}>
          {says}
        </span>
      </div>
    </>
  );
}

function round(value: number): string {
  return String(Math.round(value * 10) / 10);
}
