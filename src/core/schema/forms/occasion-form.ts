import Joi from "joi";
import type { OccasionInput } from "../../studio/occasion-record";
import { occasionFields } from "../occasion";
import { uuid } from "../parts";
import { keyFields, type Key } from "./key";

/** An occasion as its form sends it. */
export const occasionForm = Joi.object<OccasionInput & Key>({
  ...keyFields,
  clientId: uuid.required().label("Client"),
  occasion: Joi.object(occasionFields).required(),
});
