"use server";

import Joi from "joi";
import { revalidatePath } from "next/cache";
import { lengthUnits, type LengthUnit } from "@/core/length/length";
import type { Outcome } from "@/core/schema/outcome";
import { oneOf } from "@/core/schema/parts";
import { setLengthUnit, setTimeZone } from "../records/studio";
import { act } from "./act";

const unitSchema = Joi.object<{ unit: LengthUnit }>({
  unit: oneOf(lengthUnits).required().label("Unit of length"),
});

/** Sets whether the studio reads cm or inches. */
export async function saveLengthUnit(input: unknown): Promise<Outcome<null>> {
  const outcome = await act(unitSchema, input, async (tenant, { unit }) => {
    await setLengthUnit(tenant, unit);
    return null;
  });
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

const zoneSchema = Joi.object<{ zone: string }>({
  zone: Joi.string().max(80).required().label("Time zone"),
});

/** Sets the time zone whose day is the studio's today. */
export async function saveTimeZone(input: unknown): Promise<Outcome<null>> {
  const outcome = await act(zoneSchema, input, async (tenant, { zone }) => {
    await setTimeZone(tenant, zone);
    return null;
  });
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}
