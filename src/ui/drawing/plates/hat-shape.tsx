import type { ReactNode } from "react";
import type { PieceOf } from "@/core/piece/piece";
import { Shape } from "../cloth/shape";
import type { Paint } from "../paint";

interface HatShapeProps {
  readonly hat: PieceOf<"hat">;
  readonly paint: Paint;
  readonly id: string;
}

const crown =
  "M-9.2 -0.4C-9.6 -6 -8.8 -10.4 -5.6 -11.2C-2.6 -11.6 -1.4 -10.2 0 -10.2C1.4 -10.2 2.6 -11.6 5.6 -11.2C8.8 -10.4 9.6 -6 9.2 -0.4Q0 2 -9.2 -0.4Z";
const shade = "M9.6 -0.4C9.6 -6 8.8 -11 5 -11.6C7.4 -8 7.4 -3 6 1.4Z";
const light = "M-7 -9C-7.8 -6 -7.8 -3 -7.4 -0.8L-5.4 -0.3C-5.8 -3.4 -5.8 -6.4 -5.2 -9.6Z";

function Beret({ paint, id }: HatShapeProps) {
  return (
    <Shape
      id={id}
      paint={paint}
      parts={[
        {
          d: "M-9.2 0C-13 -1 -17.4 -3.6 -15.6 -7.4C-13.4 -11.4 -3 -12.6 3.4 -11.2C10 -9.8 12.4 -5 9.4 0Q0 2.2 -9.2 0Z",
        },
        { d: "M-1 -11.4l0.3 -1.9h0.9l0.1 1.9Z" },
      ]}
      shades={["M9.8 0C12.4 -5 10 -10 3.4 -11.4C7.8 -8.6 8 -3.6 5.4 1.4Z"]}
      folds={["M-8.6 -1.6C-12 -3.4 -13.6 -5.4 -13.2 -7.6", "M-4 -2C-7.6 -4.4 -9 -7 -8.6 -9.4"]}
      seams={["M-9.2 -1.5Q0 0.8 9.3 -1.5"]}
    />
  );
}

function KnitCap({ paint, id }: HatShapeProps) {
  return (
    <Shape
      id={id}
      paint={paint}
      parts={[{ d: "M-9.5 1.6C-10.8 -14 10.8 -14 9.5 1.6Q0 3.6 -9.5 1.6Z" }]}
      shades={[shade]}
      seams={["M-9.9 -3.4Q0 -1.2 9.9 -3.4"]}
      folds={["M-6 -3v-5.4", "M-3 -2.4v-7", "M0 -2.3v-7.4", "M3 -2.4v-7", "M6 -3v-5.4"]}
    />
  );
}

function PeakedCap({ paint, id }: HatShapeProps) {
  return (
    <Shape
      id={id}
      paint={paint}
      parts={[
        { d: "M-9.3 0C-9.8 -13.4 9.8 -13.4 9.3 0Q0 1.8 -9.3 0Z" },
        { d: "M-8.6 -0.6C-6.6 -2.4 6.6 -2.4 8.6 -0.6C8.8 2.4 4.6 3.8 0 3.8C-4.6 3.8 -8.8 2.4 -8.6 -0.6Z" },
      ]}
      shades={[shade, "M-8.6 1C-5 3 5 3 8.6 1C8.4 3 4.6 4.2 0 4.2C-4.6 4.2 -8.4 3 -8.6 1Z"]}
      seams={[
        "M0 -10V-1.9",
        "M-5 -9C-6.6 -6 -6.8 -3.4 -6.4 -1.4",
        "M5 -9C6.6 -6 6.8 -3.4 6.4 -1.4",
        "M-8.6 -0.6C-6.6 -2.4 6.6 -2.4 8.6 -0.6",
      ]}
    />
  );
}

function Brimmed({ hat, paint, id }: HatShapeProps) {
  const band = hat.swatches.find(({ role }) => role === "trim")?.hex ?? null;
  const { brim } = hat.figures;
  const reach = 9.4 + brim;
  const tall = 1.6 + brim * 0.17;
  return (
    <>
      <Shape
        id={`${id}-brim`}
        paint={paint}
        parts={[
          {
            d: `M${-reach} 0.4C${-reach} ${-tall} ${reach} ${-tall} ${reach} 0.4C${reach * 0.9} ${tall + 0.8} ${-reach * 0.9} ${tall + 0.8} ${-reach} 0.4Z`,
          },
        ]}
        shades={[
          `M${-reach} 0.9C${-reach * 0.8} ${tall * 0.7} ${reach * 0.8} ${tall * 0.7} ${reach} 0.9C${reach * 0.9} ${tall + 1.2} ${-reach * 0.9} ${tall + 1.2} ${-reach} 0.9Z`,
        ]}
      />
      <Shape
        id={id}
        paint={paint}
        parts={[{ d: crown }]}
        shades={[shade]}
        lights={[light]}
        folds={["M-3.6 -10.4C-1.6 -8.6 1.6 -8.6 3.6 -10.4"]}
        within={band && <path d="M-9.6 -3.6Q0 -1.2 9.6 -3.6V0Q0 2.4 -9.6 0Z" fill={band} />}
      />
    </>
  );
}

const shapes: Readonly<Record<PieceOf<"hat">["figures"]["form"], (props: HatShapeProps) => ReactNode>> = {
  felt: Brimmed,
  straw: Brimmed,
  beret: Beret,
  "knit cap": KnitCap,
  "peaked cap": PeakedCap,
};

/** A hat from the front in cm, for a head of usual size: the middle of its lower edge at the origin, y down. */
export function HatShape(props: HatShapeProps) {
  return shapes[props.hat.figures.form](props);
}
