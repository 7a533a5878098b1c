import { measurementNames, measurements, type Measured } from "@/core/body/measurements";

/** The measurements of a form that are numbers and plausible; null while there is no plausible height. */
export function soundMeasured(values: unknown): Measured | null {
  if (typeof values !== "object" || values === null) return null;
  const given = values as Record<string, unknown>;
  const sound = measurementNames.flatMap((name) => {
    const value = given[name];
    const { min, max } = measurements[name];
    return typeof value === "number" && value >= min && value <= max ? [[name, value] as const] : [];
  });
  const measured = Object.fromEntries(sound) as Partial<Measured>;
  return measured.height === undefined ? null : (measured as Measured);
}
