"use client";

import type { CSSProperties, ReactNode } from "react";
import { useInView } from "react-intersection-observer";

interface InSightProps {
  /** What is drawn, in words, for those who wait for it; none where it only adorns. */
  readonly label?: string;
  /** Gives it its size, drawn or not. */
  readonly className: string;
  readonly style?: CSSProperties;
  /** For the few that are in sight as soon as a place opens: the page comes with them drawn. */
  readonly atOnce?: boolean;
  readonly children: () => ReactNode;
}

/**
 * Draws once it comes near the window: a list of many is sent as what it is drawn from, a tenth of what the drawings
 * would weigh.
 */
export function InSight({ label, className, style, atOnce = false, children }: InSightProps) {
  const { ref, inView: isNear } = useInView({ triggerOnce: true, rootMargin: "300px" });
  const isDrawn = atOnce || isNear;
  return (
    <span
      ref={ref}
      className={`block ${className}`}
      style={style}
      {...(isDrawn || label === undefined ? {} : { role: "img", "aria-label": label })}
    >
      {isDrawn && children()}
    </span>
  );
}
