"use client";

import { adjustmentOn, optionsOf } from "@/core/piece/adjustment";
import type { Piece } from "@/core/piece/piece";
import { wornSo } from "@/core/reading/change";
import { benchWords } from "@/words/bench";
import { Segments } from "../../kit/segments";
import { useDesk } from "../state/desk/use-desk";

const ways = [
  { value: "0", shown: benchWords.sleevesDown },
  { value: "1", shown: benchWords.pushedOnce },
  { value: "2", shown: benchWords.toTheElbow },
] as const;

/** How far the sleeves of the outermost garment that has long ones are pushed. */
export function SleevesControl() {
  const { look, steps } = useDesk();
  const garment = [...look.garments].reverse().find(hasLongSleeves);
  if (!garment) return null;
  const pushed = adjustmentOn(look.adjustments, "sleeves-pushed", garment.id);
  return (
    <Segments
      label={benchWords.sleeves}
      segments={ways}
      value={pushed ? (pushed.times > 1 ? "2" : "1") : "0"}
      onChange={(value) =>
        steps.change(
          value === "0"
            ? { kind: "undo", way: "sleeves-pushed", piece: garment.id }
            : wornSo({ kind: "sleeves-pushed", piece: garment.id, times: Number(value) }),
        )
      }
    />
  );
}

function hasLongSleeves(piece: Piece): boolean {
  return optionsOf("sleeves-pushed", piece).length > 0;
}
