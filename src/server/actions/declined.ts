"use server";

import Joi from "joi";
import { declinedForm } from "@/core/schema/forms/declined-form";
import type { Outcome } from "@/core/schema/outcome";
import { uuid } from "@/core/schema/parts";
import { keepDeclined, withdrawDeclined } from "../records/declined";
import { act } from "./act";

/** Keeps a piece from being offered to a client, with the reason. */
export async function declinePiece(input: unknown): Promise<Outcome<null>> {
  return act("work", declinedForm, input, async (tenant, { clientId, ...declined }) => {
    await keepDeclined(tenant, clientId, declined);
    return null;
  });
}

/** Lets a piece be offered to its client again. */
export async function offerAgain(input: unknown): Promise<Outcome<null>> {
  return act("work", Joi.object<{ id: string }>({ id: uuid.required() }), input, async (tenant, { id }) => {
    await withdrawDeclined(tenant, id);
    return null;
  });
}
