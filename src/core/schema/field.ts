import Joi from "joi";
import type { Field, Fields } from "../piece/field";
import { mostColours, pictureFault, type ClothPicture } from "../scarf/picture";
import { finestMap } from "../scarf/colour-map";
import { between, hex, oneOf } from "./parts";

/** The keys of some recorded figures, each checked as its description says. */
export function fieldSchemas(fields: Fields): Joi.SchemaMap {
  return Object.fromEntries(Object.entries(fields).map(([key, field]) => [key, fieldSchema(field)]));
}

function fieldSchema(field: Field): Joi.Schema {
  const schema = plainFieldSchema(field);
  return field.added ? schema.optional().default(field.type === "number" ? null : field.initial) : schema;
}

/** The picture of a cloth: its colours, and its cells row by row. */
const clothPicture = Joi.object<ClothPicture>({
  colours: Joi.array()
    .items(hex.required().label("Colour of the picture"))
    .min(1)
    .max(mostColours)
    .required()
    .label("Colours of the picture"),
  rows: Joi.array()
    .items(Joi.string().max(finestMap).label("Row of the picture"))
    .min(1)
    .max(finestMap)
    .required()
    .label("Rows of the picture"),
}).custom((picture: ClothPicture, helpers) => {
  const say = pictureFault(picture);
  return say === null ? picture : helpers.error("custom.say", { say });
});

function plainFieldSchema(field: Field): Joi.Schema {
  if (field.type === "choice") return oneOf(field.options).required().label(field.label);
  if (field.type === "picture") return clothPicture.allow(null).required().label(field.label);
  if (field.type === "flag") return Joi.boolean().required().label(field.label);
  const number = between(field.min, field.max).label(field.label).required();
  const whole = field.whole ? number.integer() : number;
  // A measure that nobody has said is null, and so is one the piece has not.
  return whole.allow(null);
}
