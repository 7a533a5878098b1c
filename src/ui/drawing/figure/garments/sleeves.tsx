import { sleeveEnds } from "@/core/body/sleeve-ends";
import type { PieceOf } from "@/core/piece/piece";
import type { Frame } from "../frame";
import { armPath } from "../limbs";
import type { GarmentStyle } from "./style";

type Sleeve = PieceOf<"top">["figures"]["sleeve"];

/** The outlines of both sleeves; none for a sleeveless garment. */
export function sleeveParts(sleeve: Sleeve, frame: Frame, ease: number): string[] {
  const end = sleeveEnds[sleeve];
  return end === null ? [] : [1, -1].map((side) => armPath(frame, side, ease, end * frame.body.height));
}

interface SleeveLinesProps {
  readonly sleeve: Sleeve;
  readonly frame: Frame;
  readonly ease: number;
  readonly style: GarmentStyle;
  /** How far up a cuff or a rib reaches, cm; 0 for a plain hem. */
  readonly cuff?: number;
}

/** The seam of the armhole, a fold at the elbow, and the cuff. */
export function SleeveLines({ sleeve, frame, ease, style, cuff = 0 }: SleeveLinesProps) {
  const end = sleeveEnds[sleeve];
  if (end === null) return null;
  const { measures, height: H } = frame.body;
  const shoulder = measures.shoulder.cm;
  const to = end * H;
  const edge = (h: number, out: number) => frame.armAxis(h) + out * (frame.armHalf(h) + ease);
  const elbow = measures.elbow.cm;
  return (
    <g>
      {[1, -1].map((side) => (
        <g key={side}>
          <path
            d={`M ${side * (frame.shoulderHalf * 0.92)} ${-(shoulder + 0.4)} Q ${side * (frame.armpit.x - 1.2)} ${-(shoulder - 4)} ${side * (frame.armpit.x + ease * 0.4)} ${-frame.armpit.height + 0.5}`}
            {...style.fold}
          />
          {to < elbow - 4 && (
            <path
              d={`M ${side * edge(elbow + 1, -0.96)} ${-(elbow + 1)} Q ${side * edge(elbow, -0.2)} ${-(elbow - 0.6)} ${side * edge(elbow - 1, 0.1)} ${-(elbow - 2)}`}
              {...style.fold}
            />
          )}
          {cuff > 0 && (
            <path
              d={`M ${side * edge(to + cuff, -1)} ${-(to + cuff)} Q ${side * edge(to + cuff, 0)} ${-(to + cuff) + 0.5} ${side * edge(to + cuff, 1)} ${-(to + cuff)}`}
              {...style.fold}
            />
          )}
        </g>
      ))}
    </g>
  );
}
