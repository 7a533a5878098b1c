import type { PieceOf } from "@/core/piece/piece";
import { Shape } from "../cloth/shape";
import { arc, heightsBetween, outline, shadeAlong, type Point } from "../figure/path";
import type { Paint } from "../paint";

type Form = PieceOf<"hosiery">["figures"]["form"];

/** Height of what is drawn, cm, by form. */
const heights: Record<Form, number> = {
  tights: 84,
  "hold-up": 70,
  "knee-high": 42,
  "boot sock": 32,
  "crew sock": 24,
  "ankle sock": 14,
  liner: 8,
};

/** What is knitted in ribs at the top, cm; sheer legs have a band instead. */
const ribs: Record<Form, number> = {
  tights: 0,
  "hold-up": 0,
  "knee-high": 4,
  "boot sock": 5,
  "crew sock": 5,
  "ankle sock": 3,
  liner: 0,
};

/** How far the back and the front of a leg lie from its plumb line seen from the side, cm, at heights above the floor. */
const leg = [
  { h: 84, back: 8.4, front: 8.2 },
  { h: 66, back: 7, front: 7.4 },
  { h: 45, back: 4.9, front: 5.6 },
  { h: 31, back: 6.1, front: 4.6 },
  { h: 14, back: 3.7, front: 3.6 },
  { h: 8, back: 3.5, front: 3.6 },
] as const;

const instep: readonly Point[] = [
  { x: 5.4, h: 5.4 },
  { x: 10.8, h: 3.7 },
  { x: 16.4, h: 3 },
  { x: 18.6, h: 1.6 },
  { x: 18, h: 0.15 },
];
const sole: readonly Point[] = [
  { x: 18, h: 0.15 },
  { x: 9, h: 0.6 },
  { x: 2.4, h: 0.1 },
  { x: -2.4, h: 0 },
];
const heel: readonly Point[] = [
  { x: -2.4, h: 0 },
  { x: -4.5, h: 1.3 },
  { x: -4.5, h: 4 },
];

/** A leg of hosiery from the side; the fewer the denier, the more shows through. */
export function HosieryPlate({
  hosiery,
  size,
  paint,
  id,
}: {
  readonly hosiery: PieceOf<"hosiery">;
  readonly size: number;
  readonly paint: Paint;
  readonly id: string;
}) {
  const { form, denier, toe } = hosiery.figures;
  const tall = heights[form];
  const sheer = { ...paint, surface: { ...paint.surface, cover: opacityOf(denier) } };
  const low = form === "liner";
  const front = low ? [{ x: 8.4, h: 4.3 }, ...instep.slice(1)] : [...side(tall, 1), ...instep];
  const back = low ? [{ x: -4.3, h: 5.6 }] : side(tall, -1);
  const [first, last] = [front[0], back[0]];
  if (!first || !last) return null;
  // A liner's rim runs low along the foot.
  const rim = low ? [last, { x: 2, h: 2.9 }, first] : arc(last, first, 0.5);
  const bandAt = (down: number) =>
    outline(arc({ x: last.x - 1, h: tall - down }, { x: first.x + 1, h: tall - down }, 0.5));
  return (
    <g transform={`translate(${size / 2 - 6}, ${size / 2 + tall / 2})`}>
      <Shape
        id={id}
        parts={[{ d: outline(front, sole, heel, [...back].reverse(), rim) }]}
        paint={sheer}
        width={0.26}
        shades={[shadeAlong(front, 2)]}
        folds={ribsOf(tall, ribs[form], last.x, first.x)}
        seams={[
          ...(low ? [] : [bandAt(ribs[form] || 2.4)]),
          ...(toe === "reinforced" ? ["M 14.4 -4 Q 13.4 -2 14 0", "M -5 -5.2 Q -0.6 -4.6 0.8 0"] : []),
        ]}
      />
    </g>
  );
}

/** One side of a leg from the top of what is drawn to the ankle. */
function side(tall: number, way: 1 | -1): Point[] {
  const at = (h: number) => {
    const above = [...leg].reverse().find((each) => each.h >= h) ?? leg[0];
    const below = leg.find((each) => each.h <= h) ?? leg[leg.length - 1] ?? above;
    const share = above.h === below.h ? 0 : (h - below.h) / (above.h - below.h);
    const reach = (each: (typeof leg)[number]) => (way > 0 ? each.front : -each.back);
    return reach(below) + (reach(above) - reach(below)) * share;
  };
  return heightsBetween(Math.max(tall, 6), 6, 6).map((h) => ({ x: at(h), h }));
}

/** Knitted ribs down from the top. */
function ribsOf(tall: number, deep: number, from: number, to: number): string[] {
  if (deep === 0) return [];
  const count = Math.round((to - from) / 0.8);
  return Array.from({ length: count - 1 }, (_, i) => {
    const x = from + ((to - from) * (i + 1)) / count;
    return `M ${x.toFixed(2)} ${-tall} V ${(-tall + deep).toFixed(2)}`;
  });
}

/** The height of a leg of hosiery as drawn, cm. */
export function hosieryHeight({ figures }: PieceOf<"hosiery">): number {
  return heights[figures.form];
}

/** How much of the cloth's own colour is seen, 0-1: about half at 20 denier, nearly all from 80. */
export function opacityOf(denier: number): number {
  return 1 - Math.exp(-denier / 30) * 0.95;
}
