import type { PieceOf } from "@/core/piece/piece";
import { Shape } from "../cloth/shape";
import { FlatPicture } from "../scarf/flat-picture";
import { tonesOf } from "../cloth/tones";
import type { Paint } from "../paint";

interface Props {
  readonly scarf: PieceOf<"scarf">;
  readonly paint: Paint;
  readonly id: string;
  readonly size: number;
}

/** A scarf folded once and laid down, its edge in the trim colour. */
export function ScarfPlate({ scarf, paint, id, size }: Props) {
  const trim = scarf.swatches.find(({ role }) => role === "trim")?.hex ?? null;
  const square = Math.abs(scarf.figures.sideA - scarf.figures.sideB) < 20;
  return (
    <g transform={`translate(${size / 2}, ${size / 2})`}>
      {square ? (
        <Triangle scarf={scarf} trim={trim} paint={paint} id={id} />
      ) : (
        <Ends scarf={scarf} half={Math.min(15, scarf.figures.sideB / 4)} trim={trim} paint={paint} id={id} />
      )}
    </g>
  );
}

interface LaidProps {
  readonly scarf: PieceOf<"scarf">;
  readonly trim: string | null;
  readonly paint: Paint;
  readonly id: string;
}

/** The long edge of the folded square, cm. */
const diagonal = 66;

/** A square folded corner to corner: its long edge a soft fold, its two layers a little apart at the point. */
function Triangle({ scarf, trim, paint, id }: LaidProps) {
  const { picture, sideA, sideB } = scarf.figures;
  const layer = "M-31 -15C-16 -17.5 16 -17.5 31 -15C22 -7 8 8 1.4 19Q0 20.6 -1.4 19C-8 8 -22 -7 -31 -15Z";
  return (
    <>
      <g transform="translate(2.6, 1.4)">
        <path d={layer} fill={paint.ground} stroke={paint.tones.outline} strokeWidth={0.4} />
        <path d={layer} fill="#000" fillOpacity={0.16} />
      </g>
      <Shape
        id={id}
        paint={paint}
        parts={[{ d: layer }]}
        folds={[
          "M-12 -16.4C-8 -8 -4 2 -0.8 12",
          "M10 -16.6C7 -9 4 -2 2 5",
          "M-22 -15.6C-17 -10 -13 -6 -10 -1",
        ]}
        shades={["M31 -15C22 -7 8 8 1.4 19L-0.4 15C6 4 14 -6 20 -15.8Z"]}
        lights={["M-24 -15.4C-18 -10 -13 -4 -8 4L-5.4 2C-10 -6 -14 -11 -18 -16Z"]}
        width={0.4}
        within={
          picture ? (
            // Half of the square: its diagonal is the long edge, and the picture's lower left corner the point.
            <g
              transform={`translate(0, ${-15 - diagonal / 2}) rotate(45) scale(${diagonal / Math.SQRT2 / sideA}, ${diagonal / Math.SQRT2 / sideB})`}
            >
              <FlatPicture picture={picture} sides={[sideA, sideB]} />
            </g>
          ) : (
            trim && <path d={layer} fill="none" stroke={trim} strokeWidth={4.4} />
          )
        }
      />
    </>
  );
}

/** A long one laid double, its two ends with their fringe. */
function Ends({ scarf, half, trim, paint, id }: LaidProps & { readonly half: number }) {
  const { picture, sideA, sideB } = scarf.figures;
  const strip = (x: number, foot: number, down: number) =>
    `M${x - half} -34Q${x} -36 ${x + half} -34C${x + half - 1} -10 ${foot + half} 10 ${foot + half} ${down}H${foot - half}C${foot - half} 10 ${x - half - 1} -10 ${x - half} -34Z`;
  const fringe = (x: number, down: number) =>
    Array.from({ length: 9 }, (_, i) => `M${x - half + (2 * half * (i + 0.5)) / 9} ${down}v4`).join("");
  const edge = tonesOf(trim ?? paint.ground);
  return (
    <>
      {[
        { x: 4, foot: 9, down: 26 },
        { x: -3, foot: -7, down: 32 },
      ].map(({ x, foot, down }, i) => (
        <g key={x}>
          <path d={fringe(foot, down)} stroke={edge.ground} strokeWidth={0.9} />
          <Shape
            id={`${id}-${i}`}
            paint={paint}
            parts={[{ d: strip(x, foot, down) }]}
            shades={[
              `M${x + half * 0.5} -36C${x + half * 0.4} -8 ${foot + half * 0.5} 8 ${foot + half * 0.4} ${down}H${foot + half + 2}V-36Z`,
            ]}
            lights={[
              `M${x - half * 0.6} -34C${x - half * 0.6} -10 ${foot - half * 0.6} 8 ${foot - half * 0.6} ${down}H${foot - half * 0.3}C${foot - half * 0.3} 8 ${x - half * 0.3} -10 ${x - half * 0.3} -34Z`,
            ]}
            folds={[
              `M${x - half * 0.2} -35C${x - half * 0.3} -12 ${foot - half * 0.1} 6 ${foot - half * 0.2} ${down - 5}`,
            ]}
            width={0.4}
            within={
              picture ? (
                <g
                  transform={`translate(${(x + foot) / 2 + half + 3}, -36) rotate(90) scale(${74 / sideA}, ${(2 * half + 6) / sideB})`}
                >
                  <FlatPicture picture={picture} sides={[sideA, sideB]} />
                </g>
              ) : (
                trim && (
                  <path d={`M${foot - half} ${down - 2.4}H${foot + half}`} stroke={trim} strokeWidth={2.2} />
                )
              )
            }
          />
        </g>
      ))}
    </>
  );
}
