"use client";

import Link from "next/link";
import { useMemo, useState } from "react";
import { dress } from "@/core/dressing/dress";
import type { Dressed } from "@/core/dressing/dressed";
import type { Reading } from "@/core/reading/read";
import { levelWord } from "@/core/register/ladder";
import { asWorn } from "@/core/search/reach";
import { leastSwap, type LeastSwap } from "@/core/sets/least-swap";
import { slotLabels } from "@/core/piece/slots";
import type { BenchSource, NamedPieces } from "@/core/studio/bench-source";
import { layOut } from "@/core/studio/wardrobe";
import { describeLook } from "../drawing/describe";
import { Figure } from "../drawing/figure/figure";
import { useLengthUnit } from "../kit/length-unit";
import { Mark, wordOf } from "../kit/marks";

interface BaseBoardProps {
  readonly wardrobe: Pick<BenchSource, "client" | "pieces" | "away" | "occasions" | "bases">;
  readonly sets: readonly NamedPieces[];
}

interface DressedSet {
  readonly set: NamedPieces;
  readonly dressed: Dressed;
  readonly reading: Reading;
  readonly turned: boolean;
}

/** One base under every set, from off duty to evening, with the least that changes from each to the next. */
export function BaseBoard({ wardrobe, sets }: BaseBoardProps) {
  const { bases, client } = wardrobe;
  const unit = useLengthUnit();
  const [baseId, setBaseId] = useState(bases[0]?.id ?? "");
  const base = bases.find(({ id }) => id === baseId);
  const looks = useMemo(() => {
    if (!base) return [];
    return sets
      .map((set): DressedSet => {
        const key = {
          garmentIds: base.pieceIds,
          accessoryIds: set.pieceIds,
          adjustments: [],
          occasionId: null,
        };
        const { look, reading, turned } = asWorn(layOut(wardrobe, key));
        return { set, dressed: dress(look), reading, turned };
      })
      .sort((one, other) => (one.dressed.level ?? 0) - (other.dressed.level ?? 0));
  }, [base, sets, wardrobe]);
  return (
    <>
      <label className="mb-3 flex items-center gap-2">
        <span className="text-ink-soft">Base</span>
        <select
          value={baseId}
          onChange={(event) => setBaseId(event.target.value)}
          className="h-9 border-b border-rule-strong bg-transparent font-serif text-body"
        >
          {bases.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <ol className="flex gap-0 overflow-x-auto pb-3">
        {looks.map(({ set, dressed, reading, turned }, i) => {
          const before = looks[i - 1];
          const swap = before && leastSwap(before.dressed.look.accessories, dressed.look.accessories);
          return (
            <li key={set.id} className="flex">
              {swap && <Swap swap={swap} />}
              <Link
                href={`/bench?client=${client.id}&base=${baseId}&set=${set.id}`}
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
                    <Mark
                      of={reading.verdict}
                      className={`size-4.5 ${reading.verdict === "jars" ? "text-thread" : ""}`}
                    />
                    {wordOf(reading.verdict)} {Math.round(reading.score)}
                  </span>
                  <span className="tabular text-tiny text-ink-soft">
                    {reading.level === null
                      ? ""
                      : `level ${Math.round(reading.level * 10) / 10}, ${levelWord(reading.level)}`}
                    {turned && ", turned up"}
                  </span>
                </span>
              </Link>
            </li>
          );
        })}
      </ol>
    </>
  );
}

/** What is exchanged between two looks, and what is carried for it. */
function Swap({ swap: { changed, carried, weight } }: { readonly swap: LeastSwap }) {
  return (
    <p className="flex w-36 shrink-0 flex-col justify-center gap-1 px-3 text-center text-tiny text-ink-soft">
      <span aria-hidden="true" className="text-lead">
        &rarr;
      </span>
      {changed.length === 0 ? (
        "nothing changes"
      ) : (
        <>
          <span className="text-ink">
            change {changed.map((slot) => slotLabels[slot].toLowerCase()).join(", ")}
          </span>
          <span className="tabular">
            {carried.length === 0 ? "carry nothing" : `carry about ${(weight / 1000).toFixed(1)} kg`}
          </span>
        </>
      )}
    </p>
  );
}
