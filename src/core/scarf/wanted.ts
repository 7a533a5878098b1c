import { foldNames } from "./folds";
import type { Girths } from "./girths";
import { countedAlong, gridOf, type FoldedGrid } from "./grid";
import { canFold, corners, type FoldAsked } from "./laid-out";
import type { ClothPicture } from "./picture";
import { shownColours, type ShownColour } from "./shown";
import { sidesOf, tieOf, type Cloth, type TieAnswer, type TieAsked, type Tied } from "./tied";
import { ties, type TieName } from "./ties";

/** A way of folding and tying a scarf, with what shows of it. */
export interface TieOffer {
  readonly asked: TieAsked;
  readonly tied: Tied;
  /** What shows, the most first. */
  readonly shows: readonly ShownColour[];
  /** The share of what shows that is of a wanted colour, 0-1. */
  readonly wanted: number;
}

/** What is wished for: the numbers of the picture's colours that are to show, at which ties, how many offers. */
export interface Wish {
  readonly colours: ReadonlySet<number>;
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
  { colours, ties: names, band, most }: Wish,
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
      return [{ asked, tied: answer.tied, wanted: glancedShare(glanceAt(asked), answer.tied, colours) }];
    });
    return tried.sort((one, other) => other.wanted - one.wanted).slice(0, 1);
  });
  return best
    .sort((one, other) => other.wanted - one.wanted)
    .slice(0, most)
    .map(({ asked, tied }) => {
      const shows = shownColours(cloth, picture, asked, tied);
      return { asked, tied, shows, wanted: shareOf(shows, colours) };
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
