"use client";

import { useState } from "react";
import type { BenchLook, BenchSource } from "@/core/studio/bench-source";
import { benchWords } from "@/words/bench";
import { Button } from "../../kit/button";
import { Dialog } from "../../kit/dialog";
import { otherLooks, wordsOf } from "../state/desk/own-looks";
import { useBenchState, useDesk } from "../state/desk/use-desk";
import { SideOfLook, useReadLook, WhatDiffers } from "./side-of-look";

/** The client's looks side by side, as many as are chosen, with what each has otherwise than the one on the bench. */
export function CompareLooks({ onClose }: { readonly onClose: () => void }) {
  const { source, steps } = useDesk();
  const look = useBenchState((state) => state.look);
  const others = useBenchState((state) => state.others);
  const words = useBenchState((state) => state.words);
  const beside = otherLooks({ look, others });
  const [chosen, setChosen] = useState<readonly string[]>(beside.slice(0, 1).map(({ id }) => id));
  const called = (id: string) => wordsOf({ look, others, words }, source, id).name;
  const toggle = (id: string) =>
    setChosen(chosen.includes(id) ? chosen.filter((each) => each !== id) : [...chosen, id]);
  const takeUp = (id: string) => {
    steps.takeUp(id);
    onClose();
  };
  return (
    <Dialog
      wide
      open
      onOpenChange={(open) => !open && onClose()}
      title={benchWords.looksSideBySide}
      about={benchWords.eachIsReadForIts}
    >
      <ul
        aria-label={benchWords.comparedWith}
        className="mb-4 flex max-h-28 flex-wrap gap-1.5 overflow-y-auto"
      >
        {beside.map((each) => {
          const isChosen = chosen.includes(each.id);
          return (
            <li key={each.id}>
              <Button
                size="small"
                look={isChosen ? "strong" : "plain"}
                aria-pressed={isChosen}
                onClick={() => toggle(each.id)}
              >
                {[called(each.id), baseOf(source, each), occasionOf(source, each)].filter(Boolean).join(", ")}
              </Button>
            </li>
          );
        })}
      </ul>
      <ol className="flex items-start gap-5 overflow-x-auto pb-2">
        <ComparedLook name={called(look.id)} look={look} bench={look} />
        {beside
          .filter(({ id }) => chosen.includes(id))
          .map((each) => (
            <ComparedLook
              key={each.id}
              name={called(each.id)}
              look={each}
              bench={look}
              onTakeUp={() => takeUp(each.id)}
            />
          ))}
      </ol>
    </Dialog>
  );
}

interface ComparedLookProps {
  readonly name: string;
  readonly look: BenchLook;
  /** The look on the bench, with which it is compared; itself for that one. */
  readonly bench: BenchLook;
  readonly onTakeUp?: () => void;
}

/** One look of several: its figure and verdict, what it has otherwise, and what is said of it alone. */
function ComparedLook({ name, look, bench, onTakeUp }: ComparedLookProps) {
  const { source } = useDesk();
  const read = useReadLook(look);
  const onBench = useReadLook(bench);
  const isOnBench = look.id === bench.id;
  return (
    <li className="grid max-w-96 min-w-64 flex-1 content-start gap-3">
      <SideOfLook read={read} of={isOnBench ? null : onBench.reading}>
        <p className="font-serif text-lead leading-tight">{name}</p>
        <p className="text-tiny text-ink-soft">
          {[baseOf(source, look), occasionOf(source, look)].filter(Boolean).join(", ")}
        </p>
      </SideOfLook>
      {isOnBench ? (
        <p className="text-tiny text-ink-soft">{benchWords.thisOneIsOnThe}</p>
      ) : (
        <WhatDiffers title={benchWords.whatItHasOtherwise} from={onBench.look} to={read.look} />
      )}
      {onTakeUp && (
        <Button size="touch" onClick={onTakeUp}>
          {benchWords.takeThisOneUp}
        </Button>
      )}
    </li>
  );
}

function baseOf(source: BenchSource, { baseId }: BenchLook): string {
  return source.bases.find(({ id }) => id === baseId)?.name ?? "";
}

function occasionOf(source: BenchSource, { occasionId }: BenchLook): string {
  return source.occasions.find(({ id }) => id === occasionId)?.name ?? "";
}
