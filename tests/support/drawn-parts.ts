import fc from "fast-check";
import { adjustmentSpec, type Adjustment } from "@/core/piece/adjustment";
import { adjustmentKinds } from "@/core/piece/adjustments";
import { pictureOf } from "@/core/scarf/picture";
import { sampleClient } from "@/core/testing/sample";
import { colour } from "./from-schema";

/** The picture of a cloth as it is drawn: some colours, and rows of cells in them. */
export const clothPicture = fc
  .tuple(
    fc.array(colour, { minLength: 1, maxLength: 5 }),
    fc.integer({ min: 1, max: 8 }),
    fc.integer({ min: 1, max: 8 }),
  )
  .chain(([colours, across, down]) =>
    fc
      .array(fc.array(fc.nat(colours.length - 1), { minLength: across, maxLength: across }), {
        minLength: down,
        maxLength: down,
      })
      .map((rows) => pictureOf(colours, rows)),
  );

export const calendarDay = fc
  .date({ min: new Date("1901-01-01"), max: new Date("2198-12-31"), noInvalidDate: true })
  .map((date) => date.toISOString().slice(0, 10));
export const moments = fc
  .date({ min: new Date("1901-01-01"), max: new Date("2198-12-31"), noInvalidDate: true })
  .map((date) => date.toISOString());
/** Three levels, each as high as the one before or higher. */
export const rising = fc
  .array(fc.integer({ min: 2, max: 18 }), { minLength: 3, maxLength: 3 })
  .map((all) => all.sort((one, other) => one - other).map((half) => half / 2) as [number, number, number]);
export const swatches = fc
  .array(fc.record({ hex: colour, role: fc.constantFrom("ground", "accent", "sole") }), {
    minLength: 1,
    maxLength: 4,
  })
  .map((all) => all.map((each) => ({ ...each, share: 1 / all.length })));
/** The sample's body, larger or smaller, with some of its measures. */
export const measured = fc
  .tuple(
    fc.double({ min: 0.9, max: 1.1, noNaN: true }),
    fc.subarray(["crotch", "ankle", "calf", "knee", "thigh"]),
  )
  .map(([size, names]) =>
    Object.fromEntries(
      ["height", ...names].map((name) => [
        name,
        Number((sampleClient.measured[name as "height"] * size).toFixed(2)),
      ]),
    ),
  );
/** Ways of wearing a piece, each as its own form sends it. */
export const adjustmentsOf = (piece: string) =>
  fc.subarray(adjustmentKinds, { maxLength: 4 }).map((kinds) =>
    kinds.flatMap((kind): Adjustment[] => {
      const settings = adjustmentSpec(kind).settings;
      const given = Object.entries(settings).map(([name, field]) => [
        name,
        field.type === "number" ? Math.min(field.max, Math.max(field.min, 1)) : field.initial,
      ]);
      return [{ kind, piece, ...Object.fromEntries(given) }];
    }),
  );
