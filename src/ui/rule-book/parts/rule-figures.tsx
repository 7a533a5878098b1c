"use client";

import { useEffect } from "react";
import { changeBook, type BookChange } from "@/core/rule-book/book-change";
import type { RuleBook } from "@/core/rule-book/rule-book";
import { schoolQuestions } from "@/core/rule-book/schools";
import { paramGroups } from "@/core/rules/all-params";
import type { Rule } from "@/core/rules/define-rule";
import { lenses, lensLabels } from "@/core/rules/finding";
import { registry } from "@/core/rules/registry";
import { sayWith } from "@/words/say";
import { ruleBookWords } from "@/words/rule-book";
import { ParamInput } from "./param-input";
import { Segments } from "../../kit/segments";
import { Unfold } from "../../kit/unfold";

interface RuleFiguresProps {
  readonly book: RuleBook;
  readonly onChange: (book: RuleBook) => void;
}

/** Every rule by its lens: why, how much it weighs, and its figures, each with its default. */
export function RuleFigures({ book, onChange }: RuleFiguresProps) {
  const change = (next: BookChange) => onChange(changeBook(book, next));
  useEffect(() => {
    // A finding leads here by its rule's id: that rule stands open.
    const asked = document.getElementById(decodeURIComponent(location.hash.slice(1)));
    const sheet = asked?.querySelector("details");
    if (sheet) sheet.open = true;
    asked?.scrollIntoView({ block: "center" });
  }, []);
  const shared = paramGroups.filter(({ id }) => !id.includes("."));
  return (
    <div className="grid gap-6">
      {lenses.map((lens) => {
        const rules = registry.filter((rule) => rule.lens === lens);
        if (rules.length === 0) return null;
        return (
          <section key={lens}>
            <h3 className="mb-1 text-body">{lensLabels[lens]}</h3>
            <ul className="border-t border-rule">
              {rules.map((rule) => (
                <RuleRow key={rule.id} rule={rule} book={book} onChange={change} />
              ))}
            </ul>
          </section>
        );
      })}
      <section>
        <h3 className="mb-1 text-body">{ruleBookWords.sharedBySeveralRules}</h3>
        {shared.map(({ id, title, params }) => (
          <div key={id} id={id} className="grid gap-1 border-t border-rule py-2">
            <p className="font-medium">{title}</p>
            <Figures id={id} params={params} book={book} onChange={change} />
          </div>
        ))}
      </section>
    </div>
  );
}

const weights = [
  { label: "rests", value: 0 },
  { label: "half", value: 0.5 },
  { label: ruleBookWords.asItIs, value: null },
  { label: "double", value: 2 },
] as const;

interface RuleRowProps {
  readonly rule: Rule;
  readonly book: RuleBook;
  readonly onChange: (change: BookChange) => void;
}

function RuleRow({ rule, book, onChange }: RuleRowProps) {
  const own = book.params[rule.id];
  const weight = book.weights[rule.id] ?? null;
  const altered = Object.keys(own ?? {}).length + (weight === null ? 0 : 1);
  return (
    <li id={rule.id} className="scroll-mt-24 border-b border-rule target:bg-white">
      <Unfold
        summaryClass="flex cursor-pointer items-baseline justify-between gap-4 py-1.5"
        summary={
          <>
            <span>{rule.title}</span>
            <span className="tabular text-tiny whitespace-nowrap text-ink-soft">
              {altered > 0 ? sayWith(ruleBookWords.setOtherwise, { altered }) : ruleBookWords.asTheyStand}
            </span>
          </>
        }
      >
        <div className="grid gap-2 pb-3 pl-4">
          <p className="max-w-[70ch] text-ink-soft">{rule.why}</p>
          {rule.schools.map((school) => (
            <p key={school} className="text-tiny text-ink-soft">
              {sayWith(ruleBookWords.readByTheSchoolFor, {
                question: schoolQuestions[school].question.toLowerCase(),
              })}{" "}
              <span className="text-ink">{book.schools[school]}</span>.
            </p>
          ))}
          <Segments
            label={sayWith(ruleBookWords.weightOf, { title: rule.title })}
            size="normal"
            value={weights.find(({ value }) => value === weight)?.label ?? null}
            onChange={(label) => {
              const chosen = weights.find((each) => each.label === label);
              if (chosen) onChange({ kind: "weight", rule: rule.id, weight: chosen.value });
            }}
            segments={weights.map(({ label }) => ({ value: label, shown: label }))}
          />
          <Figures id={rule.id} params={rule.params} book={book} onChange={onChange} />
        </div>
      </Unfold>
    </li>
  );
}

interface FiguresProps {
  readonly id: string;
  readonly params: Rule["params"];
  readonly book: RuleBook;
  readonly onChange: (change: BookChange) => void;
}

function Figures({ id, params, book, onChange }: FiguresProps) {
  return (
    <div className="grid max-w-160 gap-1">
      {Object.entries(params).map(([name, spec]) => (
        <ParamInput
          key={name}
          spec={spec}
          value={book.params[id]?.[name] ?? null}
          onChange={(value) => onChange({ kind: "param", rule: id, param: name, value })}
        />
      ))}
    </div>
  );
}
