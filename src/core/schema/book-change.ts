import Joi from "joi";
import type { BookChange } from "../rule-book/book-change";
import { schoolNames, schoolQuestions } from "../rule-book/schools";
import { paramGroups } from "../rules/all-params";
import { registry } from "../rules/registry";
import { between, oneOf } from "./parts";

const rule = oneOf(registry.map(({ id }) => id)).required();

/** One change of a rule book. */
export const bookChange: Joi.Schema<BookChange> = Joi.alternatives()
  .conditional(Joi.object({ kind: "school" }).unknown(), {
    then: Joi.alternatives(
      ...schoolNames.map((school) =>
        Joi.object({
          kind: "school",
          school: Joi.string().valid(school).required(),
          choice: oneOf(Object.keys(schoolQuestions[school].choices)).required(),
        }),
      ),
    ),
    otherwise: Joi.alternatives().conditional(Joi.object({ kind: "weight" }).unknown(), {
      then: Joi.object({ kind: "weight", rule, weight: between(0, 3).allow(null).required() }),
      otherwise: Joi.object({
        kind: Joi.string().valid("param").required(),
        rule: oneOf(paramGroups.map(({ id }) => id)).required(),
        param: Joi.string().max(40).required(),
        value: between(-500, 500).allow(null).required(),
      }).custom((change: { rule: string; param: string }, helpers) => {
        const group = paramGroups.find(({ id }) => id === change.rule);
        if (group && Object.hasOwn(group.params, change.param)) return change;
        return helpers.error("custom.say", {
          say: `The rule ${change.rule} has no figure called "${change.param}".`,
        });
      }),
    }),
  })
  .required();
