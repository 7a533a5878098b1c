import { changeBook, type BookChange } from "../rule-book/book-change";
import { valuesOf } from "../rule-book/params";
import { schoolQuestions } from "../rule-book/schools";
import type { Look } from "../piece/look";
import type { Finding } from "../rules/finding";
import { paramGroups } from "../rules/all-params";
import { ruleOf } from "../rules/registry";
import { read } from "./read";
import { isSameFinding, type FindingIdentity } from "./same-finding";
import type { Verdict } from "./verdict";

/** A change of the rule book that was tried: what it would make of this look. */
export interface BookRemedy {
  readonly change: BookChange;
  readonly score: number;
  readonly verdict: Verdict;
}

/** How far past a measured figure a limit is moved, so that the same figure passes. */
const margin = 0.02;

/**
 * The changes of the rule book after which a finding of this look is no longer made: another school, a
 * limit moved past the measured figure, or, last, the rule laid to rest. Each was applied and read; none for a
 * finding that the look does not have.
 */
export function bookRemediesOf(look: Look, identity: FindingIdentity): BookRemedy[] {
  const book = look.client.ruleBook;
  const finding = read(look).findings.find((each) => isSameFinding(identity, each));
  if (!finding) return [];
  return [...schoolChanges(look, finding), ...limitChanges(look, finding), restOf(finding)].flatMap(
    (change) => {
      const reading = read({ ...look, client: { ...look.client, ruleBook: changeBook(book, change) } });
      const still = reading.findings.some((other) => isSameFinding(identity, other));
      return still ? [] : [{ change, score: reading.score, verdict: reading.verdict }];
    },
  );
}

function schoolChanges({ client }: Look, finding: Finding): BookChange[] {
  return (ruleOf(finding.rule)?.schools ?? []).flatMap((school) =>
    Object.keys(schoolQuestions[school].choices)
      .filter((choice) => choice !== client.ruleBook.schools[school])
      .map((choice): BookChange => ({ kind: "school", school, choice })),
  );
}

/** Every limit that a figure of the finding is held against, moved past the figure. */
function limitChanges({ client }: Look, finding: Finding): BookChange[] {
  const groups = paramGroups.filter(({ id }) => id === finding.rule || !id.includes("."));
  return groups.flatMap(({ id, params }) => {
    const values: Readonly<Record<string, number>> = valuesOf(id, params, client.ruleBook);
    return Object.values(finding.figures).flatMap(({ value, unit, limit }) =>
      Object.entries(params).flatMap(([param, spec]): BookChange[] => {
        if (spec.unit !== unit || !limit) return [];
        if (![limit.most, limit.least].includes(values[param] ?? null)) return [];
        const way = values[param] === limit.most ? 1 : -1;
        // Nobody lets two and a half things pass: of what is counted as many as there are.
        return [{ kind: "param", rule: id, param, value: unit === "count" ? value : past(value, way) }];
      }),
    );
  });
}

/** A round figure just beyond another, up or down. */
function past(value: number, way: 1 | -1): number {
  const step = Math.abs(value) < 2 ? 0.05 : 0.5;
  const moved = value + way * Math.max(step / 5, Math.abs(value) * margin);
  const rounded = (way > 0 ? Math.ceil(moved / step) : Math.floor(moved / step)) * step;
  return Math.round(rounded * 100) / 100;
}

function restOf(finding: Finding): BookChange {
  return { kind: "weight", rule: finding.rule, weight: 0 };
}
