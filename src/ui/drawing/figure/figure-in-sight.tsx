"use client";

import { useMemo, type CSSProperties } from "react";
import { dress } from "@/core/dressing/dress";
import type { LengthUnit } from "@/core/length/length";
import type { Look } from "@/core/piece/look";
import { InSight } from "../in-sight";
import { Figure } from "./figure";

interface DrawnProps {
  readonly look: Look;
  readonly unit: LengthUnit;
  readonly label: string;
}

interface FigureInSightProps extends DrawnProps {
  readonly className: string;
  readonly style?: CSSProperties;
  /** The page comes with it drawn. */
  readonly atOnce?: boolean;
}

/** A look on the body, without the tape, dressed and drawn by the browser once it comes near the window. */
export function FigureInSight({ className, style, atOnce = false, ...drawn }: FigureInSightProps) {
  return (
    <InSight label={drawn.label} className={className} atOnce={atOnce} {...(style && { style })}>
      {() => <DrawnLook {...drawn} />}
    </InSight>
  );
}

/** A look on the body, without the tape. */
export function DrawnLook({ look, unit, label }: DrawnProps) {
  const dressed = useMemo(() => dress(look), [look]);
  return <Figure dressed={dressed} unit={unit} label={label} plain className="size-full" />;
}
