"use client";

import { useMemo } from "react";
import { dress } from "@/core/dressing/dress";
import type { Dressed } from "@/core/dressing/dressed";
import { lookUnder } from "@/core/reading/relit";
import { useBenchState, useDesk } from "./desk/use-desk";

/** The look on the bench in the light that was chosen. */
export function useLitLook(): Dressed {
  const { dressed } = useDesk();
  const light = useBenchState(({ light: chosen, whatIf }) => (whatIf === "evening" ? "evening" : chosen));
  return useMemo(
    () => (light === "daylight" ? dressed : dress(lookUnder(dressed.look, light))),
    [dressed, light],
  );
}
