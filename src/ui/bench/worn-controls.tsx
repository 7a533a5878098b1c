"use client";

import type { ComponentType } from "react";
import type { AdjustmentKind } from "@/core/piece/adjustments";
import type { Slot } from "@/core/piece/slots";
import { BagControl } from "./bag-control";
import { HemControl } from "./hem-control";
import { NeckControl } from "./neck-control";
import { ScarfControl } from "./scarf-control";
import { ShoeControl } from "./shoe-control";
import { SleevesControl } from "./sleeves-control";
import { TopControl } from "./top-control";

interface WornControl {
  readonly Control: ComponentType;
  /** Where on the body it is done: beside which window it is offered. */
  readonly at: "neck" | "scarf" | "ankle" | "bag" | "hand";
}

const hem: WornControl = { Control: HemControl, at: "ankle" };
const bag: WornControl = { Control: BagControl, at: "bag" };
const shoe: WornControl = { Control: ShoeControl, at: "ankle" };
const top: WornControl = { Control: TopControl, at: "ankle" };

/** How each way of wearing is offered at the bench: one without an entry does not compile. */
const controls: Readonly<Record<AdjustmentKind, WornControl>> = {
  turn: hem,
  "tuck-into-boot": hem,
  "tuck-in": top,
  "wear-out": top,
  "sleeves-pushed": { Control: SleevesControl, at: "hand" },
  double: { Control: NeckControl, at: "neck" },
  strap: bag,
  "other-side": bag,
  tie: { Control: ScarfControl, at: "scarf" },
  insole: shoe,
  "spare-pair": shoe,
};

const places: Readonly<Partial<Record<Slot, readonly WornControl["at"][]>>> = {
  hat: ["scarf", "neck"],
  hair: ["scarf", "neck"],
  eyewear: ["neck"],
  earrings: ["neck"],
  neck: ["scarf"],
  necklace: ["neck"],
  brooch: ["neck"],
  bag: ["bag", "scarf"],
  belt: ["ankle", "scarf"],
  wrist: ["hand", "scarf"],
  ring: ["hand"],
  gloves: ["hand"],
};

/** What can be done to what is worn, near the station that is worked on. */
export function WornControls({ active }: { readonly active: Slot }) {
  const near = places[active] ?? ["ankle"];
  const offered = new Set(
    Object.values(controls)
      .filter(({ at }) => near.includes(at))
      .map(({ Control }) => Control),
  );
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-1.5">
      {[...offered].map((Control, i) => (
        <div key={i}>
          <Control />
        </div>
      ))}
    </div>
  );
}
