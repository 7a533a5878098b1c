import Joi from "joi";
import { finishNames } from "../finish/finishes";
import { metalNames } from "../finish/metals";
import { gapColours, gapForms, type GapFacts } from "../search/gap-spec";
import { between, oneOf } from "./parts";

/** What is noted of a missing piece, and may be changed later. */
export const gapNotes = {
  note: Joi.string().trim().allow("").max(400).required().label("Note"),
  budget: Joi.number().min(0).max(1_000_000).precision(2).allow(null).required().label("Budget"),
};

/** A missing piece on a client's list: what it must be, what it opens, and what is noted of it. */
export const gapFields = {
  facts: Joi.object<GapFacts>({
    form: oneOf(gapForms).required().label("Form"),
    colour: oneOf(gapColours).required().label("Colour"),
    finish: oneOf(finishNames).required().label("Finish"),
    level: between(1, 9).required().label("Level"),
    metal: oneOf(metalNames).required().label("Metal"),
  }).required(),
  opens: Joi.array().items(Joi.string().trim().max(250)).max(500).required().label("What it opens"),
  ...gapNotes,
};
