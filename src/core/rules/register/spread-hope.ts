import type { LevelRange } from "../../dressing/level-range";
import { isLevelled, type Levelled } from "../../dressing/level";
import type { Worn } from "../../dressing/dressed";
import { isKind, isTrainer } from "../../piece/piece";
import type { Values } from "../../rule-book/params";
import type { Effect } from "../finding";
import type { Hope, Outlook } from "../outlook";
import {
  isPlainHosiery,
  isSurelyFar,
  isSurelyOnEdge,
  leastOutside,
  mostOutside,
  type spreadParams,
} from "./standing";

type Limits = Values<typeof spreadParams>;

/**
 * The most that the spread of levels could make of a look that is still being chosen: a piece may look meant where
 * something may lean the same way; one that is far from the look wherever that will stand stays so, and one that leans
 * away with nothing on its side stays alone.
 */
export function hopeOfSpread(outlook: Outlook, params: Limits): Hope {
  const { on, open, all, levels } = outlook;
  const range = levels(null);
  const judged = on.visible.filter(isLevelled);
  const company = companyIn(all.filter(isLevelled));
  const mayLean = (item: Worn) =>
    isLevelled(item) &&
    !isPlainHosiery(item) &&
    (!range ||
      (mostOutside(item, range) > params.silent &&
        !isSurelyOnEdge(item, range, levels(item) ?? range, params) &&
        company(item, range, params.leans)));
  const praise: Effect[] = judged.filter(mayLean).map(() => "lifts");
  for (const items of open.values()) if (items.some(mayLean)) praise.push("lifts");
  const base = on.placing?.base;
  // Trainers under tailoring are judged by their own rule, and spare what they are meant with.
  const spares = all.some(({ piece }) => isKind(piece, "shoe") && isTrainer(piece));
  if (!range || base === undefined) return { faults: [], praise };
  const faults = judged.flatMap((item): Effect[] => {
    if (spares && (item.place !== null || item.piece.kind === "shoe")) return [];
    const rest = item.place === null ? levels(item) : range;
    const isFar =
      item.place === null
        ? rest !== null && isSurelyFar(item, { base, range, rest }, params)
        : leastOutside(item, range) > params.jars;
    if (isFar) return ["jars"];
    const isAlone =
      !spares &&
      !isPlainHosiery(item) &&
      leastOutside(item, range) > params.silent &&
      !company(item, range, dust);
    return isAlone ? ["rubs"] : [];
  });
  return { faults, praise };
}

/** A hair beyond the level, which is enough to stand on one side of it. */
const dust = 1e-9;

const ways = [-1, 1] as const;

/**
 * Whether something beside a piece may stand so far from the level on the piece's own side; of two that stand so at
 * least one is an accessory.
 */
function companyIn(seen: readonly Levelled[]): (item: Levelled, range: LevelRange, leans: number) => boolean {
  const heard = seen.filter((item) => !isPlainHosiery(item));
  const sides = ways.map((way) => {
    const furthest = [...heard].sort((one, other) => way * (other.centre - one.centre));
    return {
      way,
      any: furthest.slice(0, 2),
      accessories: furthest.filter(({ place }) => place === null).slice(0, 2),
    };
  });
  return (item, range, leans) =>
    sides.some(({ way, any, accessories }) => {
      const at = way > 0 ? range.low : range.high;
      if (way * (item.centre - at) < 0) return false;
      const partners = item.place === null ? any : accessories;
      return partners.some((other) => other !== item && way * (other.centre - at) >= leans);
    });
}
