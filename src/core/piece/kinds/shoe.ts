import { added, choice, flag, length, maybeLength, onlyWhere, type FiguresOf } from "../field";
import { shoeArea } from "./areas";
import { defineKind, type Making } from "./define-kind";

/** Where the topline of a low shoe lies above the footbed, as a share of the body height. */
const topline = 0.036;

const figures = {
  form: choice("Form", [
    "pump",
    "flat",
    "loafer",
    "laced shoe",
    "slingback",
    "mule",
    "sandal",
    "thong",
    "trainer",
    "running shoe",
    "boot",
  ]),
  lift: length("Heel height, with sole", [0, 20], 2),
  platform: length("Platform under the toes", [0, 12], 0.8),
  tip: choice("Heel", ["flat", "block", "slim", "stiletto", "wedge"]),
  toe: choice("Toe", ["round", "almond", "pointed", "square", "open"]),
  soleBulk: choice("Sole", ["fine", "middling", "heavy"]),
  shaft: onlyWhere(
    "form",
    ["boot", "trainer"],
    maybeLength("Shaft above the footbed", [4, 75], "for boots and high trainers"),
  ),
  shaftTop: onlyWhere("form", ["boot", "trainer"], maybeLength("Shaft's top, around", [18, 80], "for boots")),
  cutOuts: added(flag("With cut-outs")),
  laced: onlyWhere("form", ["pump", "slingback", "sandal", "boot"], added(flag("Laced up the front"))),
  leather: added(flag("Of leather")),
  quiet: added(flag("Quiet sole", false, "rubber or felt under the heel")),
} as const;

type ShoeFigures = FiguresOf<typeof figures>;

/** Forms that may have a shaft: a boot, which always does, and a trainer that comes up over the ankle. */
const shafted: ReadonlySet<ShoeFigures["form"]> = new Set(["boot", "trainer"]);

export const shoe = defineKind({
  label: "Shoe or boot",
  slot: "shoe",
  place: null,
  zone: "foot",
  pull: 0.4,
  figures,
  check({ form, lift, platform, shaft }) {
    if (form === "boot" && shaft === null)
      return { field: "shaft", say: "A boot needs the height of its shaft above the footbed." };
    if (!shafted.has(form) && shaft !== null)
      return { field: "shaft", say: `A ${form} has no shaft: leave it empty, or call it a boot.` };
    if (platform > lift) return { field: "platform", say: "The platform cannot be higher than the heel." };
    return null;
  },
  extent: ({ lift, shaft }, { height }) => ({ from: -lift, to: shaft ?? topline * height }),
  layer: () => "shoe",
  area: shoeArea,
  insulation: shoeClo,
  weight: () => 700,
});

/**
 * Open shoes 0.02 clo, low ones 0.03, ankle boots 0.08, tall boots 0.10; a lining of pile adds 0.04 (docs/model.md,
 * Comfort).
 */
function shoeClo({ shaft, form }: ShoeFigures, { finish, secondFinish }: Making): number {
  const closed = shaft === null ? 0.03 : shaft > 25 ? 0.1 : 0.08;
  const plain = form === "sandal" || form === "thong" ? 0.02 : closed;
  return plain + (finish === "shearling" || secondFinish === "shearling" ? 0.04 : 0);
}
