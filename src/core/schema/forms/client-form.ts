import Joi from "joi";
import type { ClientInput } from "../../studio/client-record";
import { clientFigures, ruleBook } from "../client";
import { name } from "../parts";
import { keyFields, type Key } from "./key";

/** A client as her form sends her. */
export const clientForm = Joi.object<ClientInput & Key>({
  ...keyFields,
  name: name.required(),
  ...clientFigures,
  ruleBook,
  notes: Joi.string().allow("").max(4000).required().label("Notes"),
});
