"use server";

import Joi from "joi";
import type { Outcome } from "@/core/schema/outcome";
import { railViews, railWishFields } from "@/core/schema/rail-wish";
import type { RailWindow, RailWish } from "@/core/studio/rail";
import { railWindow } from "../records/rail";
import { setRailViews } from "../records/rail-views";
import { act } from "./act";

const schema = Joi.object<RailWish & { readonly from: number }>({
  ...railWishFields,
  from: Joi.number().integer().min(0).max(1_000_000).required().label("First piece"),
});

/** A window of the rail, from one place on. */
export async function lookAlongRail(input: unknown): Promise<Outcome<RailWindow>> {
  return act("see", schema, input, (tenant, { from, ...wish }) => railWindow(tenant, wish, from));
}

/** Keeps the ways in which whoever is signed in has the rail narrowed. */
export async function saveRailViews(input: unknown): Promise<Outcome<null>> {
  return act("see", railViews, input, async (tenant, { views }, { userId }) => {
    await setRailViews(tenant, userId, views);
    return null;
  });
}
