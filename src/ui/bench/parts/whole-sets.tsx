"use client";

import { markOf } from "@/core/reading/verdict";
import { slotLabels } from "@/core/piece/slots";
import type { BestSets } from "@/workers/answers";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { Plate } from "../../drawing/plate";
import { Button } from "../../kit/button";
import { VerdictMark, wordOf } from "../../kit/marks";
import { Segments } from "../../kit/segments";
import { useLengthUnit } from "../../kit/length-unit";
import { sayWay } from "../words/change-words";
import { useDesk } from "../state/desk/use-desk";
import { handledNext, handlingOf, leanings, presets, sought } from "../state/set-wishes";
import { useWholeSets } from "../state/use-whole-sets";
import { Hint } from "../../kit/hint";

/** The best whole sets for the base, far enough apart to be a choice, sought and read in the worker. */
export function WholeSets() {
  const search = useWholeSets();
  const { steps } = useDesk();
  const { found, state, stop, leaning, lean, handled, handle, worn } = search;
  return (
    <div className="flex min-h-0 flex-1 flex-col px-4 pt-1.5 pb-2.5">
      <div className="flex items-center gap-1 pb-1">
        <h2 className="mr-2 text-body">{benchWords.wholeSetsLabel}</h2>
        {presets.map((preset) => (
          <Button key={preset.name} size="tiny" onClick={() => handle(preset.handle(worn))}>
            {preset.name}
          </Button>
        ))}
        <span className="ml-2">
          <Segments
            label={benchWords.setsAskedFor}
            size="tiny"
            apart
            again
            value={leaning}
            onChange={lean}
            segments={leanings.map((name) => ({ value: name, shown: name }))}
          />
        </span>
        <span className="ml-auto flex gap-1">
          {found && state === "waiting" && (
            <Button size="small" onClick={stop}>
              {benchWords.stop}
            </Button>
          )}
          <Button size="small" onClick={() => steps.lay("candidates")}>
            {benchWords.backToCandidates}
          </Button>
        </span>
      </div>
      <div className="flex items-center gap-1 pb-1">
        <Slots handled={handled} handle={handle} />
        <Hint words={benchWords.whatIsProved}>
          <span role="status" className="tabular ml-2 min-w-0 text-tiny leading-tight text-ink-soft">
            {sayKnown(found, state !== "waiting")}
          </span>
        </Hint>
      </div>
      <FoundSets found={found} />
    </div>
  );
}

/** What is done with each slot: a press goes on to the next way. */
function Slots({ handled, handle }: Pick<ReturnType<typeof useWholeSets>, "handled" | "handle">) {
  return (
    <div role="group" aria-label={benchWords.whatIsDoneWithEach} className="flex gap-1">
      {sought.map((slot) => {
        const { words, note, look } = handlingOf(handled, slot);
        const label = slotLabels[slot].toLowerCase();
        return (
          <Hint key={slot} words={benchWords.fillItIfThatHelps}>
            <button
              type="button"
              aria-label={`${label}: ${words}`}
              onClick={() => handle(handledNext(handled, slot))}
              className={`h-5.5 border px-1.5 text-tiny ${look}`}
            >
              {label}
              {note}
            </button>
          </Hint>
        );
      })}
    </div>
  );
}

function FoundSets({ found }: { readonly found: BestSets | null }) {
  const { named, steps } = useDesk();
  const unit = useLengthUnit();
  return (
    <ul aria-label={benchWords.wholeSetsLabel} className="relative flex min-h-0 flex-1 gap-2 overflow-x-auto">
      {found?.sets.map(({ pieceIds, ways, score, verdict }) => {
        const pieces = pieceIds.flatMap((id) => named(id) ?? []);
        const names = [
          ...pieces.map(({ name }) => name),
          ...ways.map((tie) => sayWay(tie, "done", unit, "")),
        ].join(", ");
        const count =
          pieces.length === 1 ? "1 piece" : sayWith(benchWords.pieces, { piecesCount: pieces.length });
        return (
          <li key={pieceIds.join()} className="flex shrink-0">
            <Hint words={names}>
              <button
                type="button"
                onClick={() => steps.putOnSet(pieceIds, ways)}
                aria-label={sayWith(benchWords.putOnLabel, {
                  names,
                  verdict: wordOf(verdict),
                  mark: markOf({ verdict, score }),
                  rest: count,
                })}
                className="flex flex-col border border-rule bg-paper px-2 pb-1 text-left hover:bg-white"
              >
                <span className="flex min-h-0 flex-1 items-end gap-1">
                  {pieces.map((piece) => (
                    <span key={piece.id} className="h-full w-13">
                      <Plate piece={piece} className="h-full w-full" />
                    </span>
                  ))}
                </span>
                <span className="tabular flex items-center gap-1.5 text-small font-semibold">
                  <VerdictMark of={verdict} className="size-4" />
                  {wordOf(verdict)} {markOf({ verdict, score })}{" "}
                  <span className="font-normal text-ink-soft">{count}</span>
                </span>
              </button>
            </Hint>
          </li>
        );
      })}
    </ul>
  );
}

/** What is known of the sets that are shown, in words that hold. */
function sayKnown(found: BestSets | null, isOver: boolean): string {
  if (!found) return benchWords.layingThePiecesOut;
  const possible = Number(found.possible).toLocaleString("en");
  const rest = [
    found.wet ? benchWords.whatSuffersInRainLeft : "",
    found.bare.length > 0
      ? sayWith(benchWords.nothingToOfferFor, {
          stations: found.bare.map((slot) => slotLabels[slot].toLowerCase()).join(", "),
        })
      : "",
  ].join("");
  const facts = { possible, rest, margin: (found.margin ?? 0).toFixed(1) };
  if (found.proved === "all") return sayWith(benchWords.provedBest, facts);
  if (found.proved === "the best") return sayWith(benchWords.firstIsProved, facts);
  if (found.margin === null) return sayWith(benchWords.readSoFar, { read: found.read, ...facts });
  return sayWith(isOver ? benchWords.bestFound : benchWords.bestFoundSoFar, facts);
}
