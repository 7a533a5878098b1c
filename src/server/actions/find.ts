"use server";

import Joi from "joi";
import type { Outcome } from "@/core/schema/outcome";
import type { FoundRecord } from "@/core/studio/found";
import { findByName } from "../records/find";
import { act } from "./act";

const schema = Joi.object<{ words: string }>({
  words: Joi.string().trim().min(1).max(80).required().label("Words"),
});

/** Finds clients, pieces, sets, bases and occasions by words of their names. */
export async function find(input: unknown): Promise<Outcome<FoundRecord[]>> {
  return act("see", schema, input, (tenant, { words }) => findByName(tenant, words));
}
