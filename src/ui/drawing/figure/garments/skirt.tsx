import type { PieceOf } from "@/core/piece/piece";
import { Shape } from "../../cloth/shape";
import type { Paint } from "../../paint";
import type { Frame } from "../frame";
import { across, arc, curve, heightsBetween, lightAlong, outline, shadeAlong, type Point } from "../path";
import { ramp } from "./cut";

type Cut = PieceOf<"skirt">["figures"]["cut"];

/** The right edge of a skirt from its top to its hem, by how much cloth its hem has. */
export function skirtEdge(frame: Frame, top: number, hem: number, hemWidth: number): Point[] {
  const m = frame.body.measures;
  const hip = Math.min(m.hipLine.cm, top - 4);
  const hipHalf = frame.trunk(hip) + 0.9;
  const close = Math.min(hemWidth, 150) * 0.17;
  const hemHalf = Math.max(hipHalf * 0.86, close + Math.max(0, hemWidth - 150) * 0.05);
  return heightsBetween(top, hem, 0.045 * frame.body.height).map((h) => {
    if (h >= hip) return { x: frame.trunk(h) + 0.5 + 0.4 * ramp(-h, -top, -hip), h };
    const share = (hip - h) / Math.max(1, hip - hem);
    // A hem narrower than the hip keeps the hip's width over the thighs and comes in below them.
    const way = hemHalf < hipHalf ? share * share : share;
    return { x: hipHalf + (hemHalf - hipHalf) * way, h };
  });
}

interface Fold {
  /** Where it begins, as shares of the way from the top to the hem and from the middle to the edge. */
  readonly from: number;
  readonly at: number;
  readonly to: number;
}

/** How much more cloth at the hem than at the hip makes one fold of an A-line, of gathers and of pleats, cm. */
const perFold: Readonly<Record<Cut, number | null>> = {
  straight: null,
  pencil: null,
  "a-line": 16,
  gathered: 13,
  pleated: 11,
};

/** The folds of a skirt: so many as its hem has cloth for, beginning where they are held. */
export function skirtFolds(cut: Cut, hemWidth: number, hip: number): Fold[] {
  const per = perFold[cut];
  if (per === null) return [];
  const least = cut === "a-line" ? 0 : 7;
  const count = Math.min(
    15,
    Math.max(least, Math.round((hemWidth - hip * (cut === "a-line" ? 1 : 0.6)) / per)),
  );
  return Array.from({ length: count }, (_, i) => ({
    at: (2 * (i + 0.5)) / count - 1,
    from: cut === "a-line" ? 0.34 + 0.16 * ((i * 7) % 3) : cut === "gathered" ? 0.02 + 0.05 * (i % 2) : 0.02,
    to: cut === "gathered" && i % 3 === 1 ? 0.7 : 1,
  }));
}

interface HangProps {
  readonly edge: readonly Point[];
  readonly folds: readonly Fold[];
}

/** The hem from its right end to its left: an arc, with a small wave for every fold that reaches it. */
export function hemOf({ edge, folds }: HangProps): Point[] {
  const end = edge[edge.length - 1];
  if (!end) return [];
  const sag = (x: number) => 1.3 * (1 - (x / end.x) ** 2);
  const waves = folds
    .filter(({ to }) => to === 1)
    .flatMap(({ at }) => [
      { x: -(at - 0.02) * end.x * 0.94, h: end.h - sag(at * end.x) - 0.35 },
      { x: -(at + 0.05) * end.x * 0.94, h: end.h - sag(at * end.x) + 0.35 },
    ]);
  const plain = arc(end, { x: -end.x, h: end.h }, 1.3);
  return waves.length === 0
    ? plain
    : [end, ...waves.filter(({ x }) => Math.abs(x) < end.x * 0.97), { x: -end.x, h: end.h }];
}

/** Half the skirt's width at a share of the way down. */
function halfAt(edge: readonly Point[], share: number): Point {
  return edge[Math.round(share * (edge.length - 1))] ?? { x: 0, h: 0 };
}

/** The lines of the folds, and the shadow in each. */
export function hang({ edge, folds }: HangProps): { readonly lines: string[]; readonly shades: string[] } {
  const run = ({ from, at, to }: Fold) =>
    [0, 0.35, 0.7, 1].map((way) => {
      const { x, h } = halfAt(edge, from + (to - from) * way);
      return { x: at * x * 0.94, h };
    });
  return {
    lines: folds.map((fold) => curve(run(fold))),
    shades: folds.map((fold) => {
      const line = run(fold);
      const deep = line.map(({ x, h }, i) => ({ x: x + i * 0.42, h }));
      return outline(deep, [...line].reverse());
    }),
  };
}

interface SkirtProps {
  readonly skirt: PieceOf<"skirt">;
  readonly top: number;
  readonly hem: number;
  readonly frame: Frame;
  readonly paint: Paint;
  readonly id: string;
}

/** A skirt from the front, with the folds of its fullness. */
export function Skirt({ skirt, top, hem, frame, paint, id }: SkirtProps) {
  const { cut, hemWidth } = skirt.figures;
  const edge = skirtEdge(frame, top, hem, hemWidth);
  const folds = skirtFolds(cut, hemWidth, frame.body.measures.hip.cm);
  const { lines, shades } = hang({ edge, folds });
  const start = edge[0] ?? { x: 0, h: top };
  const band = top - 3.2;
  const half = frame.trunk(band) + 1;
  const left = across(edge);
  return (
    <Shape
      id={id}
      paint={paint}
      parts={[
        {
          d: outline(
            arc({ x: -start.x, h: top }, start, 0.8),
            edge,
            hemOf({ edge, folds }),
            [...left].reverse(),
          ),
        },
      ]}
      shades={[shadeAlong(edge.slice(1), (edge[edge.length - 1]?.x ?? 10) * 0.26, 0.9), ...shades]}
      lights={[lightAlong(left.slice(1), start.x * 0.3, start.x * 0.2)]}
      folds={[...lines, ...drawnAcross(cut, frame, hem)]}
      seams={[
        curve(arc({ x: -half, h: band }, { x: half, h: band }, 0.9)),
        ...(cut === "straight" || cut === "pencil" ? darts(frame, band) : []),
      ]}
    />
  );
}

/** Two darts from the waistband of a skirt that is cut close. */
function darts(frame: Frame, band: number): string[] {
  const x = frame.trunk(band) * 0.52;
  return [1, -1].map((side) =>
    curve([
      { x: side * x, h: band - 0.6 },
      { x: side * (x + 0.3), h: band - 9 },
    ]),
  );
}

/** A close skirt is drawn a little across the thighs. */
function drawnAcross(cut: Cut, frame: Frame, hem: number): string[] {
  const { crotch } = frame.body.measures;
  if ((cut !== "straight" && cut !== "pencil") || hem > crotch.cm - 8) return [];
  const half = frame.trunk(crotch.cm);
  return [1, -1].map((side) =>
    curve([
      { x: side * half * 0.92, h: crotch.cm + 1 },
      { x: side * half * 0.6, h: crotch.cm - 1 },
      { x: side * half * 0.34, h: crotch.cm - 0.6 },
    ]),
  );
}
