/** How far trouser hems rise when the knees bend to 90 degrees, as a share of the body height. */
const trouserRise = 0.06;
/** A skirt rides up over the seat by the depth of the thighs, as a share of the body height. */
const skirtRise = 0.075;

/**
 * How much a hem rises when its wearer sits: trousers by about 0.06 of the height (0.05-0.07), a skirt by
 * what lies over the thigh, which is horizontal, less what it has below the knee.
 * @param kneeLine height of the knee, cm
 * @param hem height of the standing hem, cm
 */
export function seatedRise(
  garment: "trousers" | "skirt",
  height: number,
  kneeLine: number,
  hem: number,
): number {
  if (garment === "trousers") return trouserRise * height;
  // A hem above the knee slides back along the thigh; one below it hangs from the bent knee.
  return hem >= kneeLine ? skirtRise * height * 1.4 : skirtRise * height;
}
