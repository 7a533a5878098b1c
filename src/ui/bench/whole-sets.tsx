"use client";

import { proxy, type Remote } from "comlink";
import { useEffect, useState } from "react";
import type { Piece } from "@/core/piece/piece";
import { slotOf } from "@/core/piece/piece";
import { slotLabels, type Slot } from "@/core/piece/slots";
import type { SetWish } from "@/core/search/best/set-problem";
import type { LookKey } from "@/core/studio/wardrobe";
import type { BestSets } from "@/workers/answers";
import type { Counsel } from "@/workers/counsel";
import { Plate } from "../drawing/plate";
import { Button } from "../kit/button";
import { Mark, wordOf } from "../kit/marks";

/** What the sets may be asked to be. */
const asks = ["afresh", "round what is on", "another like this", "dressier", "quieter", "for rain"] as const;
type Ask = (typeof asks)[number];

/** Slots a set is sought for; what stacks is sought one of. */
const sought: readonly Slot[] = ["earrings", "neck", "necklace", "wrist", "belt", "bag", "hosiery", "shoe"];
/** What "another like this" exchanges. */
const exchanged: ReadonlySet<Slot> = new Set(["shoe", "bag"]);

interface WholeSetsProps {
  readonly counsel: Remote<Counsel> | null;
  readonly lookKey: LookKey;
  readonly accessories: readonly Piece[];
  readonly level: number | null;
  readonly named: (id: string) => Piece | undefined;
  readonly onPut: (accessoryIds: readonly string[]) => void;
  readonly onClose: () => void;
}

/** The best whole sets for the base, far enough apart to be a choice, sought and proved in the worker. */
export function WholeSets({ counsel, lookKey, accessories, level, named, onPut, onClose }: WholeSetsProps) {
  const [ask, setAsk] = useState<Ask>("afresh");
  const [found, setFound] = useState<BestSets | null>(null);
  const [stopped, setStopped] = useState(false);
  // What was on when the search began: putting a set on does not begin it anew.
  const [asked, setAsked] = useState({ lookKey, accessories, level });
  useEffect(() => {
    if (!counsel) return;
    let current = true;
    setFound(null);
    setStopped(false);
    const tell = (news: BestSets) => {
      if (current) setFound(news);
    };
    void counsel.bestSets(asked.lookKey, wishOf(ask, asked.accessories, asked.level), proxy(tell)).then(tell);
    return () => {
      current = false;
      void counsel.stopSets();
    };
  }, [counsel, ask, asked]);
  const base = lookKey.garmentIds.join();
  useEffect(() => {
    setAsked((before) =>
      before.lookKey.garmentIds.join() === base && before.lookKey.occasionId === lookKey.occasionId
        ? before
        : { lookKey, accessories, level },
    );
  }, [base, lookKey, accessories, level]);
  return (
    <div className="flex min-h-0 flex-1 flex-col px-4 pb-2.5">
      <div className="flex items-center gap-1 pb-1.5">
        <div role="group" aria-label="Sets asked for" className="flex gap-1">
          {asks.map((name) => (
            <button
              key={name}
              type="button"
              aria-pressed={name === ask}
              onClick={() => {
                setAsked({ lookKey, accessories, level });
                setAsk(name);
              }}
              className={`h-6 border px-2 text-tiny ${name === ask ? "border-ink bg-ink text-paper" : "border-rule-strong bg-paper hover:bg-white"}`}
            >
              {name}
            </button>
          ))}
        </div>
        <span role="status" className="tabular ml-2 text-tiny text-ink-soft">
          {sayProgress(found, stopped)}
        </span>
        <span className="ml-auto flex gap-1">
          {found && !found.proved && !stopped && (
            <Button
              size="small"
              onClick={() => {
                setStopped(true);
                void counsel?.stopSets();
              }}
            >
              Stop
            </Button>
          )}
          <Button size="small" onClick={onClose}>
            Back to candidates
          </Button>
        </span>
      </div>
      <ul aria-label="Whole sets" className="flex min-h-0 flex-1 gap-2 overflow-x-auto">
        {found?.sets.map(({ pieceIds, score, verdict }) => {
          const pieces = pieceIds.flatMap((id) => named(id) ?? []);
          return (
            <li key={pieceIds.join()} className="flex shrink-0">
              <button
                type="button"
                onClick={() => onPut(pieceIds)}
                aria-label={`Put on ${pieces.map(({ name }) => name).join(", ")}: ${wordOf(verdict)} ${Math.round(score)}`}
                className="flex flex-col border border-rule bg-paper px-2 pb-1 text-left hover:bg-white"
              >
                <span className="flex min-h-0 flex-1 items-end gap-1">
                  {pieces.map((piece) => (
                    <span key={piece.id} title={piece.name} className="h-full w-13">
                      <Plate piece={piece} className="h-full w-full" />
                    </span>
                  ))}
                </span>
                <span className="tabular flex items-center gap-1.5 text-small font-semibold">
                  <Mark of={verdict} className={`size-4 ${verdict === "jars" ? "text-thread" : ""}`} />
                  {wordOf(verdict)} {Math.round(score)}
                  <span className="font-normal text-ink-soft">
                    {pieces.length} {pieces.length === 1 ? "piece" : "pieces"}
                  </span>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </div>
  );
}

function sayProgress(found: BestSets | null, stopped: boolean): string {
  if (!found) return "laying the pieces out ...";
  const of = `of ${Number(found.possible).toLocaleString("en")} combinations`;
  const bare =
    found.bare.length > 0
      ? `; nothing to offer for ${found.bare.map((slot) => slotLabels[slot].toLowerCase()).join(", ")}`
      : "";
  if (found.proved) return `proved best ${of}, ${found.looked.toLocaleString("en")} looked at${bare}`;
  return `${stopped ? "stopped" : "looking"}: ${found.looked.toLocaleString("en")} looked at ${of}${bare}`;
}

function wishOf(ask: Ask, accessories: readonly Piece[], level: number | null): SetWish {
  const worn = (slot: Slot) => accessories.find((piece) => slotOf(piece) === slot)?.id ?? null;
  const pins = (slot: Slot) =>
    ask === "round what is on" || (ask === "another like this" && !exchanged.has(slot));
  return {
    slots: sought.map((slot) => ({
      slot,
      optional: slot !== "shoe",
      pinned: pins(slot) ? worn(slot) : null,
    })),
    forRain: ask === "for rain",
    from: ask === "dressier" && level !== null ? level + 1 : null,
    to: ask === "quieter" && level !== null ? level - 1 : null,
  };
}
