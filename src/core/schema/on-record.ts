import Joi from "joi";
import { careNeeds, type OnRecord, type ShownBefore, type Upkeep } from "../piece/on-record";
import { day, id, name, oneOf } from "./parts";

const upkeep = Joi.object<Upkeep>({
  away: oneOf(["in care", "on loan"]).allow(null).required().label("Away"),
  back: day.allow(null).required().label("Back on"),
  needs: Joi.array().items(oneOf(careNeeds)).unique().required().label("Needs"),
  lastWorn: day.allow(null).required().label("Last worn"),
});

const shownBefore = Joi.object<ShownBefore>({
  company: name.required().label("Company"),
  occasion: name.required().label("Occasion"),
  day: day.required(),
  pieces: Joi.array().items(id).max(60).required().label("Pieces"),
});

/** What is on record of the pieces of a look. */
export const onRecord = Joi.object<OnRecord>({
  today: day.required().label("Today"),
  upkeep: Joi.object().pattern(Joi.string().max(120), upkeep).required().label("Upkeep"),
  shown: Joi.array().items(shownBefore).max(500).required().label("Shown before"),
});
