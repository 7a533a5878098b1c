import type { Body } from "../body/body";
import type { Family } from "../colour/family";
import type { Interval } from "../length/interval";
import type { BodyZone } from "../piece/body-zone";
import type { TiedScarf } from "../piece/tied-scarf";
import type { Adjustment } from "../piece/adjustment";
import type { AdjustmentKind } from "../piece/adjustments";
import type { Kind } from "../piece/kinds";
import type { GarmentPlace } from "../piece/kinds/define-kind";
import type { Piece } from "../piece/piece";
import type { Look } from "../piece/look";
import type { Slot } from "../piece/slots";
import type { LegAndShoe } from "../proportion/meeting";
import type { WornNeck } from "../neck/worn-neck";
import type { Landing } from "../strap/landing";
import type { LaidOut } from "./laid-out";
import type { Placing } from "./level";
import type { Profile, Tint } from "./profile";
import type { SkirtHem } from "../proportion/skirt-hem";

/** A piece as worn: where it is, how much of it is seen. */
export interface Worn<P extends Piece = Piece> {
  readonly piece: P;
  /** The piece with the figures it has as it is worn; the piece itself when nothing is done to it. */
  readonly asWorn: P;
  /** What is done to it. */
  readonly adjustments: readonly Adjustment[];
  readonly profile: Profile;
  /** Where on the body it is looked at. */
  readonly zone: BodyZone;
  /** The slot of an accessory; null for a garment of the base. */
  readonly slot: Slot | null;
  /** Its place as a garment, whether of the base or worn over it; null for any other accessory. */
  readonly place: GarmentPlace | null;
  /** From its lower to its upper edge, whether seen or not. */
  readonly extent: Interval;
  /** Its place from the skin outwards: what has more lies over what has less. */
  readonly order: number;
  /** What is seen of it from the front, from the lowest up; none when wholly covered. */
  readonly seen: readonly Interval[];
  /** Its part of all that is seen of the look, 0-1; all pieces together make 1. */
  readonly area: number;
  /** Its colours as they are seen in the look, the largest first. */
  readonly patches: readonly Patch[];
  /** Centre of its register as it is worn, 1-9. */
  readonly centre: number | null;
  /** How much warmth it keeps in as it is worn, clo. */
  readonly insulation: number;
  /** A turned hem or cuff shows the inside of the cloth. */
  readonly showsReverse: boolean;
}

/** Whether a piece is worn in a way. */
export function isWornSo({ adjustments }: Pick<Worn, "adjustments">, way: AdjustmentKind): boolean {
  return adjustments.some(({ kind }) => kind === way);
}

/** A piece of one kind as worn. */
export type WornOf<K extends Kind> = Worn<Extract<Piece, { kind: K }>>;

/** One colour of a piece as it is seen in a look. */
export interface Patch {
  readonly item: Worn;
  readonly tint: Tint;
  /** Its part of all that is seen of the look, 0-1. */
  readonly area: number;
  /** Middle of its piece above the footbed, cm. */
  readonly at: number;
}

/** One colour of a look as a count of colours has it: a family, or the neutrals of one temperature. */
export interface CountedColour {
  readonly name: Family | "warm neutrals" | "cool neutrals" | "neutrals";
  readonly share: number;
}

/** Where two pieces meet. */
export type Join = "waist" | "front" | "hem" | "neck" | "foot" | "landing";

/** Two pieces that touch where it is seen. */
export interface Touch {
  readonly upper: Worn;
  readonly lower: Worn;
  readonly join: Join;
  /** Height above the footbed, cm. */
  readonly at: number;
  /** A belt worn over the join and seen. */
  readonly separator: Worn | null;
}

/** A look put on a body: everything the rules and the drawing measure, worked out once. */
export interface Dressed {
  readonly look: Look;
  readonly body: Body;
  readonly worn: readonly Worn[];
  /** How the pieces lie, in the same order: a look beside it is dressed from that. */
  readonly laid: LaidOut;
  /** What is seen of it, and of that the garments (layers among them) and the other accessories. */
  readonly visible: readonly Worn[];
  readonly garments: readonly Worn[];
  readonly accessories: readonly Worn[];
  /** The tops that are seen, a dress under a skirt among them, the outermost first. */
  readonly tops: readonly Worn[];
  /** The pieces that many rules ask for, whether seen or not. */
  readonly shoe: WornOf<"shoe"> | null;
  readonly bag: WornOf<"bag"> | null;
  readonly belt: WornOf<"belt"> | null;
  readonly hosiery: WornOf<"hosiery"> | null;
  /** Every colour that is seen, with its part of the look. */
  readonly palette: readonly Patch[];
  /** The same as a count of colours has them, the largest first. */
  readonly colours: readonly CountedColour[];
  readonly touches: readonly Touch[];
  /** Trousers over shoes, when both are worn. */
  readonly leg: LegAndShoe | null;
  /** Lowest edge of skirt, dress or trousers above the footbed; null without any. */
  readonly hem: number | null;
  /** The leg between shoe and hem, bare or in hosiery; null when nothing is seen of it. */
  readonly bareLeg: Interval | null;
  /** How much the shoe raises the body, cm. */
  readonly lift: number;
  /** What is at the neck: the garment's edge, chains as they hang, a scarf. */
  readonly neck: WornNeck;
  /** The scarf as it is folded and tied; null without one, or where nobody has said how. */
  readonly tied: TiedScarf | null;
  /** Where the bag comes to lie; null without one. */
  readonly landing: Landing | null;
  /** The hem of a skirt or a dress; null without one. */
  readonly skirt: SkirtHem | null;
  /** Where the accessories have taken the base; null when nothing is worn. */
  readonly placing: Placing | null;
  /** Level of the register, 1-9; null when nothing is worn. */
  readonly level: number | null;
}
