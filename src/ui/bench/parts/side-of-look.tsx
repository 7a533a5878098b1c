"use client";

import { useMemo, type ReactNode } from "react";
import { dress } from "@/core/dressing/dress";
import type { Look } from "@/core/piece/look";
import { changesBetween } from "@/core/reading/changes-between";
import { phrase } from "@/core/reading/phrase";
import { readDressed, type Reading } from "@/core/reading/read";
import { saidOnlyOf } from "@/core/reading/said-apart";
import { standingOf } from "@/core/reading/standing";
import { markOf } from "@/core/reading/verdict";
import type { Finding } from "@/core/rules/finding";
import type { BenchLook } from "@/core/studio/bench-source";
import { layOut, pieceOf } from "@/core/studio/wardrobe";
import { benchWords } from "@/words/bench";
import { describeLook } from "../../drawing/describe";
import { Figure } from "../../drawing/figure/figure";
import { useLengthUnit } from "../../kit/length-unit";
import { Mark, VerdictMark, wordOf } from "../../kit/marks";
import { sayChange } from "../words/change-words";
import { decidingWords } from "../words/deciding-words";
import { keyOf } from "../state/desk/steps";
import { useDesk } from "../state/desk/use-desk";

/** How many findings that are only one look's are said. */
const said = 4;

type ReadLookBeside = ReturnType<typeof useReadLook>;

/** A look laid out, dressed and read, with what the stylist overruled set aside. */
export function useReadLook(look: BenchLook) {
  const { source } = useDesk();
  return useMemo(() => {
    const laid = layOut(source, keyOf(look, source));
    const dressed = dress(laid);
    const reading = readDressed(dressed);
    const holding = source.overrulings.filter(({ lookId }) => lookId === null || lookId === look.id);
    return { look: laid, dressed, reading, standing: standingOf(reading, holding) };
  }, [source, look]);
}

interface SideOfLookProps {
  readonly read: ReadLookBeside;
  /** The reading it is compared with; null where it is compared with none. */
  readonly of: Reading | null;
  readonly children: ReactNode;
}

/** One of several looks beside one another: its figure, its verdict, and what is said of it alone. */
export function SideOfLook({ read: { dressed, reading, standing }, of, children }: SideOfLookProps) {
  const unit = useLengthUnit();
  const only = of ? saidOnlyOf(reading, of).slice(0, said) : null;
  const standingFindings = reading.findings.filter((_, i) => !standing.overruled[i]);
  return (
    <section className="grid min-w-0 content-start gap-2">
      <div className="min-h-20">{children}</div>
      <div className="surround-light flex border border-rule-strong">
        <Figure
          dressed={dressed}
          unit={unit}
          label={describeLook(dressed, unit)}
          plain
          className="h-72 w-full"
        />
      </div>
      <p className="flex items-center gap-2">
        <VerdictMark of={standing.verdict} className="size-6" />
        <span className="font-serif text-lead">{wordOf(standing.verdict)}</span>
        <span className="tabular text-lead font-medium">{markOf(standing)}</span>
        <span className="text-tiny text-ink-soft">{decidingWords(standing.verdict, standingFindings)}</span>
      </p>
      {only && <Said findings={only} />}
    </section>
  );
}

/** What is said of one of them alone. */
function Said({ findings }: { readonly findings: readonly Finding[] }) {
  const unit = useLengthUnit();
  if (findings.length === 0) return <p className="text-tiny text-ink-soft">{benchWords.nothingIsSaidOfIt}</p>;
  return (
    <ul className="grid gap-1">
      {findings.map((finding) => (
        <li
          key={`${finding.rule} ${phrase(finding, unit)}`}
          className="grid grid-cols-[1.25rem_1fr] text-small"
        >
          <Mark of={finding.effect} className="mt-0.5 size-4" />
          <span>
            <span className="sr-only">{wordOf(finding.effect)}: </span>
            {phrase(finding, unit)}
          </span>
        </li>
      ))}
    </ul>
  );
}

interface WhatDiffersProps {
  readonly from: Look;
  readonly to: Look;
  /** What the list is called. */
  readonly title: string;
}

/** What is worn otherwise in one look than in another, in words. */
export function WhatDiffers({ from, to, title }: WhatDiffersProps) {
  const unit = useLengthUnit();
  const { source } = useDesk();
  const changes = changesBetween(from, to);
  const hasOtherClothes = to.garments.some(({ id }) => !from.garments.some((garment) => garment.id === id));
  return (
    <section aria-label={benchWords.whatDiffers} className="order-last sm:order-none">
      <h3 className="mb-1 text-body">{title}</h3>
      {hasOtherClothes && <p className="mb-1">{benchWords.itIsWornOnAnother}</p>}
      {changes.length === 0 ? (
        <p className="text-ink-soft">{benchWords.theAccessoriesAreTheSame}</p>
      ) : (
        <ul className="grid gap-1">
          {changes.map((change) => {
            const words = sayChange(change, unit, (id) => pieceOf(source, id));
            return <li key={words}>{words}</li>;
          })}
        </ul>
      )}
    </section>
  );
}
