import Joi from "joi";
import { lengthUnits, type LengthUnit } from "../../length/length";
import { purgeTimes } from "../../studio/put-away";
import type { Shortcuts } from "../../studio/shortcuts";
import { oneOf } from "../parts";

/** Whether the studio reads cm or inches. */
export const unitForm = Joi.object<{ unit: LengthUnit }>({
  unit: oneOf(lengthUnits).required().label("Unit of length"),
});

/** The time zone whose day is the studio's today. */
export const zoneForm = Joi.object<{ zone: string }>({
  zone: Joi.string().max(80).required().label("Time zone"),
});

/** After how many days what was put away is purged; null for never. */
export const purgeForm = Joi.object<{ days: number | null }>({
  days: Joi.number()
    .valid(...purgeTimes)
    .allow(null)
    .required()
    .label("Days"),
});

/** A person's own keys. */
export const shortcutsForm = Joi.object<Shortcuts>({
  single: Joi.boolean().required().label("Keys of a single letter"),
  keys: Joi.object()
    .pattern(Joi.string().max(40), Joi.string().allow("").max(40))
    .max(100)
    .required()
    .label("Keys"),
});
