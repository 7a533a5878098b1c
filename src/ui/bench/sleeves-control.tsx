"use client";

import { adjustmentOn, optionsOf } from "@/core/piece/adjustment";
import type { Piece } from "@/core/piece/piece";
import { wornSo } from "@/core/reading/change";
import { Segments } from "../kit/segments";
import { useDesk } from "./desk/use-desk";

const ways = [
  { value: "0", shown: "Sleeves down" },
  { value: "1", shown: "Pushed once" },
  { value: "2", shown: "To the elbow" },
] as const;

/** How far the sleeves of the outermost garment that has long ones are pushed. */
export function SleevesControl() {
  const { look, steps } = useDesk();
  const garment = [...look.garments].reverse().find(hasLongSleeves);
  if (!garment) return null;
  const pushed = adjustmentOn(look.adjustments, "sleeves-pushed", garment.id);
  return (
    <Segments
      label="Sleeves"
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
