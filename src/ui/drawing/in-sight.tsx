"use client";

import type { CSSProperties, ReactNode } from "react";
import { useInView } from "react-intersection-observer";

interface InSightProps {
  /** What is drawn, in words, for those who wait for it; none where it only adorns. */
  readonly label?: string;
  /** Gives it its size, drawn or not. */
  readonly className: string;
  readonly style?: CSSProperties;
  readonly children: () => ReactNode;
}

/**
 * Draws once it comes near the window: a list of many is sent as what it is drawn from, a tenth of what the drawings
 * would weigh.
 */
export function InSight({ label, className, style, children }: InSightProps) {
  const { ref, inView } = useInView({ triggerOnce: true, rootMargin: "300px" });
  return (
    <span
      ref={ref}
      className={`block ${className}`}
      style={style}
      {...(inView || label === undefined ? {} : { role: "img", "aria-label": label })}
    >
      {inView && children()}
    </span>
  );
}
