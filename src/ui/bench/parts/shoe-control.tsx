"use client";

import { adjustmentOn, optionsOf } from "@/core/piece/adjustment";
import { wornSo } from "@/core/reading/change";
import { benchWords } from "@/words/bench";
import { Toggle } from "../../kit/toggle";
import { useDesk } from "../state/desk/use-desk";

const ways = [
  { kind: "insole", shown: benchWords.insole, hint: benchWords.insoleHint },
  { kind: "spare-pair", shown: benchWords.flatShoesForTheWay, hint: benchWords.flatShoesHint },
] as const;

/** What is done for the foot in these shoes: an insole, flat shoes carried for the way. */
export function ShoeControl() {
  const { look, dressed, steps } = useDesk();
  const shoe = dressed.shoe?.piece;
  if (!shoe) return null;
  const offered = ways.filter(({ kind }) => optionsOf(kind, shoe).length > 0);
  if (offered.length === 0) return null;
  return (
    <div className="flex flex-wrap gap-1.5">
      {offered.map(({ kind, shown, hint }) => (
        <Toggle
          key={kind}
          hint={hint}
          on={adjustmentOn(look.adjustments, kind, shoe.id) !== null}
          onChange={(on) =>
            steps.change(on ? wornSo({ kind, piece: shoe.id }) : { kind: "undo", way: kind, piece: shoe.id })
          }
        >
          {shown}
        </Toggle>
      ))}
    </div>
  );
}
