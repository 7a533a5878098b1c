import type { Kind } from "./kinds";
import { specOf } from "./piece";

type Figures = Readonly<Record<string, number>>;

/** What is usual of a form where that differs from what is usual of its kind. */
const ofForm: Readonly<Partial<Record<Kind, Readonly<Record<string, Figures>>>>> = {
  shoe: {
    pump: { lift: 6 },
    flat: { lift: 1.2 },
    slingback: { lift: 5 },
    mule: { lift: 4 },
    sandal: { lift: 3 },
    trainer: { lift: 3, platform: 2 },
    "running shoe": { lift: 3.5, platform: 2.2 },
    boot: { lift: 3.5, shaft: 14, shaftTop: 27 },
  },
  hat: { felt: { brim: 6 }, straw: { brim: 9 }, "peaked cap": { brim: 7 } },
  hosiery: { liner: { denier: 60 }, "crew sock": { denier: 200 }, "boot sock": { denier: 300 } },
  earrings: { hoop: { drop: 3, width: 3 }, drop: { drop: 4 } },
  bracelet: { cuff: { width: 3 }, bangle: { width: 0.8 } },
  coat: { cape: { length: 85 } },
  jacket: { waistcoat: { length: 56 }, cardigan: { length: 62 } },
};

/** What a measure of a piece usually is, by its kind and its form; null where a piece need not have it. */
export function typicalFigure(
  kind: Kind,
  figures: Readonly<Record<string, unknown>>,
  name: string,
): number | null {
  const form = typeof figures.form === "string" ? figures.form : "";
  const field = specOf({ kind }).figures[name];
  const usual = ofForm[kind]?.[form]?.[name];
  if (usual !== undefined) return usual;
  return field?.type === "number" ? field.initial : null;
}
