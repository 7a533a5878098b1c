"use client";

import type { ComponentType } from "react";
import { adjustmentKinds, type AdjustmentKind } from "@/core/piece/adjustments";
import type { Slot } from "@/core/piece/slots";
import { BagControl } from "./bag-control";
import { HemControl } from "./hem-control";
import { NeckControl } from "./neck-control";
import { ScarfControl } from "./scarf-control";
import { ShoeControl } from "./shoe-control";
import { SleevesControl } from "./sleeves-control";
import { TopControl } from "./top-control";
import { WornWays } from "./worn-ways";

interface WornControl {
  /** A control of its own; left out, it is one of the ways that are listed piece by piece. */
  readonly Control?: ComponentType;
  /** Where on the body it is done: beside which window it is offered. */
  readonly at: "neck" | "collar" | "ear" | "pin" | "scarf" | "layer" | "waist" | "ankle" | "bag" | "hand";
}

const hem: WornControl = { Control: HemControl, at: "ankle" };
const bag: WornControl = { Control: BagControl, at: "bag" };
const shoe: WornControl = { Control: ShoeControl, at: "ankle" };
const top: WornControl = { Control: TopControl, at: "waist" };
const collar: WornControl = { at: "collar" };
const layer: WornControl = { at: "layer" };

/** How each way of wearing is offered at the bench: one without an entry does not compile. */
const controls: Readonly<Record<AdjustmentKind, WornControl>> = {
  turn: hem,
  "tuck-into-boot": hem,
  "tuck-in": top,
  "wear-out": top,
  "half-tuck": top,
  "knot-front": top,
  "under-dress": layer,
  "round-shoulders": layer,
  "collar-over": collar,
  "collar-up": collar,
  "hood-up": collar,
  "off-shoulder": collar,
  front: layer,
  "own-belt-off": { at: "waist" },
  "belted-over": { at: "waist" },
  "hems-up": { at: "ankle" },
  "second-hole": { at: "ear" },
  pinned: { at: "pin" },
  "other-strap": { at: "hand" },
  "handle-off": { at: "bag" },
  "sleeves-pushed": { Control: SleevesControl, at: "hand" },
  double: { Control: NeckControl, at: "neck" },
  strap: bag,
  "other-side": bag,
  tie: { Control: ScarfControl, at: "scarf" },
  insole: shoe,
  "spare-pair": shoe,
};

const places: Readonly<Partial<Record<Slot, readonly WornControl["at"][]>>> = {
  hat: ["scarf", "collar"],
  hair: ["scarf", "neck"],
  eyewear: ["ear"],
  earrings: ["ear"],
  ear: ["ear"],
  layer: ["layer", "collar", "waist"],
  neck: ["scarf", "collar"],
  necklace: ["neck", "collar"],
  brooch: ["pin"],
  bag: ["bag", "scarf"],
  belt: ["waist", "ankle", "scarf"],
  wrist: ["hand", "scarf"],
  ring: ["hand"],
  gloves: ["hand"],
};

/** What can be done to what is worn, near the station that is worked on. */
export function WornControls({ active }: { readonly active: Slot }) {
  const near = places[active] ?? ["waist", "ankle"];
  const done = adjustmentKinds.filter((kind) => near.includes(controls[kind].at));
  const offered = new Set(done.flatMap((kind) => controls[kind].Control ?? []));
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-1.5">
      {[...offered].map((Control, i) => (
        <div key={i}>
          <Control />
        </div>
      ))}
      <WornWays kinds={done.filter((kind) => !controls[kind].Control)} />
    </div>
  );
}
