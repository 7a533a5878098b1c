"use client";
// The table and its window keep one object and change it: nothing here may be kept from before.
"use no memo";

import { useVirtualizer } from "@tanstack/react-virtual";
import { Link } from "../kit/link";
import { memo, useMemo, useRef } from "react";
import { markOf } from "@/core/reading/verdict";
import { dress } from "@/core/dressing/dress";
import { levelWord } from "@/core/register/ladder";
import { asWorn } from "@/core/search/reach";
import { leastSwap, type LeastSwap } from "@/core/sets/least-swap";
import { slotLabels } from "@/core/piece/slots";
import type { BenchSource, NamedPieces } from "@/core/studio/bench-source";
import { layOut } from "@/core/studio/wardrobe";
import { describeLook } from "../drawing/describe";
import { Figure } from "../drawing/figure/figure";
import { useLengthUnit } from "../kit/length-unit";
import { VerdictMark, wordOf } from "../kit/marks";
import { useReach } from "../sets/state/use-reach";
import { Select } from "../kit/select";
import { useQueryState } from "nuqs";
import { sayWith } from "@/words/say";
import { boardsWords } from "@/words/boards";
import { unpacking } from "../kit/packed";

interface BaseBoardProps {
  readonly wardrobe: Pick<BenchSource, "client" | "pieces" | "away" | "occasions" | "bases">;
  readonly sets: readonly NamedPieces[];
}

/** Widths of a look and of what is exchanged before it, px; only the looks in sight are drawn. */
const lookWidth = 208;
const swapWidth = 128;

function Line({ wardrobe, sets }: BaseBoardProps) {
  const { bases } = wardrobe;
  const [asked, setBaseId] = useQueryState("base");
  const baseId = bases.find(({ id }) => id === asked)?.id ?? bases[0]?.id ?? "";
  const chosen = useMemo(() => bases.filter(({ id }) => id === baseId), [bases, baseId]);
  const reach = useReach(wardrobe, sets, chosen);
  const ordered = useMemo(
    () =>
      sets
        .flatMap((set) => {
          const [read] = reach.get(set.id) ?? [];
          return read ? [{ set, level: read.level ?? 0 }] : [];
        })
        .sort((one, other) => one.level - other.level)
        .map(({ set }) => set),
    [sets, reach],
  );
  const [base] = chosen;
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-4">
        <span className="flex w-80 items-center gap-2">
          <span className="text-ink-soft" aria-hidden="true">
            {boardsWords.base}
          </span>
          <Select
            label={boardsWords.base}
            value={baseId}
            onChange={(id) => void setBaseId(id)}
            options={bases}
          />
        </span>
        <span role="status" className="tabular text-ink-soft">
          {ordered.length === sets.length
            ? sayWith(boardsWords.looksOffDutyFirst, { orderedCount: ordered.length })
            : sayWith(boardsWords.ofLooksRead, { orderedCount: ordered.length, setsCount: sets.length })}
        </span>
      </div>
      {base && <Looks wardrobe={wardrobe} base={base} sets={ordered} />}
    </>
  );
}

/** One base under every set, from off duty to evening, with the least that changes from each to the next. */
export const BaseBoard = unpacking<BaseBoardProps, "wardrobe" | "sets">(Line);

interface LooksProps extends BaseBoardProps {
  readonly base: NamedPieces;
}

function Looks({ wardrobe, base, sets }: LooksProps) {
  const wrap = useRef<HTMLDivElement>(null);
  const line = useVirtualizer({
    horizontal: true,
    count: sets.length,
    getScrollElement: () => wrap.current,
    estimateSize: (i) => (i === 0 ? lookWidth : swapWidth + lookWidth),
    overscan: 2,
    initialRect: { width: 1232, height: 600 },
  });
  const near = line.getVirtualItems();
  const pieces = useMemo(() => new Map(wardrobe.pieces.map((piece) => [piece.id, piece])), [wardrobe]);
  const worn = (set: NamedPieces) => set.pieceIds.flatMap((id) => pieces.get(id) ?? []);
  return (
    <div ref={wrap} className="overflow-x-auto pb-3">
      <ol
        className="flex"
        style={{
          width: line.getTotalSize(),
          paddingLeft: near[0]?.start ?? 0,
        }}
      >
        {near.map(({ index }) => {
          const [set, before] = [sets[index], sets[index - 1]];
          return (
            set && (
              <li key={set.id} className="flex shrink-0">
                {before && <Swap swap={leastSwap(worn(before), worn(set))} />}
                <LookOf wardrobe={wardrobe} base={base} set={set} />
              </li>
            )
          );
        })}
      </ol>
    </div>
  );
}

interface LookOfProps extends Pick<LooksProps, "wardrobe" | "base"> {
  readonly set: NamedPieces;
}

/** One look of the line, drawn as it would be worn; opened, it lies on the bench. */
const LookOf = memo(function LookOf({ wardrobe, base, set }: LookOfProps) {
  const unit = useLengthUnit();
  const { dressed, reading, hem } = useMemo(() => {
    const key = {
      garmentIds: base.pieceIds,
      accessoryIds: set.pieceIds,
      adjustments: set.ways ?? [],
      occasionId: null,
    };
    const { look, ...read } = asWorn(layOut(wardrobe, key));
    return { dressed: dress(look), ...read };
  }, [wardrobe, base, set]);
  return (
    <Link
      href={`/bench?client=${wardrobe.client.id}&base=${base.id}&set=${set.id}`}
      className="grid w-52 shrink-0 content-start border border-rule-strong bg-paper hover:bg-white"
    >
      <span className="surround-light flex border-b border-rule">
        <Figure
          dressed={dressed}
          unit={unit}
          label={describeLook(dressed, unit)}
          plain
          className="h-86 w-full"
        />
      </span>
      <span className="grid gap-0.5 p-3">
        <span className="font-serif text-body leading-tight font-medium">{set.name}</span>
        <span className="tabular flex items-center gap-1.5">
          <VerdictMark of={reading.verdict} className="size-4.5" />
          {wordOf(reading.verdict)} {markOf(reading)}
        </span>
        <span className="tabular text-tiny text-ink-soft">
          {reading.level === null ? "" : levelWord(reading.level)}
          {hem && boardsWords.turnedUp}
        </span>
      </span>
    </Link>
  );
});

/** What is exchanged between two looks, and what is carried for it. */
function Swap({ swap: { changed, carried, weight } }: { readonly swap: LeastSwap }) {
  return (
    <p className="flex w-32 shrink-0 flex-col justify-center gap-1 px-2 text-center text-tiny text-ink-soft">
      <span aria-hidden="true" className="text-lead">
        &rarr;
      </span>
      {changed.length === 0 ? (
        boardsWords.nothingChanges
      ) : (
        <>
          <span className="text-ink">
            {boardsWords.change} {changed.map((slot) => slotLabels[slot].toLowerCase()).join(", ")}
          </span>
          <span className="tabular">
            {carried.length === 0
              ? boardsWords.carryNothing
              : sayWith(boardsWords.carryAboutKg, { kilos: (weight / 1000).toFixed(1) })}
          </span>
        </>
      )}
    </p>
  );
}
