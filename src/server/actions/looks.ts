"use server";

import Joi from "joi";
import { lookForm } from "@/core/schema/forms/look-form";
import type { Outcome } from "@/core/schema/outcome";
import { uuid } from "@/core/schema/parts";
import type { LookOnRecord } from "@/core/studio/look-record";
import { scopeOf } from "@/core/studio/scope";
import type { LookStep } from "@/core/studio/look-steps";
import { serverWords } from "@/words/server";
import { listSteps } from "../records/look-steps";
import { bringLookBack, findLook, keepLook, putLookAway } from "../records/looks";
import { Refusal } from "../records/refusal";
import { act, actBesideOthers } from "./act";
import { toggleAway } from "./toggle-away";

/**
 * Keeps the look on the bench; called in the background after each change. Gives back its version; where another page
 * has kept it meanwhile, what stands on record comes with the refusal.
 */
export async function saveLook(input: unknown): Promise<Outcome<number>> {
  return actBesideOthers("work", lookForm, input, {
    work: async (tenant, { madeBy, ...look }, session) => {
      if (madeBy !== scopeOf(session)) throw new Refusal("session", serverWords.somebodyElseIsSignedIn);
      return keepLook(tenant, look);
    },
    now: async (tenant, { id }): Promise<LookOnRecord | null> => {
      const look = await findLook(tenant, id);
      return look && { look, steps: await listSteps(tenant, id) };
    },
  });
}

/** The steps of a look that is taken up at the bench. */
export async function stepsOfLook(input: unknown): Promise<Outcome<LookStep[]>> {
  const schema = Joi.object<{ lookId: string }>({ lookId: uuid.required() });
  return act("work", schema, input, (tenant, { lookId }) => listSteps(tenant, lookId));
}

/** Puts a look away, or brings it back. */
export async function moveLook(input: { id: string; away: boolean }): Promise<Outcome<null>> {
  return toggleAway("work", input, putLookAway, bringLookBack);
}
