import Joi from "joi";
import { adjustmentSpec, type Adjustment, type AdjustmentOf } from "../piece/adjustment";
import { adjustmentKinds } from "../piece/adjustments";
import { fieldSchemas } from "./field";
import { id, oneOf } from "./parts";

const piece = id.required().label("Piece of the adjustment");

const adjustment: Joi.Schema<Adjustment> = Joi.alternatives().conditional(".kind", {
  switch: adjustmentKinds.map((kind) => ({
    is: kind,
    then: Joi.object({
      kind: Joi.string().valid(kind).required(),
      piece,
      ...fieldSchemas(adjustmentSpec(kind).settings),
    }),
  })),
  otherwise: Joi.object({ kind: oneOf(adjustmentKinds).required().label("Kind of adjustment") }).unknown(),
});

/** How a scarf is tied. */
export const tie = Joi.object<AdjustmentOf<"tie">>({
  kind: Joi.string().valid("tie").required().label("Kind of adjustment"),
  piece,
  ...fieldSchemas(adjustmentSpec("tie").settings),
});

/** How the pieces of a set are worn. */
export const ways = Joi.array<Adjustment[]>().items(adjustment).max(20);

/** What is done to pieces without changing them. */
export const adjustments = Joi.array<Adjustment[]>()
  .items(adjustment)
  .max(20)
  .required()
  .label("Adjustments");
