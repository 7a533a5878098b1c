import Joi from "joi";
import { finishNames } from "../finish/finishes";
import { metalNames } from "../finish/metals";
import { gapForms } from "../search/gap-forms";
import { gapHex, gapSizeFault, type GapFacts } from "../search/gap-spec";
import { between, oneOf } from "./parts";

/** What is noted of a missing piece, and may be changed later. */
export const gapNotes = {
  note: Joi.string().trim().allow("").max(400).required().label("Note"),
  budget: Joi.number().min(0).max(1_000_000).precision(2).allow(null).required().label("Budget"),
};

/** A missing piece on a client's list: what it must be, what it opens, and what is noted of it. */
export const gapFields = {
  facts: Joi.object<GapFacts>({
    form: oneOf(gapForms.map(({ name }) => name))
      .required()
      .label("Form"),
    colour: Joi.string()
      .max(60)
      .required()
      .label("Colour")
      .custom((value: string, helpers) =>
        gapHex(value) === null
          ? helpers.error("custom.say", { say: `Colour must be a colour such as navy; "${value}" is not.` })
          : value,
      ),
    finish: oneOf(finishNames).required().label("Finish"),
    level: between(1, 9).allow(null).required().label("Level"),
    metal: oneOf(metalNames).required().label("Metal"),
    size: between(0.1, 260).allow(null).default(null).label("Size"),
  })
    .required()
    .custom((facts: GapFacts, helpers) => {
      const fault = gapSizeFault(facts);
      return fault === null ? facts : helpers.error("custom.say", { say: fault });
    }),
  opens: Joi.array().items(Joi.string().trim().max(250)).max(500).required().label("What it opens"),
  ...gapNotes,
};
