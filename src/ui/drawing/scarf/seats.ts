import { adjustmentOn } from "@/core/piece/adjustment";
import type { Dressed } from "@/core/dressing/dressed";
import type { Tied } from "@/core/scarf/tied";
import type { TiePlace } from "@/core/scarf/ties/define-tie";
import { bagHandle } from "../figure/worn/bag";
import type { Frame } from "../figure/frame";
import { hairHeldAt } from "../figure/head";
import type { Spot } from "./strip";

/** Where a tie sits on the figure: what it goes round seen from the front, and where its knot lies; cm, y down. */
export interface Seat {
  readonly left: Spot;
  readonly right: Spot;
  /** How far the middle of what lies across hangs below its ends. */
  readonly sag: number;
  readonly knot: Spot;
  /** The greatest half width a band may have there. */
  readonly most: number;
  /** What a band is wound along; its half width is that of the seat. */
  readonly along: readonly [from: Spot, to: Spot];
}

interface Seated {
  readonly tied: Tied;
  readonly frame: Frame;
  readonly dressed: Dressed;
  /** The knot lies to one side. */
  readonly aside: boolean;
}

/** How much deeper a knot lies for each cm that its round is looser than close at the neck. */
const deeper = 0.48;
/** The ease of a round that lies close at the neck, cm. */
const close = 4;

/** A round between two places, its middle so much lower. */
function round(
  { aside }: Pick<Seated, "aside">,
  { y, half, sag, most, drop = sag }: { y: number; half: number; sag: number; most: number; drop?: number },
): Seat {
  const [left, right] = [
    { x: -half, y },
    { x: half, y },
  ];
  const knot = { x: aside ? -half * 0.72 : 0, y: y + (aside ? drop * 0.55 : drop) };
  return { left, right, sag, knot, most, along: [left, right] };
}

/** Something narrow that a band is wound along, its knot at the lower end. */
function wound(from: Spot, to: Spot, half: number): Seat {
  return {
    left: { x: from.x - half, y: from.y },
    right: { x: from.x + half, y: from.y },
    sag: 0.4,
    knot: to,
    most: half * 1.2,
    along: [from, to],
  };
}

const seats: Record<TiePlace, (seated: Seated) => Seat> = {
  neck(seated) {
    const { frame, tied } = seated;
    const drop = 6.4 + Math.max(0, tied.spec.ease - close) * deeper;
    const y = -frame.body.measures.neckPoint.cm - 3.6;
    return round(seated, { y, half: frame.neckHalf + 0.7, sag: 5.6, most: 2.9, drop });
  },
  head(seated) {
    const { height, measures } = seated.frame.body;
    if (seated.tied.spec.needs.includes("hat"))
      return round(seated, { y: -height * 0.975, half: height * 0.0555, sag: 1.4, most: 1.6 });
    return {
      ...round(seated, { y: -measures.chin.cm, half: 6, sag: 1, most: 2 }),
      knot: { x: 0, y: 1.4 - measures.chin.cm },
    };
  },
  hair(seated) {
    const { frame, dressed, tied } = seated;
    const { height } = frame.body;
    if (tied.spec.round === "head")
      return round(seated, { y: -height * 0.952, half: height * 0.047, sag: -6, most: 1.5 });
    const { from, to, half } = hairHeldAt(frame, dressed.look.client.colouring.hairForm);
    return wound(from, to, half);
  },
  wrist({ frame }) {
    const { x, height: at } = frame.wrist;
    return wound({ x: x - 0.2, y: -at - 3.2 }, { x, y: 2.6 - at }, frame.armHalf(at) + 0.5);
  },
  bag({ frame, dressed }) {
    const worn = dressed.bag;
    const otherSide = worn && adjustmentOn(dressed.look.adjustments, "other-side", worn.piece.id);
    const handle = worn && bagHandle(worn.asWorn, { top: worn.extent.to, side: otherSide ? -1 : 1, frame });
    if (handle) return wound(handle.upper, handle.foot, 1.1);
    const at = { x: frame.wrist.x + 1, y: -frame.body.measures.fingertip.cm - 3 };
    return wound({ x: at.x, y: at.y - 3 }, at, 1.1);
  },
  "belt loops"(seated) {
    const { frame, aside } = seated;
    const at = frame.body.measures.waistLine.cm - 3;
    const seat = round(seated, { y: -at, half: frame.trunk(at), sag: 1.4, most: 1.8 });
    return aside ? seat : { ...seat, knot: { x: -frame.trunk(at) * 0.62, y: 1 - at } };
  },
  waist(seated) {
    const at = seated.frame.body.measures.waistLine.cm;
    return round(seated, { y: -at, half: seated.frame.trunk(at) + 0.5, sag: 1.8, most: 3.4 });
  },
  top(seated) {
    const { frame, tied } = seated;
    const { measures } = frame.body;
    if (tied.spec.round === "neck")
      return round(seated, {
        y: -measures.shoulder.cm - 3.4,
        half: frame.shoulderHalf * 0.58,
        sag: 9,
        most: 7,
        drop: measures.shoulder.cm - measures.bustLine.cm + 4,
      });
    const at = measures.bustLine.cm;
    return round(seated, { y: -at, half: frame.trunk(at) + 0.4, sag: 2, most: 12 });
  },
};

/** The seat of a tie on a dressed body, by where it is tied. */
export function seatOf(seated: Seated): Seat {
  return seats[seated.tied.spec.place](seated);
}
