import Joi from "joi";
import type { Field, Fields } from "../piece/field";
import { between, oneOf } from "./parts";

/** The keys of some recorded figures, each checked as its description says. */
export function fieldSchemas(fields: Fields): Joi.SchemaMap {
  return Object.fromEntries(Object.entries(fields).map(([key, field]) => [key, fieldSchema(field)]));
}

function fieldSchema(field: Field): Joi.Schema {
  const schema = plainFieldSchema(field);
  return field.added ? schema.optional().default(field.type === "number" ? null : field.initial) : schema;
}

function plainFieldSchema(field: Field): Joi.Schema {
  if (field.type === "choice") return oneOf(field.options).required().label(field.label);
  if (field.type === "flag") return Joi.boolean().required().label(field.label);
  const number = between(field.min, field.max).label(field.label).required();
  const whole = field.whole ? number.integer() : number;
  // A measure that nobody has said is null, and so is one the piece has not.
  return whole.allow(null);
}
