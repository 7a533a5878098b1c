"use server";

import Joi from "joi";
import { revalidatePath } from "next/cache";
import type { Outcome } from "@/core/schema/outcome";
import { colouring, goals, limits, measured, ruleBook, seated } from "@/core/schema/client";
import { name } from "@/core/schema/parts";
import { type ClientInput } from "@/core/studio/client-record";
import { addClient, bringClientBack, changeClient, findClient, putClientAway } from "../records/clients";
import { act } from "./act";
import { keyFields, toggleAway, type Key } from "./key";

const schema = Joi.object<ClientInput & Key>({
  ...keyFields,
  name: name.required(),
  measured,
  seated,
  colouring,
  limits,
  goals,
  ruleBook,
  notes: Joi.string().allow("").max(4000).required().label("Notes"),
});

/** Adds a client, or changes one when an id and version come along. */
export async function saveClient(input: unknown): Promise<Outcome<string>> {
  const outcome = await act(
    schema,
    input,
    async (tenant, { id, version, ...client }) => {
      if (id === null || version === null) return addClient(tenant, client);
      await changeClient(tenant, { id, version }, client);
      return id;
    },
    async (tenant, { id }) => {
      const record = id === null ? null : await findClient(tenant, id);
      return record && { ...record.client, notes: record.notes, version: record.version };
    },
  );
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

export async function moveClient(input: { id: string; away: boolean }): Promise<Outcome<null>> {
  return toggleAway(input, putClientAway, bringClientBack);
}
