"use client";

import { proxy } from "comlink";
import { useEffect, useState } from "react";
import type { BenchSource, NamedPieces } from "@/core/studio/bench-source";
import type { FoundGaps } from "@/workers/answers";
import { useCounsel } from "../counsel/use-counsel";
import { Plate } from "../drawing/plate";
import { Button } from "../kit/button";

interface GapBoardProps {
  readonly wardrobe: Pick<BenchSource, "client" | "pieces" | "away" | "occasions" | "bases">;
  readonly sets: readonly NamedPieces[];
}

/** What is missing: the few pieces that would open up most of what no set serves now. */
export function GapBoard({ wardrobe, sets }: GapBoardProps) {
  const counsel = useCounsel(wardrobe);
  const [found, setFound] = useState<FoundGaps | null>(null);
  useEffect(() => {
    if (!counsel) return;
    let current = true;
    const tell = (news: FoundGaps) => {
      if (current) setFound(news);
    };
    void counsel.gaps(wardrobe.bases, sets, proxy(tell)).then(tell);
    return () => {
      current = false;
    };
  }, [counsel, wardrobe.bases, sets]);
  if (!found) return <p role="status">Reading what is served ...</p>;
  const done = found.tried === found.specs;
  return (
    <div className="grid gap-4">
      <div className="flex items-center justify-between gap-4">
        <p role="status" className="tabular max-w-[70ch]">
          {found.unserved.length === 0
            ? `Every base is served on each of ${found.pairs} occasions by some set.`
            : `Of ${found.pairs} bases and occasions, ${found.unserved.length} are served by no set. `}
          {found.unserved.length > 0 &&
            (done
              ? `${found.specs} missing pieces were tried on them.`
              : `${found.tried} of ${found.specs} missing pieces tried ...`)}
        </p>
        {found.gaps.length > 0 && done && (
          <Button className="print:hidden" onClick={() => window.print()}>
            Print
          </Button>
        )}
      </div>
      <ol className="grid gap-3">
        {found.gaps.map(({ say, piece, unlocks }) => (
          <li
            key={say}
            className="grid grid-cols-[7rem_minmax(0,1fr)] gap-4 border border-rule-strong bg-paper p-3"
          >
            <Plate piece={piece} className="h-24 w-full" />
            <div>
              <h2 className="text-lead leading-tight">{piece.name}</h2>
              <p className="tabular text-ink-soft">
                opens {unlocks.length} of {found.unserved.length}
              </p>
              <p className="mt-1 text-tiny">
                {unlocks
                  .map((i) => found.unserved[i])
                  .flatMap((pair) =>
                    pair ? [pair.occasion ? `${pair.base} for ${pair.occasion}` : pair.base] : [],
                  )
                  .join("; ")}
              </p>
            </div>
          </li>
        ))}
      </ol>
      {done && found.unserved.length > 0 && found.gaps.length === 0 && (
        <p className="max-w-[60ch]">
          No single piece opens any of them: change the base, or build another set for it at the bench.
        </p>
      )}
    </div>
  );
}
