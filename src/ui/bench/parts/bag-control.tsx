"use client";

import { ToggleGroup } from "radix-ui";
import { sayLength } from "@/core/length/length";
import { adjustmentOn } from "@/core/piece/adjustment";
import { isKind, type PieceOf } from "@/core/piece/piece";
import { wornSo } from "@/core/reading/change";
import { carriedAt } from "@/core/strap/carry";
import { waysOf } from "@/core/strap/configure";
import { zoneOf } from "@/core/strap/landing";
import type { Body } from "@/core/body/body";
import type { LengthUnit } from "@/core/length/length";
import { benchWords } from "@/words/bench";
import { Toggle } from "../../kit/toggle";
import { useLengthUnit } from "../../kit/length-unit";
import { useDesk } from "../state/desk/use-desk";

/** Every way the bag can be carried on this body: its strap then, where it lands, and the figure showing it at a touch. */
export function BagControl() {
  const unit = useLengthUnit();
  const { dressed, look, steps } = useDesk();
  const bag = dressed.bag?.piece;
  if (!bag || !isKind(bag, "bag"))
    return <p className="p-2 text-tiny text-ink-soft">{benchWords.noBagIsOn}</p>;
  const now = adjustmentOn(look.adjustments, "strap", bag.id) ?? {
    carry: bag.figures.carry,
    way: "as made",
  };
  const isOtherSide = adjustmentOn(look.adjustments, "other-side", bag.id) !== null;
  return (
    <>
      <ToggleGroup.Root
        type="single"
        aria-label={benchWords.howTheBagIsCarried}
        value={`${now.carry} ${now.way}`}
        className="max-h-40 overflow-y-auto"
      >
        {waysOf(bag.figures).map(({ carry, way, strap }) => {
          const change = wornSo({ kind: "strap", piece: bag.id, carry, way });
          return (
            <ToggleGroup.Item
              key={`${carry} ${way}`}
              value={`${carry} ${way}`}
              onPointerEnter={() => steps.tryOut(change)}
              onPointerLeave={() => steps.tryOut(null)}
              onFocus={() => steps.tryOut(change)}
              onBlur={() => steps.tryOut(null)}
              onClick={() => steps.change(change)}
              className="tabular block w-full border border-t-0 border-rule bg-paper px-2 py-1 text-left first:border-t hover:bg-well aria-checked:bg-ink aria-checked:text-paper"
            >
              <span className="block">
                {carry}
                {way !== "as made" && `, ${way}`}
              </span>
              <span className="block text-tiny opacity-80">
                {sayCarried(bag, dressed.body, { carry, strap }, unit)}
              </span>
            </ToggleGroup.Item>
          );
        })}
      </ToggleGroup.Root>
      <Toggle
        on={isOtherSide}
        onChange={(on) =>
          steps.change(
            on
              ? wornSo({ kind: "other-side", piece: bag.id })
              : { kind: "undo", way: "other-side", piece: bag.id },
          )
        }
      >
        {benchWords.onTheOtherSide}
      </Toggle>
    </>
  );
}

/** The strap a bag hangs by when it is carried so, and where on the body its middle comes to lie. */
function sayCarried(
  { figures }: PieceOf<"bag">,
  body: Body,
  { carry, strap }: Pick<PieceOf<"bag">["figures"], "carry" | "strap">,
  unit: LengthUnit,
): string {
  const top = carriedAt(body, { ...figures, carry, strap });
  const lands = zoneOf(body, top - figures.height / 2);
  return strap > 0 ? `${sayLength(strap, unit)}, ${lands}` : lands;
}
