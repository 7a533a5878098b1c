import type { ReactNode } from "react";
import type { Paint } from "../paint";

/** One closed path of a shape. */
export interface Part {
  readonly d: string;
  /** Of its own paint, as a sleeve whose print turns with the arm. */
  readonly fill?: string;
}

interface ShapeProps {
  /** Unique in the drawing. */
  readonly id: string;
  readonly parts: readonly Part[];
  readonly paint: Paint;
  /** Closed paths in shadow, away from the light at the upper left. */
  readonly shades?: readonly string[];
  /** Closed paths that throw the light back, where the surface does. */
  readonly lights?: readonly string[];
  /** Lines where the cloth is folded. */
  readonly folds?: readonly string[];
  /** Lines where it is sewn, and rows of stitches beside them. */
  readonly seams?: readonly string[];
  readonly stitches?: readonly string[];
  /** Width of the outline, cm; inner lines are in proportion. */
  readonly width?: number;
  /** What lies over it and keeps within its outline. */
  readonly within?: ReactNode;
  /** What is seen behind it, where it is open. */
  readonly behind?: ReactNode;
  readonly children?: ReactNode;
}

/**
 * Several closed paths drawn as one piece of cloth or leather: a line round the whole, none where they overlap; its
 * surface; one flat shadow; one streak of light; folds, seams and stitches, all within its outline.
 */
export function Shape({
  id,
  parts,
  paint,
  shades = [],
  lights = [],
  folds = [],
  seams = [],
  stitches = [],
  width = 0.3,
  within,
  behind,
  children,
}: ShapeProps) {
  const { tones, surface } = paint;
  const shape = (at: number) => `${id}-${at}`;
  return (
    <g strokeLinejoin="round">
      <defs>
        {parts.map(({ d }, at) => (
          <path key={at} d={d} id={shape(at)} />
        ))}
        <clipPath id={id}>
          {parts.map((_, at) => (
            <use key={at} href={`#${shape(at)}`} />
          ))}
        </clipPath>
      </defs>
      {behind}
      <g opacity={surface.cover < 1 ? surface.cover : undefined}>
        <g stroke={tones.outline} strokeWidth={2 * width}>
          {parts.map(({ fill = paint.fill }, at) => (
            <use key={at} href={`#${shape(at)}`} fill={fill} />
          ))}
        </g>
        {parts.map(({ fill = paint.fill }, at) => (
          <use key={at} href={`#${shape(at)}`} fill={fill} />
        ))}
      </g>
      <g clipPath={`url(#${id})`}>
        {paint.texture && <rect x={-150} y={-260} width={300} height={420} fill={paint.texture} />}
        {surface.darkEdge && (
          <g fill="none" stroke="#000" strokeOpacity={0.16} strokeWidth={2.4}>
            {parts.map((_, at) => (
              <use key={at} href={`#${shape(at)}`} />
            ))}
          </g>
        )}
        {within}
        {shades.length > 0 && <path d={shades.join(" ")} fill="#000" fillOpacity={tones.shade} />}
        {surface.shine > 0 && lights.length > 0 && (
          <path d={lights.join(" ")} fill="#fff" fillOpacity={surface.shine} />
        )}
        <Lines {...{ folds, seams, stitches, width, tones }} />
      </g>
      {children}
    </g>
  );
}

type LinesProps = Required<Pick<ShapeProps, "folds" | "seams" | "stitches" | "width">> & Pick<Paint, "tones">;

const thin = { fill: "none", strokeLinecap: "round", strokeLinejoin: "round" } as const;

function Lines({ folds, seams, stitches, width, tones }: LinesProps) {
  return (
    <>
      {folds.length > 0 && (
        <path d={folds.join(" ")} {...thin} stroke={tones.fold} strokeWidth={width * 0.85} />
      )}
      {seams.length > 0 && (
        <path d={seams.join(" ")} {...thin} stroke={tones.seam} strokeWidth={width * 0.75} />
      )}
      {stitches.length > 0 && (
        <path
          d={stitches.join(" ")}
          {...thin}
          stroke={tones.seam}
          strokeWidth={width * 0.55}
          strokeDasharray="0.7 0.5"
        />
      )}
    </>
  );
}
