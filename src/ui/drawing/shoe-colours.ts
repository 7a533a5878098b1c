import type { PieceOf } from "@/core/piece/piece";
import { brightness, mixed } from "./cloth/tones";

type Shoe = PieceOf<"shoe">;
type Form = Shoe["figures"]["form"];

/** Forms whose heel is covered like the upper; a boot, a loafer or a laced shoe stands on stacked leather. */
const covered: ReadonlySet<Form> = new Set<Form>(["pump", "slingback", "mule", "sandal"]);
/** Forms on rubber: pale under a pale upper. */
const onRubber: ReadonlySet<Form> = new Set<Form>(["trainer", "running shoe"]);

const mainColour = ({ swatches }: Shoe) => swatches[0]?.hex ?? "#777777";

/** The colour of a shoe's sole: as recorded, otherwise what is usual, told apart from the upper. */
export function soleColour(shoe: Shoe): string {
  const recorded = shoe.swatches.find(({ role }) => role === "sole")?.hex;
  if (recorded) return recorded;
  const bright = brightness(mainColour(shoe));
  if (onRubber.has(shoe.figures.form) && bright > 0.55) return "#e6e3dc";
  return bright < 0.28 ? "#2c2d32" : "#3a3330";
}

/** The colour of its heel: a slim one and one of a dressy form is covered in the upper, any other is of the sole. */
export function heelColour(shoe: Shoe): string {
  const { tip, form } = shoe.figures;
  const isCovered = tip === "slim" || tip === "stiletto" || covered.has(form);
  return isCovered ? mixed(mainColour(shoe), "#000000", 0.12) : soleColour(shoe);
}

/** Forms that have neither a toe cap nor a counter. */
const open: ReadonlySet<Form> = new Set<Form>(["sandal", "thong"]);

/** The colour of toe cap and counter of a shoe in two plain colours; null where it has one colour, or a print. */
export function capColour({ swatches, pattern, figures: { form, toe } }: Shoe): string | null {
  if (pattern !== "plain" || open.has(form) || toe === "open") return null;
  return swatches.find(({ role }) => role === "motif")?.hex ?? null;
}
