"use server";

import Joi from "joi";
import { revalidatePath } from "next/cache";
import { lengthUnits, type LengthUnit } from "@/core/length/length";
import type { Outcome } from "@/core/schema/outcome";
import { oneOf } from "@/core/schema/parts";
import { setLengthUnit } from "../records/studio";
import { act } from "./act";

const schema = Joi.object<{ unit: LengthUnit }>({
  unit: oneOf(lengthUnits).required().label("Unit of length"),
});

/** Sets whether the studio reads cm or inches. */
export async function saveLengthUnit(input: unknown): Promise<Outcome<null>> {
  const outcome = await act(schema, input, async (tenant, { unit }) => {
    await setLengthUnit(tenant, unit);
    return null;
  });
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}
