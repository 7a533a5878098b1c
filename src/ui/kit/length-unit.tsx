"use client";

import { createContext, useContext, type ReactNode } from "react";
import type { LengthUnit } from "@/core/length/length";

const Unit = createContext<LengthUnit>("cm");

/** Gives every place below it the studio's unit of length. */
export function LengthUnitProvider({
  unit,
  children,
}: {
  readonly unit: LengthUnit;
  readonly children: ReactNode;
}) {
  return <Unit value={unit}>{children}</Unit>;
}

/** The unit in which the studio reads lengths. */
export function useLengthUnit(): LengthUnit {
  return useContext(Unit);
}
