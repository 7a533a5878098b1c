"use server";

import { revalidatePath } from "next/cache";
import type { Outcome } from "@/core/schema/outcome";
import { gapForm, notedGapForm } from "@/core/schema/forms/gap-form";
import { addGap, bringGapBack, changeGap, putGapAway } from "../records/gaps";
import { act } from "./act";
import { toggleAway } from "./toggle-away";

/** Puts a missing piece on a client's list. */
export async function saveGap(input: unknown): Promise<Outcome<string>> {
  const outcome = await act("work", gapForm, input, (tenant, gap) => addGap(tenant, gap));
  if (outcome.ok) revalidatePath("/boards/gaps");
  return outcome;
}

/** Changes the note or the budget of a missing piece. */
export async function noteGap(input: unknown): Promise<Outcome<null>> {
  const outcome = await act("work", notedGapForm, input, async (tenant, { id, version, note, budget }) => {
    await changeGap(tenant, { id, version }, { note, budget });
    return null;
  });
  if (outcome.ok) revalidatePath("/boards/gaps");
  return outcome;
}

export async function moveGap(input: { id: string; away: boolean }): Promise<Outcome<null>> {
  return toggleAway("work", input, putGapAway, bringGapBack);
}
