import { sayValue } from "@/core/reading/phrase";
import type { LengthUnit } from "@/core/length/length";
import type { BookChange } from "@/core/rule-book/book-change";
import { schoolQuestions } from "@/core/rule-book/schools";
import { paramGroups } from "@/core/rules/all-params";
import { ruleOf } from "@/core/rules/registry";
import { sayWith } from "@/words/say";
import { ruleBookWords } from "@/words/rule-book";

/** A change of the rule book in the words of a button. */
export function sayBookChange(change: BookChange, unit: LengthUnit): string {
  switch (change.kind) {
    case "school":
      return `${schoolQuestions[change.school].question}: ${change.choice}`;
    case "weight":
      return sayWith(ruleBookWords.letTheRuleRest, { rule: ruleOf(change.rule)?.title ?? change.rule });
    case "param": {
      const spec = paramGroups.find(({ id }) => id === change.rule)?.params[change.param];
      if (!spec || change.value === null)
        return sayWith(ruleBookWords.backToItsDefault, { param: change.param });
      return sayWith(ruleBookWords.insteadOf, {
        after: sayValue(change.value, spec.unit, unit),
        before: sayValue(spec.value, spec.unit, unit),
        figure: spec.means,
      });
    }
  }
}
