import Joi from "joi";
import type { Declined } from "../../studio/declined";
import { uuid } from "../parts";

/** A piece that a client says no to, and why. */
export const declinedForm = Joi.object<Declined & { readonly clientId: string }>({
  id: uuid.required(),
  clientId: uuid.required(),
  pieceId: uuid.required().label("Piece"),
  reason: Joi.string().trim().min(1).max(400).required().label("Reason"),
});
