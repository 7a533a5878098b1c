import Joi from "joi";
import { effectValues } from "../../reading/verdict";
import { registry } from "../../rules/registry";
import type { Overruling } from "../../studio/overruling";
import { oneOf, uuid } from "../parts";

/** What the stylist sets aside, and why. */
export const overrulingForm = Joi.object<Overruling & { readonly clientId: string }>({
  id: uuid.required(),
  clientId: uuid.required(),
  lookId: uuid.allow(null).required(),
  rule: oneOf(registry.map(({ id }) => id))
    .required()
    .label("Rule"),
  effect: oneOf(Object.keys(effectValues)).required(),
  pieceIds: Joi.array().items(uuid).max(60).required(),
  reason: Joi.string().trim().min(1).max(400).required().label("Reason"),
});
