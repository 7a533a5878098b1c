import type { ReactNode } from "react";

interface SilhouetteProps {
  /** Closed paths that make one shape together. */
  readonly parts: readonly string[];
  readonly fill: string;
  readonly line: string;
  readonly width?: number;
  readonly children?: ReactNode;
}

/** Several closed paths drawn as one shape: a line round the whole, none where they overlap. */
export function Silhouette({ parts, fill, line, width = 0.35, children }: SilhouetteProps) {
  return (
    <g strokeLinejoin="round">
      <g fill={fill} stroke={line} strokeWidth={2 * width}>
        {parts.map((d, i) => (
          <path key={i} d={d} />
        ))}
      </g>
      <g fill={fill}>
        {parts.map((d, i) => (
          <path key={i} d={d} />
        ))}
      </g>
      {children}
    </g>
  );
}
