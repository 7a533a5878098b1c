import { Link } from "../../kit/link";
import { sayValue } from "@/core/reading/phrase";
import { valuesOf } from "@/core/rule-book/params";
import type { RuleBook } from "@/core/rule-book/rule-book";
import { schoolQuestions } from "@/core/rule-book/schools";
import { ruleOf } from "@/core/rules/registry";
import { sayWith } from "@/words/say";
import { ruleBookWords } from "@/words/rule-book";
import { useLengthUnit } from "../../kit/length-unit";
import type { Place } from "../../kit/place";

interface RuleNoteProps {
  readonly rule: string;
  readonly book: RuleBook;
  /** Where this rule stands in the client's rule book; null for a look from a file. */
  readonly href: Place | null;
}

/** A rule opened: its reason, its figures as this rule book has them, and the schools that set them. */
export function RuleNote({ rule: id, book, href }: RuleNoteProps) {
  const unit = useLengthUnit();
  const rule = ruleOf(id);
  if (!rule) return null;
  const values: Readonly<Record<string, number>> = valuesOf(id, rule.params, book);
  return (
    <div className="mt-1 mb-1 border-l-2 border-rule pl-2">
      <p>
        <span className="font-medium text-ink">{rule.title}.</span> {rule.why}
      </p>
      {rule.schools.map((school) => (
        <p key={school}>
          {sayWith(ruleBookWords.school, { question: schoolQuestions[school].question.toLowerCase() })}{" "}
          <span className="font-medium text-ink">{book.schools[school]}</span>
        </p>
      ))}
      <ul className="tabular">
        {Object.entries(rule.params).map(([name, spec]) => {
          const value = values[name] ?? spec.value;
          return (
            <li key={name}>
              {spec.means}: <span className="text-ink">{sayValue(value, spec.unit, unit)}</span>
              {value === spec.value
                ? ruleBookWords.isDefault
                : sayWith(ruleBookWords.itsDefault, { value: sayValue(spec.value, spec.unit, unit) })}
            </li>
          );
        })}
      </ul>
      {href && (
        <Link href={href} className="underline decoration-rule-strong underline-offset-2">
          {sayWith(ruleBookWords.versionSetItOtherwise, { book: book.name, version: book.version })}
        </Link>
      )}
    </div>
  );
}
