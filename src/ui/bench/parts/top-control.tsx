"use client";

import { adjustmentOn, optionsAmong } from "@/core/piece/adjustment";
import { isKind } from "@/core/piece/piece";
import { wornSo } from "@/core/reading/change";
import { benchWords } from "@/words/bench";
import { Segments } from "../../kit/segments";
import { useDesk } from "../state/desk/use-desk";

const ways = [
  { value: "wear-out", shown: benchWords.topOut },
  { value: "half-tuck", shown: benchWords.halfTucked },
  { value: "tuck-in", shown: benchWords.tuckedIn },
  { value: "knot-front", shown: benchWords.knotted },
] as const;

/** Whether the top is worn out, half or wholly tucked in, or knotted at the waist. */
export function TopControl() {
  const { dressed, look, steps } = useDesk();
  const worn = dressed.worn.find(({ asWorn, place }) => isKind(asWorn, "top") && place === "top")?.asWorn;
  if (!worn || !isKind(worn, "top")) return null;
  const all = [...look.garments, ...look.accessories];
  const piece = look.garments.find(({ id }) => id === worn.id);
  const done = ways.find(({ value }) => adjustmentOn(look.adjustments, value, worn.id));
  const made = worn.figures.tucked ? "tuck-in" : "wear-out";
  return (
    <Segments
      label={benchWords.top}
      segments={ways.filter(({ value }) => piece && optionsAmong(value, piece, all).length > 0)}
      value={done?.value ?? made}
      onChange={(kind) => steps.change(wornSo({ kind, piece: worn.id }))}
    />
  );
}
