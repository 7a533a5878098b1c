"use client";

import { isKind } from "@/core/piece/piece";
import { wornSo } from "@/core/reading/change";
import { benchWords } from "@/words/bench";
import { Segments } from "../kit/segments";
import { useDesk } from "./desk/use-desk";

const ways = [
  { value: "wear-out", shown: benchWords.topOut },
  { value: "tuck-in", shown: benchWords.tuckedIn },
] as const;

/** Whether the top is worn out or tucked in. */
export function TopControl() {
  const { dressed, steps } = useDesk();
  const worn = dressed.worn.find(({ asWorn }) => isKind(asWorn, "top"))?.asWorn;
  if (!worn || !isKind(worn, "top")) return null;
  return (
    <Segments
      label={benchWords.top}
      segments={ways}
      value={worn.figures.tucked ? "tuck-in" : "wear-out"}
      onChange={(kind) => steps.change(wornSo({ kind, piece: worn.id }))}
    />
  );
}
