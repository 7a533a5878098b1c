import { measurementNames, type Measured } from "../../body/measurements";
import type { RuleBook } from "../../rule-book/rule-book";
import { FormatError } from "../format-error";
import type { ClientFile } from "./client-file";

/** What holds of the measurements: of each the one that was taken last. */
export function measuredNow({ measurements }: Pick<ClientFile, "measurements">): Partial<Measured> {
  const newest = new Map(measurements.map(({ name, cm }) => [name, cm] as const));
  const holding = measurementNames.flatMap((name) => {
    const cm = newest.get(name) ?? null;
    return cm === null ? [] : [[name, cm] as const];
  });
  return Object.fromEntries(holding);
}

/** The rule book a client of a file is read by. @throws FormatError where there is none */
export function ruleBookNow({ ruleBooks }: Pick<ClientFile, "ruleBooks">): RuleBook {
  const last = ruleBooks.at(-1);
  if (!last) throw new FormatError("ruleBooks: there must be one at least");
  return last.book;
}
