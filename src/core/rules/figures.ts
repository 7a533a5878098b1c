import type { Unit } from "../rule-book/params";
import type { Figure } from "./finding";

/** A figure without a limit. */
export function figure(label: string, value: number, unit: Unit): Figure {
  return { label, value, unit, limit: null };
}

export function atLeast(label: string, value: number, unit: Unit, least: number): Figure {
  return { label, value, unit, limit: { least, most: null } };
}

export function atMost(label: string, value: number, unit: Unit, most: number): Figure {
  return { label, value, unit, limit: { least: null, most } };
}

/** @param limits the least and the most that would be right */
export function within(label: string, value: number, unit: Unit, limits: readonly [number, number]): Figure {
  const [least, most] = limits;
  return { label, value, unit, limit: { least, most } };
}
