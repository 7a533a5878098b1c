import { beltedOver } from "./belted-over";
import { collarOver } from "./collar-over";
import { collarUp } from "./collar-up";
import { double } from "./double";
import { front } from "./front";
import { halfTuck } from "./half-tuck";
import { handleOff } from "./handle-off";
import { hemsUp } from "./hems-up";
import { hoodUp } from "./hood-up";
import { insole } from "./insole";
import { knotFront } from "./knot-front";
import { offShoulder } from "./off-shoulder";
import { otherSide } from "./other-side";
import { otherStrap } from "./other-strap";
import { ownBeltOff } from "./own-belt-off";
import { pinned } from "./pinned";
import { roundShoulders } from "./round-shoulders";
import { secondHole } from "./second-hole";
import { sleevesPushed } from "./sleeves-pushed";
import { sparePair } from "./spare-pair";
import { strap } from "./strap";
import { tuckIn } from "./tuck-in";
import { tuckIntoBoot } from "./tuck-into-boot";
import { tie } from "./tie";
import { turn } from "./turn";
import { underDress } from "./under-dress";
import { wearOut } from "./wear-out";

/** Every way of wearing a piece otherwise than as made. */
export const adjustmentSpecs = {
  turn,
  "tuck-into-boot": tuckIntoBoot,
  "tuck-in": tuckIn,
  "wear-out": wearOut,
  "half-tuck": halfTuck,
  "knot-front": knotFront,
  "under-dress": underDress,
  "round-shoulders": roundShoulders,
  "collar-over": collarOver,
  "collar-up": collarUp,
  "hood-up": hoodUp,
  "off-shoulder": offShoulder,
  "sleeves-pushed": sleevesPushed,
  front,
  "own-belt-off": ownBeltOff,
  "belted-over": beltedOver,
  "hems-up": hemsUp,
  double,
  strap,
  "other-side": otherSide,
  "handle-off": handleOff,
  "second-hole": secondHole,
  pinned,
  "other-strap": otherStrap,
  tie,
  insole,
  "spare-pair": sparePair,
} as const;

export type AdjustmentKind = keyof typeof adjustmentSpecs;

export const adjustmentKinds = Object.keys(adjustmentSpecs) as AdjustmentKind[];
