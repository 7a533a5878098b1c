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

/** What the sets may be asked to be, beside what their slots are. */
const leanings = ["dressier", "quieter", "for rain"] as const;
type Leaning = (typeof leanings)[number];

/** What is done with a slot: it is filled if that helps, or always; what is on stays; or it stays empty. */
type Handling = "choose" | "fill" | "keep" | "leave out";
type Handled = Readonly<Partial<Record<Slot, Handling>>>;

/** Slots a set is sought for; what stacks is sought one of. */
const sought: readonly Slot[] = ["earrings", "neck", "necklace", "wrist", "belt", "bag", "hosiery", "shoe"];
/** What "another like this" exchanges. */
const exchanged: ReadonlySet<Slot> = new Set(["shoe", "bag"]);
const handlingWords: Record<Handling, string> = {
  choose: "if it helps",
  fill: "always filled",
  keep: "kept",
  "leave out": "left out",
};
const next: Record<Handling, Handling> = {
  choose: "fill",
  fill: "keep",
  keep: "leave out",
  "leave out": "choose",
};

const slotLook: Record<Handling, string> = {
  choose: "border-rule bg-paper",
  fill: "border-ink bg-paper",
  keep: "basted border-transparent bg-white",
  "leave out": "border-rule bg-paper text-ink-soft line-through",
};

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
  const [leaning, setLeaning] = useState<Leaning | null>(null);
  const [handled, setHandled] = useState<Handled>({});
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
    void counsel
      .bestSets(asked.lookKey, wishOf(leaning, handled, asked.accessories, asked.level), proxy(tell))
      .then(tell);
    return () => {
      current = false;
      void counsel.stopSets();
    };
  }, [counsel, leaning, handled, asked]);
  const worn = (slot: Slot) => accessories.some((piece) => slotOf(piece) === slot);
  /** Asks for something else, of the look as it is now. */
  const askAnew = (change: () => void) => {
    setAsked({ lookKey, accessories, level });
    change();
  };
  const base = lookKey.garmentIds.join();
  useEffect(() => {
    setAsked((before) =>
      before.lookKey.garmentIds.join() === base && before.lookKey.occasionId === lookKey.occasionId
        ? before
        : { lookKey, accessories, level },
    );
  }, [base, lookKey, accessories, level]);
  return (
    <div className="flex min-h-0 flex-1 flex-col px-4 pt-1.5 pb-2.5">
      <div className="flex items-center gap-1 pb-1">
        <h2 className="mr-2 text-body">Whole sets</h2>
        {presets.map(({ name, handle }) => (
          <button
            key={name}
            type="button"
            onClick={() => askAnew(() => setHandled(handle(worn)))}
            className="h-6 border border-rule-strong bg-paper px-2 text-tiny hover:bg-white"
          >
            {name}
          </button>
        ))}
        <div role="group" aria-label="Sets asked for" className="ml-2 flex gap-1">
          {leanings.map((name) => (
            <button
              key={name}
              type="button"
              aria-pressed={name === leaning}
              onClick={() => askAnew(() => setLeaning(name === leaning ? null : name))}
              className={`h-6 border px-2 text-tiny ${name === leaning ? "border-ink bg-ink text-paper" : "border-rule-strong bg-paper hover:bg-white"}`}
            >
              {name}
            </button>
          ))}
        </div>
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
      <div className="flex items-center gap-1 pb-1">
        <div role="group" aria-label="What is done with each slot" className="flex gap-1">
          {sought.map((slot) => {
            const handling = handled[slot] ?? "choose";
            return (
              <button
                key={slot}
                type="button"
                aria-label={`${slotLabels[slot].toLowerCase()}: ${handlingWords[handling]}`}
                title="fill it if that helps, fill it always, keep what is on, or leave it out"
                onClick={() => askAnew(() => setHandled({ ...handled, [slot]: next[handling] }))}
                className={`h-5.5 border px-1.5 text-tiny ${slotLook[handling]}`}
              >
                {slotLabels[slot].toLowerCase()}
                {handling === "keep" && ": kept"}
                {handling === "fill" && ": always"}
              </button>
            );
          })}
        </div>
        <span role="status" className="tabular ml-2 truncate text-tiny text-ink-soft">
          {sayProgress(found, stopped)}
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
                aria-label={`Put on ${pieces.map(({ name }) => name).join(", ")}: ${wordOf(verdict)} ${Math.round(score)} ${countWords(pieces.length)}`}
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
                  <span className="font-normal text-ink-soft">{countWords(pieces.length)}</span>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </div>
  );
}

function countWords(count: number): string {
  return count === 1 ? "1 piece" : `${count} pieces`;
}

function sayProgress(found: BestSets | null, stopped: boolean): string {
  if (!found) return "laying the pieces out ...";
  const of = `of ${Number(found.possible).toLocaleString("en")} combinations`;
  const rest = [
    found.wet ? "; what suffers in rain left out" : "",
    found.bare.length > 0
      ? `; nothing to offer for ${found.bare.map((slot) => slotLabels[slot].toLowerCase()).join(", ")}`
      : "",
  ].join("");
  const looked = `${found.looked.toLocaleString("en")} looked at`;
  if (found.proved) return `proved best ${of}, ${looked}${rest}`;
  const open = `none can be more than ${Math.ceil(found.open)} of score better`;
  return `${stopped ? "stopped" : "looking"}: ${looked} ${of}, ${open}${rest}`;
}

function wishOf(
  leaning: Leaning | null,
  handled: Handled,
  accessories: readonly Piece[],
  level: number | null,
): SetWish {
  const worn = (slot: Slot) => accessories.find((piece) => slotOf(piece) === slot)?.id ?? null;
  return {
    slots: sought
      .filter((slot) => handled[slot] !== "leave out")
      .map((slot) => ({
        slot,
        optional: slot !== "shoe" && handled[slot] !== "fill",
        pinned: handled[slot] === "keep" ? worn(slot) : null,
      })),
    forRain: leaning === "for rain",
    from: leaning === "dressier" && level !== null ? level + 1 : null,
    to: leaning === "quieter" && level !== null ? level - 1 : null,
  };
}

type Worn = (slot: Slot) => boolean;

/** Ways to begin: what is done with every slot at once. */
const presets: readonly { readonly name: string; readonly handle: (worn: Worn) => Handled }[] = [
  { name: "afresh", handle: () => ({}) },
  { name: "round what is on", handle: (worn) => keeping(worn) },
  { name: "another like this", handle: (worn) => keeping((slot) => worn(slot) && !exchanged.has(slot)) },
];

function keeping(kept: Worn): Handled {
  return Object.fromEntries(sought.filter(kept).map((slot) => [slot, "keep"])) as Handled;
}
