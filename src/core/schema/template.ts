import Joi from "joi";
import { slots } from "../piece/slots";
import type { SetTemplate } from "../sets/template";
import { between, name, oneOf } from "./parts";

const someSlots = Joi.array().items(oneOf(slots)).unique().max(slots.length).required();

/** A template for sets: the levels it is for, the slots it fills, and whether it must take rain. */
export const template = Joi.object<SetTemplate>({
  name: name.required(),
  from: between(1, 9).required().label("From"),
  to: between(1, 9).required().label("To"),
  forRain: Joi.boolean().required().label("For rain"),
  wanted: someSlots.label("Slots it wants"),
  optional: someSlots.label("Slots it may have"),
}).custom((given: SetTemplate, helpers) => {
  if (given.to < given.from)
    return helpers.error("custom.say", { say: `To, ${given.to}, lies under From, ${given.from}.` });
  if (!given.wanted.includes("shoe"))
    return helpers.error("custom.say", { say: "Slots it wants must have shoes among them." });
  return given;
});
