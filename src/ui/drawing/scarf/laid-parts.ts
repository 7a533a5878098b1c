import type { PartPlace, TiePart } from "@/core/scarf/ties/define-tie";
import { across, crossed, hang, hungLoop, knot, loop, round, tail, woundRound } from "./bands";
import type { Lay, Laying } from "./laying";
import { halter, overOneShoulder, overTheHead, roundTheBust, shawl, shortJacket, triangle } from "./spread";
import type { Strip } from "./strip";

/** How much higher the upper of two rounds lies, cm. */
const raised = 2.2;
/** How far a point worn to the side is turned, degrees. */
const turnedAside = -24;

/** How each stretch of a tie is laid on the figure. */
const lays: Record<PartPlace, Lay> = {
  across: across(0),
  "upper round": across(raised),
  "round left": round("left"),
  "round right": round("right"),
  knot,
  // A ring is no cloth: it is drawn for itself.
  ring: () => [],
  "tail left": tail(-1),
  "tail right": tail(1),
  "loop left": loop(-1),
  "loop right": loop(1),
  "hang left": hang(-1),
  "hang right": hang(1),
  point: triangle(0),
  "point aside": triangle(turnedAside),
  shawl,
  "crossed left": crossed(-1),
  "crossed right": crossed(1),
  "hung loop": hungLoop,
  "wound round": woundRound,
  "over the head": overTheHead,
  "round the bust": roundTheBust,
  "front of a halter": halter,
  "over one shoulder": overOneShoulder,
  "short jacket": shortJacket,
};

/** The order in which stretches lie over one another, the lowest first. */
const order: Record<PartPlace, number> = {
  shawl: 0,
  "short jacket": 0,
  "over the head": 0,
  "round the bust": 0,
  "front of a halter": 0,
  "over one shoulder": 0,
  "hung loop": 0,
  point: 1,
  "point aside": 1,
  "crossed right": 1,
  "crossed left": 2,
  "upper round": 2,
  "hang right": 3,
  "hang left": 4,
  across: 5,
  "round left": 6,
  "round right": 7,
  "wound round": 7,
  "tail right": 8,
  "tail left": 9,
  "loop left": 10,
  "loop right": 11,
  knot: 12,
  ring: 13,
};

/** A stretch of a tie with the strips it is drawn as. */
export interface LaidPart {
  readonly part: TiePart;
  readonly strips: readonly Strip[];
}

/** The stretches of a tied scarf on a figure, in the order in which they lie over one another. */
export function laidParts(laying: Laying): LaidPart[] {
  return [...laying.tied.parts]
    .sort((one, other) => order[one.place] - order[other.place])
    .map((part) => ({ part, strips: lays[part.place](part, laying) }));
}
