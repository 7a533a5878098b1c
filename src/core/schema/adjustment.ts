import Joi from "joi";
import { strapWays, type Adjustment } from "../piece/adjustment";
import { carries } from "../piece/kinds/bag";
import { between, id, oneOf } from "./parts";

const turn = Joi.object({
  kind: Joi.string().valid("turn").required(),
  piece: id.required().label("Piece of the turn-up"),
  count: Joi.number().valid(1, 2).required().label("Number of turns"),
  depth: between(0.5, 15).required().label("Depth of each turn"),
});

const strap = Joi.object({
  kind: Joi.string().valid("strap").required(),
  piece: id.required().label("Bag of the strap"),
  carry: oneOf(carries).required().label("Way of carrying"),
  way: oneOf(strapWays).required().label("Way of the strap"),
});

const plain = Joi.object({
  kind: oneOf(["turn", "tuck-into-boot", "tuck-in", "wear-out", "double", "strap"])
    .required()
    .label("Kind of adjustment"),
  piece: id.required().label("Piece of the adjustment"),
});

const adjustment: Joi.Schema<Adjustment> = Joi.alternatives().conditional(".kind", {
  switch: [
    { is: "turn", then: turn },
    { is: "strap", then: strap },
  ],
  otherwise: plain,
});

/** What is done to pieces without changing them. */
export const adjustments = Joi.array<Adjustment[]>()
  .items(adjustment)
  .max(20)
  .required()
  .label("Adjustments");
