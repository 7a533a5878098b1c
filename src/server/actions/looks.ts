"use server";

import Joi from "joi";
import { verdicts } from "@/core/reading/verdict";
import { adjustments } from "@/core/schema/adjustment";
import type { Outcome } from "@/core/schema/outcome";
import { between, oneOf, uuid } from "@/core/schema/parts";
import { type LookRecord } from "@/core/studio/look-record";
import { keepLook } from "../records/looks";
import { act } from "./act";

const schema = Joi.object<LookRecord>({
  id: uuid.required(),
  clientId: uuid.required(),
  baseId: uuid.required().label("Base"),
  occasionId: uuid.allow(null).required().label("Occasion"),
  accessoryIds: Joi.array().items(uuid).max(40).required().label("Accessories"),
  adjustments,
  ownVerdict: oneOf(verdicts).allow(null).required().label("Verdict"),
  read: Joi.object({
    verdict: oneOf(verdicts).required(),
    score: between(0, 100).required(),
    ruleBookVersion: Joi.number().integer().min(1).required(),
  })
    .allow(null)
    .default(null)
    .label("Reading"),
});

/** Keeps the look on the bench; called in the background after each change. */
export async function saveLook(input: unknown): Promise<Outcome<null>> {
  return act(schema, input, async (tenant, look) => {
    await keepLook(tenant, look);
    return null;
  });
}
