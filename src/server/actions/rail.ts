"use server";

import Joi from "joi";
import type { Outcome } from "@/core/schema/outcome";
import { oneOf, uuid } from "@/core/schema/parts";
import { railOrders, shelves, studioKit, type RailWindow, type RailWish } from "@/core/studio/rail";
import { railWindow } from "../records/rail";
import { act } from "./act";

const schema = Joi.object<RailWish & { readonly from: number }>({
  owner: Joi.alternatives(uuid, Joi.string().valid(studioKit)).allow(null).required().label("Owner"),
  shelf: oneOf(shelves).required().label("Kind"),
  words: Joi.string().allow("").max(120).required().label("Find"),
  order: oneOf(railOrders).required().label("Order"),
  falling: Joi.boolean().required().label("Order"),
  from: Joi.number().integer().min(0).max(1_000_000).required().label("First piece"),
});

/** A window of the rail, from one place on. */
export async function lookAlongRail(input: unknown): Promise<Outcome<RailWindow>> {
  return act("see", schema, input, (tenant, { from, ...wish }) => railWindow(tenant, wish, from));
}
