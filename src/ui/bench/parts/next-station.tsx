"use client";

import type { Next, NextReason } from "@/core/reading/next-station";
import { slotLabels } from "@/core/piece/slots";
import { called, capital } from "@/core/words/called";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { TextButton } from "../../kit/text-button";
import { useDesk } from "../state/desk/use-desk";

/** What the outfit lacks, and the way to the station where it is chosen. */
export function NextStation({ next: { slot, reason } }: { readonly next: Next }) {
  const { steps } = useDesk();
  return (
    <p className="basted mt-3 px-2 py-1.5">
      {sayReason(reason)}{" "}
      <TextButton onClick={() => steps.go(slot)}>
        {sayWith(benchWords.goTo, { station: slotLabels[slot].toLowerCase() })}
      </TextButton>
    </p>
  );
}

/** Why a station is the next one, as a sentence. */
export function sayReason(reason: NextReason): string {
  switch (reason.why) {
    case "shoes decide":
      return benchWords.theOutfitHasNoShoes;
    case "occasion expects":
      return sayWith(benchWords.expectsThisToBeCovered, { occasion: capital(called(reason.occasion)) });
    case "more waist":
      return benchWords.moreWaistWasAskedFor;
    case "nothing to carry":
      return benchWords.thereIsNoBagYet;
    case "colour alone":
      return sayWith(benchWords.nothingRepeatsTheYetA, { family: reason.family });
  }
}
