import { foldNames } from "./folds";
import type { Girths } from "./girths";
import { countedAlong, gridOf, type FoldedGrid, type GridCell } from "./grid";
import { canFold, corners, type FoldAsked } from "./laid-out";
import type { ClothPicture } from "./picture";
import { shownColours, type ShownColour } from "./shown";
import { sidesOf, tieOf, type Cloth, type TieAnswer, type TieAsked, type Tied } from "./tied";
import { ties, type TieName } from "./ties";
import type { TiePart } from "./ties/define-tie";

/** A way of folding and tying a scarf, with what shows of it. */
export interface TieOffer {
  readonly asked: TieAsked;
  readonly tied: Tied;
  /** What shows, the most first. */
  readonly shows: readonly ShownColour[];
  /** The share of what shows that is of a wanted colour; or of the whole picture, what shows of it upright. 0-1 */
  readonly wanted: number;
}

/** What is wished for: what is to show, at which ties, how many offers. */
export interface Wish {
  /** The numbers of the picture's colours that are to show, or most of the picture itself, the right way up. */
  readonly show: ReadonlySet<number> | "picture";
  readonly ties: readonly TieName[];
  readonly band: number;
  readonly most: number;
}

/** How finely every fold is looked at before the best are worked out exactly. */
const glance = [48, 6] as const;
const faces = ["right", "reverse"] as const;

/**
 * The folds and ties that show most of the wanted colours where the tie shows the cloth. Every fold is tried from every
 * corner and either face, with either end first, at a glance of some hundred places; the best of each tie are then
 * worked out exactly and put in order by that.
 */
export function tiesShowing(
  cloth: Cloth,
  picture: ClothPicture,
  girths: Girths,
  { show, ties: names, band, most }: Wish,
): TieOffer[] {
  const glances = new Map<string, FoldedGrid>();
  const glanceAt = (asked: FoldAsked) => {
    const key = `${asked.fold} ${asked.corner} ${asked.face}`;
    let grid = glances.get(key);
    if (!grid) glances.set(key, (grid = gridOf(cloth, picture, asked, glance)));
    return grid;
  };
  // How a scarf reaches does not hang on which face is up, nor on which of two opposite corners it is begun from.
  const reached = new Map<string, TieAnswer>();
  const answerFor = (asked: TieAsked) => {
    const key = `${asked.tie} ${asked.fold} ${corners.indexOf(asked.corner) % 2} ${asked.turned}`;
    let answer = reached.get(key);
    if (!answer) reached.set(key, (answer = tieOf(cloth, asked, girths)));
    return answer;
  };
  const best = names.flatMap((tie) => {
    const tried = waysOf(cloth, tie, band).flatMap((asked) => {
      const answer = answerFor(asked);
      if (!answer.possible) return [];
      return [{ asked, tied: answer.tied, wanted: glancedAt(glanceAt(asked), answer.tied, cloth, show) }];
    });
    return tried.sort((one, other) => other.wanted - one.wanted).slice(0, 1);
  });
  return best
    .sort((one, other) => other.wanted - one.wanted)
    .slice(0, most)
    .map(({ asked, tied, wanted }) => {
      const shows = shownColours(cloth, picture, asked, tied);
      return { asked, tied, shows, wanted: show === "picture" ? wanted : shareOf(shows, show) };
    })
    .sort((one, other) => other.wanted - one.wanted);
}

/** Every fold, corner, face and turn in which a tie can be done with a cloth, at one width of band. */
export function waysOf(cloth: Cloth, tie: TieName, band: number): TieAsked[] {
  const folds: readonly string[] = ties[tie].folds;
  return foldNames
    .filter((fold) => folds.includes(fold) && canFold(fold, sidesOf(cloth)))
    .flatMap((fold) =>
      corners.flatMap((corner) =>
        faces.flatMap((face) =>
          [false, true].map((turned): TieAsked => ({ tie, fold, corner, face, turned, band })),
        ),
      ),
    );
}

function glancedAt(grid: FoldedGrid, tied: Tied, cloth: Cloth, show: Wish["show"]): number {
  return show === "picture" ? uprightShare(grid, tied, cloth) : glancedShare(grid, tied, show);
}

/** How far the top of the picture may lean and still be upright: the cosine of about 45 degrees, as a triangle lays it. */
const upright = 0.7;

/** The share of the whole picture that is seen of the right face and the right way up, where the tie shows the cloth. */
function uprightShare(
  { along, across, cells }: FoldedGrid,
  { parts, length, width }: Tied,
  cloth: Cloth,
): number {
  let count = 0;
  for (const part of parts) {
    const [first, last] = [Math.floor((part.from / length) * along), Math.ceil((part.to / length) * along)];
    for (let at = first * across; at < Math.min(last, along) * across; at += 1) {
      const cell = cells[at];
      if (cell?.face === "right" && upwards(cell, part, length) >= upright) count += 1;
    }
  }
  const cell = (length / along) * (width / across);
  return Math.min(1, (count * cell) / (cloth.sideA * cloth.sideB));
}

/** How much the top of the picture points upwards on the figure: ends hang down, whatever lies across lies level. */
function upwards({ top }: GridCell, { place, from, to }: TiePart, length: number): number {
  if (!place.startsWith("tail") && !place.startsWith("hang")) return top.across;
  return from < length - to ? top.along : -top.along;
}

function glancedShare(grid: FoldedGrid, { parts, length }: Tied, colours: ReadonlySet<number>): number {
  let [wanted, whole] = [0, 0];
  for (const { from, to, open } of parts) {
    const counts = countedAlong(grid, from / length, to / length);
    let [some, all] = [0, 0];
    for (const [key, count] of counts) {
      all += count;
      if (key % 2 === 0 && colours.has(key / 2)) some += count;
    }
    if (all === 0) continue;
    const weight = (to - from) * open;
    wanted += (some / all) * weight;
    whole += weight;
  }
  return whole > 0 ? wanted / whole : 0;
}

function shareOf(shows: readonly ShownColour[], colours: ReadonlySet<number>): number {
  return shows
    .filter(({ colour, face }) => face === "right" && colours.has(colour))
    .reduce((sum, { share }) => sum + share, 0);
}
