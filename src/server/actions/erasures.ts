"use server";

import Joi from "joi";
import { revalidatePath } from "next/cache";
import { erasureForm } from "@/core/schema/forms/erasure-form";
import type { Outcome } from "@/core/schema/outcome";
import { uuid } from "@/core/schema/parts";
import { eraseClient, undoErasure } from "../records/erasures";
import { act } from "./act";

/** Erases a client, everything of hers; gives back the id of the receipt. */
export async function erase(input: unknown): Promise<Outcome<string>> {
  const outcome = await act("erase", erasureForm, input, (tenant, asked, { userId }) =>
    eraseClient(tenant, asked, userId),
  );
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

const receipt = Joi.object<{ readonly id: string }>({ id: uuid.required() });

/** Brings back a client who was erased within the hour; gives back her id. */
export async function bringErasedBack(input: unknown): Promise<Outcome<string>> {
  const outcome = await act("erase", receipt, input, (tenant, { id }) => undoErasure(tenant, id));
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}
