import { double } from "./double";
import { insole } from "./insole";
import { otherSide } from "./other-side";
import { sleevesPushed } from "./sleeves-pushed";
import { sparePair } from "./spare-pair";
import { strap } from "./strap";
import { tuckIn } from "./tuck-in";
import { tuckIntoBoot } from "./tuck-into-boot";
import { tie } from "./tie";
import { turn } from "./turn";
import { wearOut } from "./wear-out";

/** Every way of wearing a piece otherwise than as made. */
export const adjustmentSpecs = {
  turn,
  "tuck-into-boot": tuckIntoBoot,
  "tuck-in": tuckIn,
  "wear-out": wearOut,
  "sleeves-pushed": sleevesPushed,
  double,
  strap,
  "other-side": otherSide,
  tie,
  insole,
  "spare-pair": sparePair,
} as const;

export type AdjustmentKind = keyof typeof adjustmentSpecs;

export const adjustmentKinds = Object.keys(adjustmentSpecs) as AdjustmentKind[];
