import Joi from "joi";
import type { Adjustment } from "../piece/adjustment";
import { between, id, oneOf } from "./parts";

const turn = Joi.object({
  kind: Joi.string().valid("turn").required(),
  piece: id.required().label("Piece of the turn-up"),
  count: Joi.number().valid(1, 2).required().label("Number of turns"),
  depth: between(0.5, 15).required().label("Depth of each turn"),
});

const plain = Joi.object({
  kind: oneOf(["turn", "tuck-into-boot", "tuck-in", "wear-out"]).required().label("Kind of adjustment"),
  piece: id.required().label("Piece of the adjustment"),
});

const adjustment: Joi.Schema<Adjustment> = Joi.alternatives().conditional(".kind", {
  is: "turn",
  then: turn,
  otherwise: plain,
});

/** What is done to pieces without changing them. */
export const adjustments = Joi.array<Adjustment[]>()
  .items(adjustment)
  .max(20)
  .required()
  .label("Adjustments");
