import Joi from "joi";
import { uuid } from "../parts";

/** What is being saved: a new row (nulls), or a row as it was when the form was opened. */
export interface Key {
  readonly id: string | null;
  readonly version: number | null;
}

export const keyFields = {
  id: uuid.allow(null).required(),
  version: Joi.number().integer().min(1).allow(null).required(),
};
