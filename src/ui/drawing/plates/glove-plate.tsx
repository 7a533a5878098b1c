import type { PieceOf } from "@/core/piece/piece";
import { Shape } from "../cloth/shape";
import type { Paint } from "../paint";

/** From the tip of the longest finger to the wrist, cm. */
const handLong = 16.5;
/** How far the middle of each glove lies from the middle of the pair, cm. */
const apart = 6.6;

/** The height of a pair laid down, cm. */
export function gloveHeight({ figures }: PieceOf<"gloves">): number {
  return handLong + figures.length;
}

/** A pair of gloves laid down side by side, in cm: the fingertips at y = 0, the middle of the pair at x = 0. */
export function GlovePlate({
  gloves,
  paint,
  id,
}: {
  readonly gloves: PieceOf<"gloves">;
  readonly paint: Paint;
  readonly id: string;
}) {
  const cuff = gloves.figures.length;
  return (
    <>
      {[-1, 1].map((side) => {
        const lay = (path: string) => laid(path, side);
        return (
          <Shape
            key={side}
            id={`${id}-${side}`}
            parts={[{ d: lay(handOver(cuff)) }]}
            paint={paint}
            width={0.22}
            shades={[shadeFor(side, cuff)]}
            lights={[
              laid(
                "M -3.2 8.6 C -3.4 11 -3 13.6 -2.7 15.5 L -2.2 15.4 C -2.4 13 -2.8 11 -2.8 8.7 Z",
                1,
                side,
              ),
            ]}
            seams={points.map(lay)}
            folds={[
              lay(
                `M -3.4 ${handLong + 0.2} C -1.4 ${handLong + 1} 1.4 ${handLong + 1} 3.3 ${handLong + 0.1}`,
              ),
              lay("M 2.6 12.6 C 3.2 11.6 3.5 10.6 3.6 9.6"),
            ]}
            stitches={[
              lay(
                `M -3.4 ${handLong + cuff - 0.7} C -1.4 ${handLong + cuff - 0.1} 1.4 ${handLong + cuff - 0.1} 3.4 ${handLong + cuff - 0.7}`,
              ),
            ]}
          />
        );
      })}
    </>
  );
}

/** The back of a right hand with its cuff; the thumb lies to the right. */
function handOver(cuff: number): string {
  const end = handLong + cuff;
  return [
    "M -3.4 16.5 C -3.9 13.5 -4.2 11 -4 9",
    "C -4.4 7 -4.7 5.3 -4.5 4.3 C -4.3 3.5 -3.1 3.5 -2.9 4.4 L -2.5 7.6",
    "C -2.6 5.5 -2.5 3.1 -2.3 1.9 C -2.1 1 -0.9 1 -0.75 1.9 L -0.5 7.2",
    "C -0.45 5 -0.3 1.9 -0.1 0.9 C 0.1 0 1.3 0 1.45 1 L 1.55 7.3",
    "C 1.8 5.5 2.1 3.3 2.4 2.3 C 2.7 1.4 3.9 1.6 3.85 2.6 C 3.8 5 3.6 7 3.5 8.9",
    "C 4 8.1 4.9 6.9 5.6 6.3 C 6.4 5.7 7.2 6.5 6.8 7.4 C 6 9.5 5 12.3 3.9 14.7 C 3.7 15.3 3.5 15.9 3.4 16.5",
    `C 3.5 ${handLong + cuff * 0.4} 3.7 ${handLong + cuff * 0.7} 3.7 ${end}`,
    `C 1.6 ${end + 0.7} -1.6 ${end + 0.7} -3.7 ${end}`,
    `C -3.7 ${handLong + cuff * 0.7} -3.5 ${handLong + cuff * 0.4} -3.4 16.5 Z`,
  ].join(" ");
}

/** The three raised seams on the back of a hand. */
const points = ["M -2.3 9 L -1.9 13.2", "M -0.1 8.7 L 0 13.2", "M 1.9 9 L 1.8 13.2"];

/** The side away from the light: the light comes from the upper left, whichever hand it is. */
function shadeFor(side: number, cuff: number): string {
  const edge = side > 0 ? 2.3 : 2.6;
  const end = handLong + cuff + 2;
  return laid(
    `M ${edge} 1 C ${edge - 0.3} 6 ${edge - 0.5} 11 ${edge - 0.2} ${end} L 9 ${end} L 9 1 Z`,
    1,
    side,
  );
}

/** A path of pairs of numbers, mirrored for the left hand, in its place beside the other. */
function laid(path: string, hand: number, at = hand): string {
  let count = 0;
  return path.replace(/-?\d+(?:\.\d+)?/g, (number) => {
    count += 1;
    const value = Number(number);
    return String(count % 2 === 1 ? Math.round((value * hand + at * apart) * 100) / 100 : value);
  });
}
