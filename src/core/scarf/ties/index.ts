import type { TieSpec } from "./define-tie";
import { knotInFront } from "./knot-in-front";
import { knotBehind } from "./knot-behind";
import { knotAside } from "./knot-aside";
import { frontPoint } from "./front-point";
import { pointTiedBehind } from "./point-tied-behind";
import { wrappedPoint } from "./wrapped-point";
import { sidePoint } from "./side-point";
import { crossedOverKnot } from "./crossed-over-knot";
import { twiceRound } from "./twice-round";
import { loopThrough } from "./loop-through";
import { twistedCord } from "./twisted-cord";
import { dropKnot } from "./drop-knot";
import { ringPull } from "./ring-pull";
import { shoulderDrape } from "./shoulder-drape";
import { crossAndTuck } from "./cross-and-tuck";
import { onceRound } from "./once-round";
import { heldByTheCoatBelt } from "./held-by-the-coat-belt";
import { lasso } from "./lasso";
import { endlessSingle } from "./endless-single";
import { endlessDouble } from "./endless-double";
import { bowAtTheNeck } from "./bow-at-the-neck";
import { headCover } from "./head-cover";
import { hairBand } from "./hair-band";
import { roundATail } from "./round-a-tail";
import { hatBand } from "./hat-band";
import { wristWrap } from "./wrist-wrap";
import { bowOnTheBag } from "./bow-on-the-bag";
import { wrapOnTheBag } from "./wrap-on-the-bag";
import { throughBeltLoops } from "./through-belt-loops";
import { oneBeltLoop } from "./one-belt-loop";
import { sash } from "./sash";
import { bandTop } from "./band-top";
import { halter } from "./halter";
import { crossedHalter } from "./crossed-halter";
import { oneShoulder } from "./one-shoulder";
import { tiedArmholes } from "./tied-armholes";
import { knitRoundTheShoulders } from "./knit-round-the-shoulders";

/** Every way of tying a scarf. */
export const ties = {
  "knot in front": knotInFront,
  "knot behind": knotBehind,
  "knot aside": knotAside,
  "front point": frontPoint,
  "point tied behind": pointTiedBehind,
  "wrapped point": wrappedPoint,
  "side point": sidePoint,
  "crossed over knot": crossedOverKnot,
  "twice round": twiceRound,
  "loop through": loopThrough,
  "twisted cord": twistedCord,
  "drop knot": dropKnot,
  "ring pull": ringPull,
  "shoulder drape": shoulderDrape,
  "cross and tuck": crossAndTuck,
  "once round": onceRound,
  "held by the coat belt": heldByTheCoatBelt,
  lasso: lasso,
  "endless single": endlessSingle,
  "endless double": endlessDouble,
  "bow at the neck": bowAtTheNeck,
  "head cover": headCover,
  "hair band": hairBand,
  "round a tail": roundATail,
  "hat band": hatBand,
  "wrist wrap": wristWrap,
  "bow on the bag": bowOnTheBag,
  "wrap on the bag": wrapOnTheBag,
  "through belt loops": throughBeltLoops,
  "one belt loop": oneBeltLoop,
  sash: sash,
  "band top": bandTop,
  halter: halter,
  "crossed halter": crossedHalter,
  "one shoulder": oneShoulder,
  "tied armholes": tiedArmholes,
  "knit round the shoulders": knitRoundTheShoulders,
} as const satisfies Record<string, TieSpec>;
export type TieName = keyof typeof ties;

export const tieNames = Object.keys(ties) as [TieName, ...TieName[]];

const specs: Readonly<Record<TieName, TieSpec>> = ties;

/** What is known of a way of tying. */
export function tieSpec(name: TieName): TieSpec {
  return specs[name];
}
