import Joi from "joi";
import { contradictions } from "../body/contradictions";
import { measurementNames, measurements, type Measured } from "../body/measurements";
import { undertones, type Colouring, type Limits } from "../piece/client";
import { schoolNames, schoolQuestions, type Schools } from "../rule-book/schools";
import type { RuleBook } from "../rule-book/rule-book";
import { registry } from "../rules/registry";
import { between, hex, name, oneOf } from "./parts";

function measurement(key: (typeof measurementNames)[number]) {
  const { min, max, label } = measurements[key];
  const schema = between(min, max).label(label);
  return key === "height" ? schema.required() : schema;
}

/** Measurements in cm: each plausible by itself, and none contradicting another. */
export const measured: Joi.Schema<Measured> = Joi.object(
  Object.fromEntries(measurementNames.map((key) => [key, measurement(key)])),
)
  .required()
  .label("Measurements")
  .custom((value: Measured, helpers) => {
    const [first] = contradictions(value);
    if (!first) return value;
    const path = [...(helpers.state.path ?? []), first.field];
    return helpers.error("custom.say", { say: first.say }, helpers.state.localize?.(path));
  });

/** Whether a client is dressed seated, as in a wheelchair. */
export const seated = Joi.boolean().default(false).label("Dressed seated");

export const colouring = Joi.object<Colouring>({
  skin: hex.required().label("Skin"),
  hair: hex.required().label("Hair"),
  eyes: hex.required().label("Eyes"),
  undertone: oneOf(undertones).required().label("Undertone"),
})
  .required()
  .label("Colouring");

export const limits = Joi.object<Limits>({
  heel: between(0, 20).allow(null).required().label("Heel limit"),
  noLeather: Joi.boolean().required().label("No leather"),
  coveredShoulders: Joi.boolean().required().label("Covered shoulders"),
  coveredAnkles: Joi.boolean().required().label("Covered ankles"),
  nickelAllergy: Joi.boolean().required().label("Nickel allergy"),
  clipEarrings: Joi.boolean().required().label("Clip earrings"),
  hemAboveKnee: between(-120, 60).allow(null).default(null).label("Shortest hem above the knee"),
})
  .required()
  .label("Limits");

const schools = Joi.object<Schools>(
  Object.fromEntries(
    schoolNames.map((key) => {
      const { choices, question } = schoolQuestions[key];
      return [key, oneOf(Object.keys(choices)).default(schoolQuestions[key].initial).label(question)];
    }),
  ),
).required();

const params = Joi.object()
  .pattern(
    oneOf(["hem", ...registry.map(({ id }) => id)]),
    Joi.object().pattern(Joi.string(), between(-500, 500)),
  )
  .required();

export const ruleBook = Joi.object<RuleBook>({ name: name.required().label("Rule book"), schools, params })
  .required()
  .label("Rule book");
