import Joi from "joi";
import { uuid } from "../parts";

/** Whom to erase, and her name as somebody typed it to say that it is meant. */
export const erasureForm = Joi.object<{ readonly id: string; readonly typed: string }>({
  id: uuid.required(),
  typed: Joi.string().trim().max(200).required().label("The name"),
});
