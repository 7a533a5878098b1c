"use server";

import Joi from "joi";
import { revalidatePath } from "next/cache";
import type { Outcome } from "@/core/schema/outcome";
import { uuid } from "@/core/schema/parts";
import { wearForm } from "@/core/schema/forms/wear-form";
import { template } from "@/core/schema/template";
import { sets } from "../records/sets";
import { todayIn } from "../records/studio";
import { addTemplate, bringTemplateBack, putTemplateAway } from "../records/templates";
import { addWear, strikeWear } from "../records/wears";
import { act } from "./act";
import { toggleAway } from "./toggle-away";

/** Retires a set, or takes it up again. */
export async function retireSet(input: { id: string; away: boolean }): Promise<Outcome<null>> {
  return toggleAway("work", input, sets.retire, sets.takeUp);
}

/** Writes down that a set was worn, today where no day is given; answers with the wear's id. */
export async function wearSet(input: unknown): Promise<Outcome<string>> {
  const outcome = await act("work", wearForm, input, async (tenant, { day, ...worn }) =>
    addWear(tenant, { ...worn, day: day ?? (await todayIn(tenant)) }),
  );
  if (outcome.ok) revalidatePath("/sets");
  return outcome;
}

/** Strikes out a wear that was written down by mistake. */
export async function unwearSet(input: unknown): Promise<Outcome<null>> {
  const outcome = await act(
    "work",
    Joi.object<{ id: string }>({ id: uuid.required() }),
    input,
    async (tenant, { id }) => {
      await strikeWear(tenant, id);
      return null;
    },
  );
  if (outcome.ok) revalidatePath("/sets");
  return outcome;
}

/** Keeps a template of the studio's own. */
export async function saveTemplate(input: unknown): Promise<Outcome<string>> {
  const outcome = await act("keep house", template, input, (tenant, given) => addTemplate(tenant, given));
  if (outcome.ok) revalidatePath("/sets", "layout");
  return outcome;
}

export async function moveTemplate(input: { id: string; away: boolean }): Promise<Outcome<null>> {
  return toggleAway("keep house", input, putTemplateAway, bringTemplateBack);
}
