import Joi from "joi";
import { verdicts } from "../../reading/verdict";
import type { SentLook } from "../../studio/look-record";
import { adjustments } from "../adjustment";
import { between, moment, oneOf, uuid, version } from "../parts";

const state = {
  accessoryIds: Joi.array().items(uuid).unique().max(40).required().label("Accessories"),
  adjustments,
  ownVerdict: oneOf(verdicts).allow(null).required().label("Verdict"),
};

/** More steps than a hand makes while the server is away. */
const mostSteps = 5000;

const sending = {
  writer: uuid.required(),
  turn: Joi.number().integer().min(1).max(2_147_483_647).required(),
};

/** A look as the bench sends it. */
export const lookForm = Joi.object<SentLook>({
  id: uuid.required(),
  madeBy: Joi.string().max(100).required(),
  version: version.min(0).required(),
  ...sending,
  unheard: Joi.array().items(Joi.object(sending)).max(mostSteps).required(),
  clientId: uuid.required(),
  baseId: uuid.required().label("Base"),
  occasionId: uuid.allow(null).required().label("Occasion"),
  name: Joi.string().trim().allow("").max(120).required().label("Name"),
  note: Joi.string().allow("").max(4000).required().label("Note"),
  stepId: uuid.allow(null).required(),
  ...state,
  read: Joi.object({
    verdict: oneOf(verdicts).required(),
    score: between(0, 100).required(),
    ruleBookVersion: version.required(),
  })
    .allow(null)
    .default(null)
    .label("Reading"),
  newSteps: Joi.array()
    .items(
      Joi.object({
        id: uuid.required(),
        after: uuid.allow(null).required(),
        at: moment.required().label("Time of the step"),
        ...state,
      }),
    )
    .max(mostSteps)
    .required()
    .label("Steps"),
});
