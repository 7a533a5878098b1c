"use client";

import type { Next, NextReason } from "@/core/reading/next-station";
import { slotLabels } from "@/core/piece/slots";
import { called, capital } from "@/core/words/called";
import { TextButton } from "../kit/text-button";
import { useDesk } from "./desk/use-desk";

/** What the outfit lacks, and the way to the station where it is chosen. */
export function NextStation({ next: { slot, reason } }: { readonly next: Next }) {
  const { steps } = useDesk();
  return (
    <p className="basted mt-3 px-2 py-1.5">
      {sayReason(reason)}{" "}
      <TextButton onClick={() => steps.go(slot)}>Go to {slotLabels[slot].toLowerCase()}</TextButton>
    </p>
  );
}

/** Why a station is the next one, as a sentence. */
export function sayReason(reason: NextReason): string {
  switch (reason.why) {
    case "shoes decide":
      return "The outfit has no shoes yet. Choose them first: they decide the most.";
    case "occasion expects":
      return `${capital(called(reason.occasion))} expects this to be covered.`;
    case "more waist":
      return "More waist was asked for, and a belt would give it.";
    case "nothing to carry":
      return "There is no bag yet.";
    case "colour alone":
      return `Nothing repeats the ${reason.family} yet. A scarf could.`;
  }
}
