import Joi from "joi";
import { day, uuid } from "../parts";

/** A set that was worn: on a day, or today. */
export const wearForm = Joi.object<{ clientId: string; setId: string; day: string | null }>({
  clientId: uuid.required().label("Client"),
  setId: uuid.required().label("Set"),
  day: day.allow(null).required(),
});
