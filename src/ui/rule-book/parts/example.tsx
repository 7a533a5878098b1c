"use client";

import { useMemo } from "react";
import { markOf } from "@/core/reading/verdict";
import { dress } from "@/core/dressing/dress";
import { readDressed } from "@/core/reading/read";
import type { RuleBook } from "@/core/rule-book/rule-book";
import { layOut, type Wardrobe } from "@/core/studio/wardrobe";
import { ruleBookWords } from "@/words/rule-book";
import { describeLook } from "../../drawing/describe";
import { Figure } from "../../drawing/figure/figure";
import { useLengthUnit } from "../../kit/length-unit";
import { Mark, wordOf } from "../../kit/marks";
import type { NamedLook } from "../state/named-look";
import { Select } from "../../kit/select";

interface ExampleProps {
  readonly wardrobe: Wardrobe;
  readonly looks: readonly NamedLook[];
  readonly shown: number;
  readonly onShow: (look: number) => void;
  readonly kept: RuleBook;
  readonly book: RuleBook;
}

/** One of the client's looks, read by the book as it is kept and as it stands here. */
export function Example({ wardrobe, looks, shown, onShow, kept, book }: ExampleProps) {
  const unit = useLengthUnit();
  const key = looks[shown]?.key;
  const readings = useMemo(() => {
    if (!key) return null;
    const look = layOut(wardrobe, key);
    const under = (ruleBook: RuleBook) =>
      readDressed(dress({ ...look, client: { ...look.client, ruleBook } }));
    return { dressed: dress(look), before: under(kept), after: under(book) };
  }, [wardrobe, key, kept, book]);
  if (!readings) return null;
  const { dressed, before, after } = readings;
  return (
    <div className="grid gap-2">
      <div className="surround-light border border-rule">
        <Figure
          dressed={dressed}
          unit={unit}
          label={describeLook(dressed, unit)}
          plain
          className="h-80 w-full"
        />
      </div>
      <Select
        label={ruleBookWords.lookThatShowsTheChanges}
        value={String(shown)}
        onChange={(look) => onShow(Number(look))}
        options={looks.map(({ name }, i) => ({ id: String(i), name }))}
      />
      <p className="tabular flex items-center gap-1.5" aria-live="polite">
        <Mark of={before.verdict} /> {wordOf(before.verdict)} {markOf(before)}
        {after.score !== before.score || after.verdict !== before.verdict ? (
          <>
            <span aria-label={ruleBookWords.becomes}>&rarr;</span>
            <Mark of={after.verdict} /> {wordOf(after.verdict)} {markOf(after)}
          </>
        ) : (
          <span className="text-ink-soft">{ruleBookWords.unchangedHere}</span>
        )}
      </p>
    </div>
  );
}
