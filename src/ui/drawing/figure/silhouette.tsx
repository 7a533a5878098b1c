import type { ReactNode } from "react";

interface SilhouetteProps {
  /** Unique in the drawing. */
  readonly id: string;
  /** Closed paths that make one shape together. */
  readonly parts: readonly string[];
  readonly fill: string;
  readonly line: string;
  readonly width: number;
  /** Closed paths in shadow, away from the light: they keep within the shape. */
  readonly shades: readonly string[];
  readonly children?: ReactNode;
}

/** Several closed paths drawn as one shape: a line round the whole, none where they overlap. */
export function Silhouette({ id, parts, fill, line, width, shades, children }: SilhouetteProps) {
  return (
    <g strokeLinejoin="round">
      <g fill={fill} stroke={line} strokeWidth={2 * width}>
        {parts.map((d, at) => (
          <path key={at} d={d} id={`${id}-${at}`} />
        ))}
      </g>
      <g fill={fill}>
        {parts.map((_, at) => (
          <use key={at} href={`#${id}-${at}`} />
        ))}
      </g>
      <clipPath id={`${id}-within`}>
        {parts.map((_, at) => (
          <use key={at} href={`#${id}-${at}`} />
        ))}
      </clipPath>
      <path d={shades.join(" ")} clipPath={`url(#${id}-within)`} fill="#000" fillOpacity={0.1} />
      {children}
    </g>
  );
}
