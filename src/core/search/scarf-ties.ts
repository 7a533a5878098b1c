import { difference } from "../colour/difference";
import { shadeOf } from "../colour/shade";
import { dress } from "../dressing/dress";
import type { Body } from "../body/body";
import { adjust, adjustmentOn, type AdjustmentOf } from "../piece/adjustment";
import type { Look } from "../piece/look";
import {
  canBeTied,
  clothOf,
  hangsLoose,
  picturedOn,
  tiedOn,
  type Scarf,
  type TieSettings,
} from "../piece/tied-scarf";
import { apply, wornSo, type Change } from "../reading/change";
import type { Reading } from "../reading/read";
import { readLook, readMany } from "../reading/read-many";
import type { Verdict } from "../reading/verdict";
import { girthsOf } from "../scarf/girths";
import type { ClothPicture } from "../scarf/picture";
import type { ShownColour } from "../scarf/shown";
import { corners } from "../scarf/laid-out";
import { usualBand, usualWay } from "../scarf/usual-way";
import { sidesOf } from "../scarf/tied";
import { tieNames, tieSpec, type TieName } from "../scarf/ties";
import type { TiePlace } from "../scarf/ties/define-tie";
import { tiesShowing, type TieOffer } from "../scarf/wanted";

/** How alike two colours are to be one (CIEDE2000), as for an echo. */
const likeness = 12;

/** A way of tying a scarf, with how the look reads with it. */
export interface TieChoice {
  readonly settings: TieSettings;
  readonly shows: readonly ShownColour[];
  /** The share of what shows that is of a wanted colour; or of the whole picture, what shows upright. 0-1 */
  readonly wanted: number;
  readonly score: number;
  readonly verdict: Verdict;
  readonly points: number;
}

/** What is asked of a scarf's ties. */
export interface TieWish {
  readonly place: TiePlace;
  /** What is to show: a colour, most of the picture the right way up, or whatever the look reads best with. */
  readonly show: { readonly colour: string } | "picture" | "best";
  readonly most: number;
}

/**
 * The folds and ties of a scarf for a look: those that show most of a wanted colour, or, where none is wanted, those the
 * look reads best with among those that show a colour the look has elsewhere.
 */
export function tiesFor(look: Look, scarf: Scarf, { place, show, most }: TieWish): TieChoice[] {
  if (!canBeTied(scarf)) return [];
  const mayHang = !asksForNothingLoose(look);
  const { body, palette } = dress(look);
  const picture = picturedOn(scarf);
  const hexes =
    typeof show === "object"
      ? [show.colour]
      : palette
          .filter(({ item, tint }) => item.piece.id !== scarf.id && !tint.neutral)
          .map(({ tint }) => tint.shade.hex);
  const wish = {
    show: show === "picture" ? show : coloursLike(picture, hexes),
    ties: tieNames.filter((name) => tieSpec(name).place === place),
    band: usualBand,
    most: tieNames.length,
  };
  const shown = tiesShowing(clothOf(scarf), picture, girthsOf(body), wish);
  const offers = show === "best" ? [...shown, ...otherWays(look, scarf, wish.ties, body)] : shown;
  const safe = offers.filter(({ tied }) => mayHang || !hangsLoose({ answer: { possible: true, tied } }));
  const choices = readSo(look, scarf, safe);
  if (show !== "best") return choices.sort(byWanted).slice(0, most);
  // Each tie once, in the way the look reads best with.
  const ties = new Set<TieName>();
  return choices
    .sort(byReading)
    .filter(({ settings: { tie } }) => !ties.has(tie) && ties.add(tie))
    .slice(0, most);
}

/** What is tried beside the ways that show most of the look's colours: the usual ones, and how it is tied now. */
function otherWays(look: Look, scarf: Scarf, ties: readonly TieName[], body: Body): TieOffer[] {
  const now = adjustmentOn(look.adjustments, "tie", scarf.id);
  const usual = scarf.figures.loop ? [] : ties.flatMap((tie) => waysFrom(scarf, tie));
  const ways = now && ties.includes(now.tie) ? [now, ...usual] : usual;
  return ways.flatMap((way) => {
    const { asked, answer, shows } = tiedOn(scarf, way, body);
    return answer.possible ? [{ asked, tied: answer.tied, shows, wanted: 0 }] : [];
  });
}

/** Whether the client or the occasion allows nothing that can be caught. */
export function asksForNothingLoose({ client, occasion }: Look): boolean {
  return client.limits.nothingLoose || (occasion?.flags.includes("nothing loose") ?? false);
}

const byReading = (one: TieChoice, other: TieChoice) =>
  other.points - one.points || other.wanted - one.wanted;
const byWanted = (one: TieChoice, other: TieChoice) => other.wanted - one.wanted || other.points - one.points;

/** The colours of a picture that one takes for one of these. */
export function coloursLike({ colours }: ClothPicture, hexes: readonly string[]): Set<number> {
  const shades = hexes.map(shadeOf);
  const isLike = (hex: string) => shades.some((shade) => difference(shade, shadeOf(hex)) <= likeness);
  return new Set(colours.flatMap((hex, i) => (isLike(hex) ? [i] : [])));
}

function readSo(look: Look, scarf: Scarf, offers: readonly TieOffer[]): TieChoice[] {
  const before = readLook(look);
  const tiedSo = ({ asked }: TieOffer): Look => ({
    ...look,
    adjustments: adjust(look.adjustments, { kind: "tie", piece: scarf.id, ...asked }),
  });
  return Array.from(
    readMany(offers, tiedSo, () => before),
    ({ of: { asked, shows, wanted }, reading }) => {
      const { score, verdict, points } = reading;
      return { settings: asked, shows, wanted, score, verdict, points };
    },
  );
}

/** The ties that are tried for every scarf of a wardrobe: what most squares and oblongs are worn in. */
const everyday: readonly TieName[] = [
  "knot in front",
  "knot behind",
  "knot aside",
  "point tied behind",
  "twice round",
];

/**
 * A look with a scarf as it reads best: as it is recorded, or in one of the everyday ties from either lower corner.
 * Only a scarf whose picture was drawn is tried so: of another a fold changes nothing that is known.
 */
export function bestTied(
  look: Look,
  scarf: Scarf,
): { readonly reading: Reading; readonly also: Change | null } {
  const before = readLook(look);
  const tied = readMany(
    waysTried(scarf).map(wornSo),
    (way) => apply(look, way),
    () => before,
  );
  let best: { reading: Reading; also: Change | null } = { reading: before.reading, also: null };
  for (const { of: also, reading } of tied)
    if (reading.points > best.reading.points) best = { reading, also };
  return best;
}

/** The ways a scarf is tried in beside the one that is recorded; none for one whose picture was not drawn. */
export function waysTried(scarf: Scarf): AdjustmentOf<"tie">[] {
  if (!scarf.figures.picture || !canBeTied(scarf)) return [];
  return everydayWays(scarf).map((settings) => ({ kind: "tie", piece: scarf.id, ...settings }));
}

/** The everyday ties a cloth can be folded for, from the corners of its lower edge. */
function everydayWays(scarf: Scarf): readonly TieSettings[] {
  if (scarf.figures.loop) return [];
  return everyday.flatMap((tie) => waysFrom(scarf, tie));
}

/** The usual way of a tie from either corner of the cloth's lower edge; none where it cannot be folded for it. */
function waysFrom(scarf: Scarf, tie: TieName): TieSettings[] {
  const way = usualWay(tie, sidesOf(scarf.figures));
  return way ? corners.slice(0, 2).map((corner) => ({ ...way, corner })) : [];
}
