"use server";

import Joi from "joi";
import { revalidatePath } from "next/cache";
import type { Outcome } from "@/core/schema/outcome";
import { gapFields, gapNotes } from "@/core/schema/gap";
import { uuid } from "@/core/schema/parts";
import type { GapInput } from "@/core/studio/gap-record";
import { addGap, bringGapBack, changeGap, putGapAway } from "../records/gaps";
import { act } from "./act";
import { toggleAway } from "./toggle-away";

const schema = Joi.object<GapInput>({ clientId: uuid.required().label("Client"), ...gapFields });

/** Puts a missing piece on a client's list. */
export async function saveGap(input: unknown): Promise<Outcome<string>> {
  const outcome = await act(schema, input, (tenant, gap) => addGap(tenant, gap));
  if (outcome.ok) revalidatePath("/boards/gaps");
  return outcome;
}

type Noted = Pick<GapInput, "note" | "budget"> & { readonly id: string; readonly version: number };

const notedSchema = Joi.object<Noted>({
  id: uuid.required(),
  version: Joi.number().integer().min(1).required(),
  ...gapNotes,
});

/** Changes the note or the budget of a missing piece. */
export async function noteGap(input: unknown): Promise<Outcome<null>> {
  const outcome = await act(notedSchema, input, async (tenant, { id, version, note, budget }) => {
    await changeGap(tenant, { id, version }, { note, budget });
    return null;
  });
  if (outcome.ok) revalidatePath("/boards/gaps");
  return outcome;
}

export async function moveGap(input: { id: string; away: boolean }): Promise<Outcome<null>> {
  return toggleAway(input, putGapAway, bringGapBack);
}
