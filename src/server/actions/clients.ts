"use server";

import { revalidatePath } from "next/cache";
import type { Outcome } from "@/core/schema/outcome";
import { clientForm } from "@/core/schema/forms/client-form";
import { addClient, bringClientBack, changeClient, findClient, putClientAway } from "../records/clients";
import { actBesideOthers } from "./act";
import { toggleAway } from "./toggle-away";

/** Adds a client, or changes one when an id and version come along. */
export async function saveClient(input: unknown): Promise<Outcome<string>> {
  const outcome = await actBesideOthers("measure", clientForm, input, {
    work: async (tenant, { id, version, ...client }) => {
      if (id === null || version === null) return addClient(tenant, client);
      await changeClient(tenant, { id, version }, client);
      return id;
    },
    now: async (tenant, { id }) => {
      const record = id === null ? null : await findClient(tenant, id);
      return record && { ...record.client, notes: record.notes, version: record.version };
    },
  });
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

export async function moveClient(input: { id: string; away: boolean }): Promise<Outcome<null>> {
  return toggleAway("measure", input, putClientAway, bringClientBack);
}
