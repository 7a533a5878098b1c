"use server";

import Joi from "joi";
import { revalidatePath } from "next/cache";
import { finishNames } from "@/core/finish/finishes";
import { metalNames } from "@/core/finish/metals";
import type { Outcome } from "@/core/schema/outcome";
import { between, oneOf, uuid } from "@/core/schema/parts";
import { gapColours, gapForms, type GapFacts } from "@/core/search/gap-spec";
import type { GapInput } from "@/core/studio/gap-record";
import { addGap, bringGapBack, changeGap, putGapAway } from "../records/gaps";
import { act } from "./act";
import { toggleAway } from "./toggle-away";

const noted = {
  note: Joi.string().trim().allow("").max(400).required().label("Note"),
  budget: Joi.number().min(0).max(1_000_000).precision(2).allow(null).required().label("Budget"),
};

const schema = Joi.object<GapInput>({
  clientId: uuid.required().label("Client"),
  facts: Joi.object<GapFacts>({
    form: oneOf(gapForms).required().label("Form"),
    colour: oneOf(gapColours).required().label("Colour"),
    finish: oneOf(finishNames).required().label("Finish"),
    level: between(1, 9).required().label("Level"),
    metal: oneOf(metalNames).required().label("Metal"),
  }).required(),
  opens: Joi.array().items(Joi.string().trim().max(250)).max(500).required().label("What it opens"),
  ...noted,
});

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
  ...noted,
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
