"use server";

import Joi from "joi";
import type { Outcome } from "@/core/schema/outcome";
import type { Shortcuts } from "@/core/studio/shortcuts";
import { setShortcuts } from "../records/member-keys";
import { requireSession } from "../session/session";
import { act } from "./act";

const schema = Joi.object<Shortcuts>({
  single: Joi.boolean().required().label("Keys of a single letter"),
  keys: Joi.object()
    .pattern(Joi.string().max(40), Joi.string().allow("").max(40))
    .max(100)
    .required()
    .label("Keys"),
});

/** Keeps the keys of whoever is signed in. */
export async function saveShortcuts(input: unknown): Promise<Outcome<null>> {
  const { userId } = await requireSession();
  return act(schema, input, async (tenant, shortcuts) => {
    await setShortcuts(tenant, userId, shortcuts);
    return null;
  });
}
