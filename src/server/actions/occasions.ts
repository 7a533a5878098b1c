"use server";

import Joi from "joi";
import { revalidatePath } from "next/cache";
import { occasionFields } from "@/core/schema/occasion";
import type { Outcome } from "@/core/schema/outcome";
import { uuid } from "@/core/schema/parts";
import { type OccasionInput } from "@/core/studio/occasion-record";
import {
  addOccasion,
  bringOccasionBack,
  changeOccasion,
  findOccasion,
  putOccasionAway,
} from "../records/occasions";
import { act } from "./act";
import { keyFields, toggleAway, type Key } from "./key";

const schema = Joi.object<OccasionInput & Key>({
  ...keyFields,
  clientId: uuid.required().label("Client"),
  occasion: Joi.object(occasionFields).required(),
});

/** Adds an occasion, or changes one when an id and version come along. */
export async function saveOccasion(input: unknown): Promise<Outcome<string>> {
  const outcome = await act(
    schema,
    input,
    async (tenant, { id, version, ...occasion }) => {
      if (id === null || version === null) return addOccasion(tenant, occasion);
      await changeOccasion(tenant, { id, version }, occasion);
      return id;
    },
    async (tenant, { id }) => {
      const record = id === null ? null : await findOccasion(tenant, id);
      if (!record) return null;
      const { id: _id, ...occasion } = record.occasion;
      return { id, version: record.version, clientId: record.clientId, occasion };
    },
  );
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

export async function moveOccasion(input: { id: string; away: boolean }): Promise<Outcome<null>> {
  return toggleAway(input, putOccasionAway, bringOccasionBack);
}
