import type { Body } from "../body/body";
import { paler } from "../colour/paler";
import type { FiguresOf } from "./field";
import { girthsOf, type Girths } from "../scarf/girths";
import type { ClothPicture } from "../scarf/picture";
import { shownColours, type ShownColour } from "../scarf/shown";
import type { TieName } from "../scarf/ties";
import type { PartPlace } from "../scarf/ties/define-tie";
import { usualWay } from "../scarf/usual-way";
import { templatePicture } from "../scarf/templates";
import { sidesOf, tieOf, type Cloth, type TieAnswer, type TieAsked } from "../scarf/tied";
import type { Piece, PieceOf } from "./piece";
import type { Swatch } from "./swatch";
import type { tie } from "./adjustments/tie";

export type Scarf = PieceOf<"scarf">;
/** How a scarf is tied, as an adjustment records it. */
export type TieSettings = FiguresOf<(typeof tie)["settings"]>;

/** A necktie or a bow tie is narrower than this, cm: it is tied in one way only. */
const narrowest = 10;

/** Whether a piece of the kind is a cloth to be folded, and no necktie. */
export function canBeTied({ figures: { sideA, sideB } }: Scarf): boolean {
  return Math.min(sideA, sideB) >= narrowest;
}

/** Whether a piece is a ring that scarves are drawn through. */
export function isScarfRing(piece: Piece): boolean {
  return piece.kind === "brooch" && piece.figures.form === "scarf ring";
}

const cloths = new WeakMap<Scarf, Cloth>();

/** The cloth a scarf is, once for each piece. */
export function clothOf(scarf: Scarf): Cloth {
  let cloth = cloths.get(scarf);
  if (!cloth) {
    const { sideA, sideB, thickness, stiffness, loop } = scarf.figures;
    cloths.set(scarf, (cloth = { sideA, sideB, thickness, stiffness, loop }));
  }
  return cloth;
}

const pictures = new WeakMap<Scarf, ClothPicture>();

/**
 * The picture of a scarf: the one that was drawn, else one as its swatches let expect it (a trim as a border, stripes,
 * motifs all over), which the drawings show and no rule reads.
 */
export function picturedOn(scarf: Scarf): ClothPicture {
  let picture = pictures.get(scarf);
  if (!picture) pictures.set(scarf, (picture = scarf.figures.picture ?? likely(scarf)));
  return picture;
}

function likely(scarf: Scarf): ClothPicture {
  const seen = scarf.swatches.filter(({ role }) => role !== "reverse");
  const trimLast = [...seen].sort((one, other) => rank(one) - rank(other) || other.share - one.share);
  const colours = (trimLast.length > 0 ? trimLast : seen).map(({ hex }) => hex).slice(0, 6);
  const sides = sidesOf(scarf.figures);
  if (colours.length < 2) return templatePicture("plain", colours, sides);
  if (scarf.pattern === "stripe" || scarf.pattern === "check")
    return templatePicture("stripes", colours, sides);
  return templatePicture(seen.some(({ role }) => role === "trim") ? "border" : "all-over", colours, sides);
}

const rank = ({ role }: Swatch) => ({ ground: 0, trim: 1 })[role as string] ?? 2;

/** A scarf as it is tied on a body: whether that can be done, and what then shows. */
export interface TiedScarf {
  readonly scarf: Scarf;
  readonly asked: TieAsked;
  readonly answer: TieAnswer;
  /** The colours that show, by number of the picture; none where it cannot be tied so. */
  readonly shows: readonly ShownColour[];
  /** The same as swatches; null where nobody has drawn the scarf's picture. */
  readonly swatches: readonly Swatch[] | null;
}

/** What of a tied scarf hangs free, so that it can be caught. */
const hanging: ReadonlySet<PartPlace> = new Set<PartPlace>([
  "tail left",
  "tail right",
  "loop left",
  "loop right",
  "hang left",
  "hang right",
  "hung loop",
  "point",
  "point aside",
  "shawl",
]);

/** Whether a scarf can be caught as it is worn: any at the neck, and elsewhere one whose ends hang; null: as recorded. */
export function hangsLoose(tied: Pick<TiedScarf, "answer"> | null): boolean {
  if (!tied?.answer.possible) return true;
  const { spec, parts } = tied.answer.tied;
  return spec.place === "neck" || parts.some(({ place }) => hanging.has(place));
}

/** How a scarf is taken to be tied where nobody has said more than the way of its form. */
const usualTies: Record<Scarf["figures"]["worn"], TieName> = {
  "tied at the front": "knot in front",
  wrapped: "once round",
  draped: "cross and tuck",
  "tied at the side": "knot aside",
  "tied as a bow": "bow at the neck",
};

/** The usual way of a scarf in full; null for a necktie, and where its cloth does not do it. */
export function usualTie(scarf: Scarf): TieSettings | null {
  if (!canBeTied(scarf) || scarf.figures.loop) return null;
  return usualWay(usualTies[scarf.figures.worn], sidesOf(scarf.figures));
}

const tiedBefore = new WeakMap<Scarf, Map<string, TiedScarf>>();
const girthsBefore = new WeakMap<Body, Girths>();

function girthsFor(body: Body): Girths {
  let girths = girthsBefore.get(body);
  if (!girths) girthsBefore.set(body, (girths = girthsOf(body)));
  return girths;
}

/** A scarf tied so on a body; each way once for each scarf and girth. */
export function tiedOn(scarf: Scarf, settings: TieSettings, body: Body): TiedScarf {
  const { tie, fold, corner, face, turned, band } = settings;
  const asked: TieAsked = { tie, fold, corner, face, turned, band };
  const girths = girthsFor(body);
  const key = `${tie} ${fold} ${corner} ${face} ${turned} ${band} ${Object.values(girths)
    .map(({ cm }) => cm)
    .join(" ")}`;
  let own = tiedBefore.get(scarf);
  if (!own) tiedBefore.set(scarf, (own = new Map<string, TiedScarf>()));
  let tied = own.get(key);
  if (!tied) own.set(key, (tied = worked(scarf, asked, girths)));
  return tied;
}

function worked(scarf: Scarf, asked: TieAsked, girths: Girths): TiedScarf {
  const cloth = clothOf(scarf);
  const answer = tieOf(cloth, asked, girths);
  if (!answer.possible) return { scarf, asked, answer, shows: [], swatches: null };
  const shows = shownColours(cloth, picturedOn(scarf), asked, answer.tied);
  const drawn = scarf.figures.picture;
  return { scarf, asked, answer, shows, swatches: drawn && swatchesShown(drawn, shows, scarf.figures.paler) };
}

/** A colour that shows with less than this is not counted as seen. */
const leastSeen = 0.01;

function swatchesShown(picture: ClothPicture, shows: readonly ShownColour[], palerBy: number): Swatch[] {
  const seen = shows.filter(({ share }) => share >= leastSeen).slice(0, 12);
  const whole = seen.reduce((sum, { share }) => sum + share, 0);
  return seen.map(({ colour, face, share }, i) => {
    const hex = picture.colours[colour] ?? "#000000";
    return {
      hex: face === "right" ? hex : paler(hex, palerBy),
      share: share / whole,
      role: i === 0 ? "ground" : "motif",
    };
  });
}
