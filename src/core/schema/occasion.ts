import Joi from "joi";
import { carriedNames } from "../piece/carried";
import { dressCodeFlags, grounds, lights, weatherSources, type Occasion } from "../piece/occasion";
import { between, day, id, name, oneOf } from "./parts";

const span = Joi.object({
  low: between(1, 9).required().label("Lowest level"),
  high: between(1, 9).required().label("Highest level"),
})
  .required()
  .label("Level")
  .custom((value: Occasion["span"], helpers) =>
    value.low <= value.high
      ? value
      : helpers.error("custom.say", { say: "The lowest level cannot be above the highest." }),
  );

/** The fields of an occasion, without its id. */
export const occasionFields = {
  name: name.required(),
  place: Joi.string().trim().allow("").max(120).required().label("Place"),
  day: day.required(),
  span,
  flags: Joi.array().items(oneOf(dressCodeFlags)).unique().required().label("Dress code"),
  weather: oneOf(weatherSources).default("typed").label("Weather"),
  temperature: between(-40, 50).required().label("Temperature"),
  rain: between(0, 1).required().label("Chance of rain"),
  wind: between(0, 45).required().label("Wind"),
  ground: oneOf(grounds).required().label("Ground"),
  light: oneOf(lights).required().label("Light"),
  mustCarry: Joi.array().items(oneOf(carriedNames)).unique().default([]).label("Must carry"),
  company: Joi.string().trim().allow("").max(80).default("").label("Company"),
  onFoot: between(0, 1440).required().label("Minutes on foot"),
};

export const occasion = Joi.object<Occasion>({ id: id.required(), ...occasionFields });
