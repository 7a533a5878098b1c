"use server";

import { revalidatePath } from "next/cache";
import { occasionForm } from "@/core/schema/forms/occasion-form";
import type { Outcome } from "@/core/schema/outcome";
import {
  addOccasion,
  bringOccasionBack,
  changeOccasion,
  findOccasion,
  putOccasionAway,
} from "../records/occasions";
import { actBesideOthers } from "./act";
import { toggleAway } from "./toggle-away";

/** Adds an occasion, or changes one when an id and version come along. */
export async function saveOccasion(input: unknown): Promise<Outcome<string>> {
  const outcome = await actBesideOthers("work", occasionForm, input, {
    work: async (tenant, { id, version, ...occasion }) => {
      if (id === null || version === null) return addOccasion(tenant, occasion);
      await changeOccasion(tenant, { id, version }, occasion);
      return id;
    },
    now: async (tenant, { id }) => {
      const record = id === null ? null : await findOccasion(tenant, id);
      if (!record) return null;
      const { id: _id, ...occasion } = record.occasion;
      return { id, version: record.version, clientId: record.clientId, occasion };
    },
  });
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

export async function moveOccasion(input: { id: string; away: boolean }): Promise<Outcome<null>> {
  return toggleAway("work", input, putOccasionAway, bringOccasionBack);
}
