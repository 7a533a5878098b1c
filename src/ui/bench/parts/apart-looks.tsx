"use client";

import { benchLookOf } from "@/core/studio/look-record";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { Button } from "../../kit/button";
import { Dialog } from "../../kit/dialog";
import { useBenchState, useDesk } from "../state/desk/use-desk";
import { wordsOf } from "../state/desk/own-looks";
import type { LookApart } from "../state/keeper";
import { SideOfLook, useReadLook, WhatDiffers } from "./side-of-look";

/** One look that was changed here and elsewhere: both are seen, and the stylist chooses. */
export function ApartLooks({ apart, onClose }: { readonly apart: LookApart; readonly onClose: () => void }) {
  const { source, steps, keeper } = useDesk();
  const look = useBenchState((state) => state.look);
  const others = useBenchState((state) => state.others);
  const words = useBenchState((state) => state.words);
  const { mine, theirs } = apart;
  const here = useReadLook(benchLookOf(mine));
  const there = useReadLook(benchLookOf(theirs.look));
  const occasion = source.occasions.find(({ id }) => id === mine.occasionId)?.name;
  const base = source.bases.find(({ id }) => id === mine.baseId)?.name ?? benchWords.itsBase;
  const isWrittenApart = mine.name !== theirs.look.name || mine.note !== theirs.look.note;
  const decide = (now: typeof mine | LookApart["theirs"]["look"]) => {
    if (now !== mine) steps.takeTheirs(theirs);
    keeper?.decide(apart, now);
    onClose();
  };
  return (
    <Dialog
      wide
      open
      onOpenChange={(open) => !open && onClose()}
      title={benchWords.thisLookWasChangedElsewhere}
      about={sayWith(benchWords.ofAnotherPageOrDevice, {
        name: wordsOf({ look, others, words }, source, mine.id).name,
        base,
        value: occasion ? `, ${occasion}` : "",
      })}
    >
      <div className="grid gap-5 sm:grid-cols-[1fr_minmax(0,13rem)_1fr]">
        <SideOfLook read={here} of={there.reading}>
          <p className="font-serif text-lead leading-tight">{benchWords.asYouHaveItHere}</p>
          {isWrittenApart && <Written name={mine.name} note={mine.note} />}
          <Button size="touch" className="mt-2 w-full" onClick={() => decide(mine)}>
            {benchWords.keepThisOne}
          </Button>
        </SideOfLook>
        <div className="order-last grid content-start gap-4 sm:order-none">
          <WhatDiffers title={benchWords.fromTheLeftToThe} from={here.look} to={there.look} />
          <Button
            size="touch"
            onClick={() => {
              steps.copy(benchLookOf(mine));
              decide(theirs.look);
            }}
          >
            {benchWords.keepBothMineAsA}
          </Button>
        </div>
        <SideOfLook read={there} of={here.reading}>
          <p className="font-serif text-lead leading-tight">{benchWords.asItWasKeptElsewhere}</p>
          {isWrittenApart && <Written name={theirs.look.name} note={theirs.look.note} />}
          <Button size="touch" className="mt-2 w-full" onClick={() => decide(theirs.look)}>
            {benchWords.takeThisOne}
          </Button>
        </SideOfLook>
      </div>
    </Dialog>
  );
}

function Written({ name, note }: { readonly name: string; readonly note: string }) {
  return (
    <p className="truncate text-tiny text-ink-soft">
      {[name || benchWords.noNameOfItsOwn, note || benchWords.noNote].join("; ")}
    </p>
  );
}
