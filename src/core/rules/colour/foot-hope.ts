import type { Worn } from "../../dressing/dressed";
import type { Tint } from "../../dressing/profile";
import { param, type Values } from "../../rule-book/params";
import { doomed, hopeFor, noHope, type Hope, type Outlook } from "../outlook";
import { isBrown } from "./echo-entries";
import {
  isAllDark,
  isAnsweredAbove,
  isPale,
  lightsBeside,
  nearestDark,
  nearestTheFace,
  readsAsSkin,
} from "./foot-depth";

export const footParams = {
  dark: param(35, "L*", "under this a garment or a swatch is dark"),
  near: param(20, "L*", "how near in depth the shoe comes to a dark"),
  heavy: param(30, "L*", "under this a shoe is heavy for pale clothes"),
  pale: param(60, "L*", "from this mean depth on clothes are pale"),
  clear: param(0.65, "share", "over this clarity clothes are clear, and light on the foot like pale ones"),
  light: param(70, "L*", "from this on a shoe is light"),
  allDark: param(40, "L*", "under this every garment is dark"),
  sole: param(0.5, "count", "what a light sole counts as a light of its own"),
  trace: param(0.05, "share", "share of the look from which a colour of the garments counts"),
} as const;

type FootLimits = Values<typeof footParams>;

/** The most that the foot could be praised for in a look that is still being chosen, and what is sure to be amiss. */
export function hopeOfFoot(outlook: Outlook, params: FootLimits): Hope {
  const { on, open } = outlook;
  const { garments, shoe } = on;
  const isLight = ({ profile }: Worn) => (profile.character?.depth ?? 0) >= params.pale;
  const isClear = ({ profile }: Worn) => (profile.character?.clarity ?? 0) > params.clear;
  const carries = garments.some((item) => item.place === "bottom" && isLight(item));
  const pale = garments.every((item) => isLight(item) || isClear(item) || item.profile.character === null);
  if (open.has("shoe")) return carries || pale ? hopeFor("lifts") : noHope;
  const ground = shoe?.profile.ground;
  if (!shoe || shoe.seen.length === 0 || !ground || garments.length === 0) return noHope;
  const depth = ground.shade.L;
  // A dark collar that hardly shows shows no more with another piece: what is all dark stays so.
  if (depth >= params.light && isAllDark(garments, params.allDark, params.trace))
    return isOnlyLight(outlook, shoe, ground, params) ? doomed("rubs") : noHope;
  const skin = readsAsSkin(on, shoe, ground);
  const face = nearestTheFace(on);
  if (face && (face.profile.character?.depth ?? Infinity) < params.dark)
    return besideDark(outlook, shoe, ground, { ...params, carries: carries && !skin, skin });
  if (!pale) return noHope;
  if (depth >= params.heavy)
    return skin || ground.family === "ivory" || ground.family === "tan" ? hopeFor("lifts") : noHope;
  return isPale(on, params) && !mayBeAnswered(outlook, shoe, ground) ? doomed("rubs") : noHope;
}

/** Whether the shoe is the only light thing, and nothing light is left to put on. */
function isOnlyLight({ on, may }: Outlook, shoe: Worn, ground: Tint, { light, sole }: FootLimits): boolean {
  const isLight = ({ profile }: Worn) => profile.tints.some(({ shade }) => shade.L >= light);
  return lightsBeside(on, shoe, ground, { light, sole }) < 1 && !may.some(isLight);
}

/** Under a dark at the face the shoe wants a dark, of the look or still to be put on. */
function besideDark(
  outlook: Outlook,
  shoe: Worn,
  ground: Tint,
  { dark, near, carries, skin }: FootLimits & { readonly carries: boolean; readonly skin: boolean },
): Hope {
  const depth = ground.shade.L;
  const away = nearestDark(outlook.on, shoe, dark, depth);
  const mayCome = outlook.may.some(({ profile }) =>
    profile.tints.some(({ shade }) => shade.L < dark && Math.abs(shade.L - depth) <= near),
  );
  if (skin || away === null || away <= near || mayCome) return carries ? hopeFor("lifts") : noHope;
  return isBrown(ground) && mayBeAnswered(outlook, shoe, ground) ? noHope : doomed("rubs");
}

function mayBeAnswered({ on, may }: Outlook, shoe: Worn, ground: Tint): boolean {
  if (isAnsweredAbove(on, shoe, ground)) return true;
  const palette = may.flatMap((item) => item.profile.tints.map((tint) => ({ item, tint, area: 0, at: 0 })));
  return isAnsweredAbove({ look: on.look, palette }, shoe, ground);
}
