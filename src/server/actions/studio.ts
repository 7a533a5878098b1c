"use server";

import { revalidatePath } from "next/cache";
import { purgeForm, unitForm, zoneForm } from "@/core/schema/forms/settings-form";
import type { Outcome } from "@/core/schema/outcome";
import { setLengthUnit, setPurgeTime, setTimeZone } from "../records/studio";
import { act } from "./act";

/** Sets whether the studio reads cm or inches. */
export async function saveLengthUnit(input: unknown): Promise<Outcome<null>> {
  const outcome = await act("work", unitForm, input, async (tenant, { unit }) => {
    await setLengthUnit(tenant, unit);
    return null;
  });
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

/** Sets the time zone whose day is the studio's today. */
export async function saveTimeZone(input: unknown): Promise<Outcome<null>> {
  const outcome = await act("keep house", zoneForm, input, async (tenant, { zone }) => {
    await setTimeZone(tenant, zone);
    return null;
  });
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

/** Sets after how many days what was put away is purged. */
export async function savePurgeTime(input: unknown): Promise<Outcome<null>> {
  const outcome = await act("keep house", purgeForm, input, async (tenant, { days }) => {
    await setPurgeTime(tenant, days);
    return null;
  });
  if (outcome.ok) revalidatePath("/put-away");
  return outcome;
}
