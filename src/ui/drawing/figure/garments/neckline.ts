import type { PieceOf } from "@/core/piece/piece";
import type { Frame } from "../frame";

type Neckline = PieceOf<"top">["figures"]["neckline"];

/** The opening of an upper garment at the neck, in drawing coordinates (y down). */
export interface NeckOpening {
  /** Where the shoulder seam begins: half the opening's width, and its height above the footbed. */
  readonly half: number;
  readonly height: number;
  /** Lowest point of the opening above the footbed. */
  readonly lowest: number;
  /** Path from the left end of the opening to the right one. */
  readonly edge: string;
  /** A line following the opening, for a knitted rib. */
  readonly rib: string | null;
  readonly collar: readonly string[];
}

/** The opening of a neckline on a body. */
export function necklineOf(neckline: Neckline, below: number, frame: Frame): NeckOpening {
  const neck = frame.body.measures.neckPoint.cm;
  const close = frame.neckHalf * 1.12;
  const lowest = neck - Math.max(0, below);
  const plain = { half: close, height: neck + 0.6, lowest, rib: null, collar: [] as string[] };
  switch (neckline) {
    case "v":
    case "wrap":
      return {
        ...plain,
        edge: `Q ${-close * 0.6} ${-(neck - 6)} 0 ${-lowest} Q ${close * 0.6} ${-(neck - 6)} ${close} ${-plain.height}`,
        rib: null,
      };
    case "shirt collar":
      return {
        ...plain,
        edge: `L 0 ${-lowest} L ${close} ${-plain.height}`,
        collar: shirtCollar(frame, lowest),
      };
    case "scoop":
    case "crew":
    case "cowl":
      return {
        ...plain,
        edge: round(close, plain.height, lowest),
        rib: round(close + 1.5, plain.height - 0.2, lowest - 2, true),
      };
    case "square":
      return {
        ...plain,
        half: close * 1.25,
        edge: `L ${-close * 1.15} ${-lowest} L ${close * 1.15} ${-lowest} L ${close * 1.25} ${-plain.height}`,
      };
    case "strapless":
      return {
        ...plain,
        half: frame.armpit.x * 0.96,
        height: neck - below + 3,
        edge: `Q ${-frame.armpit.x * 0.4} ${-(lowest + 1)} 0 ${-lowest} Q ${frame.armpit.x * 0.4} ${-(lowest + 1)} ${frame.armpit.x * 0.96} ${-(neck - below + 3)}`,
      };
    case "halter":
      return { ...plain, edge: `Q 0 ${-(neck - 1)} ${close} ${-plain.height}` };
    case "boat": {
      const half = close + (frame.shoulderHalf - close) * 0.5;
      const height = neck - (neck - frame.body.measures.shoulder.cm) * 0.5;
      return { ...plain, half, height, edge: `Q 0 ${-(height - 4.5)} ${half} ${-height}` };
    }
    case "roll": {
      const top = neck + 5.5;
      return {
        ...plain,
        half: close * 1.06,
        edge: `L ${-close * 1.02} ${-top} Q 0 ${-(top - 1)} ${close * 1.02} ${-top} L ${close * 1.06} ${-plain.height}`,
        rib: `M ${-close} ${-(neck + 2)} Q 0 ${-(neck - 0.6)} ${close} ${-(neck + 2)}`,
      };
    }
  }
}

function round(half: number, height: number, lowest: number, open = false): string {
  const depth = height - lowest;
  const start = open ? `M ${-half} ${-height} ` : "";
  return `${start}C ${-half * 0.86} ${-(height - depth * 1.3)} ${half * 0.86} ${-(height - depth * 1.3)} ${half} ${-height}`;
}

/** Two collar leaves turned down from the neck. */
function shirtCollar(frame: Frame, lowest: number): string[] {
  const neck = frame.body.measures.neckPoint.cm;
  const x = frame.neckHalf;
  return [1, -1].map(
    (side) =>
      `M ${side * x * 0.98} ${-(neck + 3.2)} Q ${side * (x * 1.35)} ${-(neck + 1)} ${side * (x + 3.4)} ${-(neck - 3.6)} L ${side * (x * 0.75)} ${-(lowest + 0.4)} L 0 ${-lowest} Q ${side * x * 0.7} ${-(neck - 3)} ${side * x * 0.98} ${-(neck + 3.2)} Z`,
  );
}
