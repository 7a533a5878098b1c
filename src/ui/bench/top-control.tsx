"use client";

import { isKind } from "@/core/piece/piece";
import { wornSo } from "@/core/reading/change";
import { Segments } from "../kit/segments";
import { useDesk } from "./desk/use-desk";

const ways = [
  { value: "wear-out", shown: "Top out" },
  { value: "tuck-in", shown: "Tucked in" },
] as const;

/** Whether the top is worn out or tucked in. */
export function TopControl() {
  const { dressed, steps } = useDesk();
  const worn = dressed.worn.find(({ asWorn }) => isKind(asWorn, "top"))?.asWorn;
  if (!worn || !isKind(worn, "top")) return null;
  return (
    <Segments
      label="Top"
      segments={ways}
      value={worn.figures.tucked ? "tuck-in" : "wear-out"}
      onChange={(kind) => steps.change(wornSo({ kind, piece: worn.id }))}
    />
  );
}
