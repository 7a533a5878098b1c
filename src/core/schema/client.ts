import Joi from "joi";
import { contradictions } from "../body/contradictions";
import { measurementNames, measurements, type Measured } from "../body/measurements";
import { families } from "../colour/family";
import {
  landingPreferences,
  noGoals,
  hairForms,
  undertones,
  type Colouring,
  type Goals,
  type Limits,
} from "../piece/client";
import { schoolNames, schoolQuestions, type Schools } from "../rule-book/schools";
import type { RuleBook } from "../rule-book/rule-book";
import { paramGroups } from "../rules/all-params";
import { formerFigures, formerIds } from "../rules/former-ids";
import { registry } from "../rules/registry";
import { between, hex, name, oneOf } from "./parts";

function measurement(key: (typeof measurementNames)[number]) {
  const { min, max, label } = measurements[key];
  const schema = between(min, max).label(label);
  return key === "height" ? schema.required() : schema;
}

/** Measurements in cm: each plausible by itself, and none contradicting another. */
const measured: Joi.Schema<Measured> = Joi.object(
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
const seated = Joi.boolean().default(false).label("Dressed seated");

const colouring = Joi.object<Colouring>({
  skin: hex.allow(null).default(null).label("Skin"),
  hair: hex.allow(null).default(null).label("Hair"),
  hairForm: oneOf(hairForms).allow(null).default(null).label("Hair, how worn"),
  eyes: hex.allow(null).default(null).label("Eyes"),
  undertone: oneOf(undertones).allow(null).default(null).label("Undertone"),
})
  .required()
  .label("Colouring");

const limits = Joi.object<Limits>({
  heel: between(0, 20).allow(null).required().label("Heel limit"),
  noLeather: Joi.boolean().required().label("No leather"),
  coveredShoulders: Joi.boolean().required().label("Covered shoulders"),
  coveredAnkles: Joi.boolean().required().label("Covered ankles"),
  nickelAllergy: Joi.boolean().required().label("Nickel allergy"),
  clipEarrings: Joi.boolean().required().label("Clip earrings"),
  nothingLoose: Joi.boolean().default(false).label("Nothing loose"),
  hemAboveKnee: between(-120, 60).allow(null).default(null).label("Shortest hem above the knee"),
  neverColours: Joi.array().items(oneOf(families)).unique().default([]).label("Colours never worn"),
})
  .required()
  .label("Limits");

/** What the client asks of an outfit. */
const goals = Joi.object<Goals>({
  longerLegLine: Joi.boolean().required().label("Longer leg line"),
  moreWaist: Joi.boolean().required().label("More waist"),
  bagLands: oneOf(landingPreferences).allow(null).required().label("Bag lands"),
})
  .default(noGoals)
  .label("Goals");

const schools = Joi.object<Schools>(
  Object.fromEntries(
    schoolNames.map((key) => {
      const { choices, question } = schoolQuestions[key];
      return [key, oneOf(Object.keys(choices)).default(schoolQuestions[key].initial).label(question)];
    }),
  ),
).required();

const groups = new Map(paramGroups.map((group) => [group.id, group.params]));

/** Takes a record by rule id, whatever the rules were called when it was written. */
function byRule(schema: Joi.ObjectSchema): Joi.ObjectSchema {
  return Object.entries(formerIds).reduce(
    (renamed, [former, id]) => renamed.rename(former, id, { ignoreUndefined: true, override: true }),
    schema,
  );
}

const params = byRule(Joi.object())
  .pattern(
    oneOf([...groups.keys()]),
    Joi.object()
      .pattern(Joi.string(), between(-500, 500))
      .custom((value: Record<string, number>, helpers) => {
        const id = String(helpers.state.path?.[helpers.state.path.length - 1]);
        const figures = groups.get(id) ?? {};
        const known = Object.entries(value).filter(([name]) => !formerFigures[id]?.includes(name));
        const stranger = known.map(([name]) => name).find((name) => !Object.hasOwn(figures, name));
        if (stranger === undefined) return Object.fromEntries(known);
        return helpers.error("custom.say", { say: `The rule ${id} has no figure called "${stranger}".` });
      }),
  )
  .required();

const weights = byRule(Joi.object())
  .pattern(oneOf(registry.map(({ id }) => id)), between(0, 3))
  .default({});

export const ruleBook = Joi.object<RuleBook>({
  name: name.required().label("Rule book"),
  version: Joi.number().integer().min(1).max(1_000_000).default(1).label("Version of the rule book"),
  schools,
  params,
  weights,
})
  .required()
  .label("Rule book");

/** What is on record of a client's body and wishes, wherever a client is sent or kept. */
export const clientFigures = { measured, seated, colouring, limits, goals };
