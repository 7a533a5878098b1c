import { dress } from "../../dressing/dress";
import type { Look } from "../../piece/look";
import type { Rule } from "../../rules/define-rule";
import { lookWith, type Place } from "./options";
import { bestOf, isSilence, outcomeOf, silence, type Outcome } from "./outcome";

/** A rule with what it makes of a choice: of one that is begun the best it could still say. */
export interface TabledRule {
  readonly rule: Rule;
  /** @param chosen the options of the first places, as many as are chosen */
  readonly outcome: (chosen: readonly number[]) => Outcome;
}

/** Rules that read the same places, two at the most. */
interface Group {
  readonly at: readonly number[];
  readonly rules: readonly Rule[];
}

/**
 * Reads rules that read few places for every pairing of what those may hold; of a look that is otherwise bare, since
 * nothing else matters to them. Rules that are silent throughout are left out.
 * @param rules the rules, each with the positions of the places it reads
 */
export function tableRules(
  base: Look,
  places: readonly Place[],
  rules: readonly { readonly rule: Rule; readonly at: readonly number[] }[],
): TabledRule[] {
  const groups = new Map<string, { at: readonly number[]; rules: Rule[] }>();
  for (const { rule, at } of rules) {
    const group = groups.get(at.join()) ?? { at, rules: [] };
    group.rules.push(rule);
    groups.set(at.join(), group);
  }
  return [...groups.values()].flatMap((group) => tableGroup(base, places, group));
}

function tableGroup(base: Look, places: readonly Place[], { at, rules }: Group): TabledRule[] {
  const [first, second] = at;
  const rows = first === undefined ? 1 : (places[first]?.options.length ?? 0);
  const columns = second === undefined ? 1 : (places[second]?.options.length ?? 0);
  const tables = rules.map((): Outcome[][] => Array.from({ length: rows }, () => []));
  for (let row = 0; row < rows; row += 1)
    for (let column = 0; column < columns; column += 1) {
      const options = [row, column]
        .slice(0, at.length)
        .map((option, i) => places[at[i] ?? 0]?.options[option] ?? null);
      const dressed = dress(lookWith(base, options));
      rules.forEach((rule, i) => tables[i]?.[row]?.push(outcomeOf(rule.read(dressed))));
    }
  return rules.flatMap((rule, i): TabledRule[] => {
    const table = tables[i] ?? [];
    if (table.every((row) => row.every(isSilence))) return [];
    return [{ rule, outcome: outcomeBy(table, first ?? Infinity, second ?? Infinity) }];
  });
}

/** What a table says of a choice: its cell, or the best of the row, the column or the whole that is still open. */
function outcomeBy(
  table: readonly (readonly Outcome[])[],
  first: number,
  second: number,
): TabledRule["outcome"] {
  const byRow = table.map(bestOf);
  const byColumn = (table[0] ?? []).map((_, column) => bestOf(table.flatMap((row) => row[column] ?? [])));
  const whole = bestOf(byRow);
  return (chosen) => {
    const row = chosen[first];
    const column = chosen[second];
    if (row === undefined) return (column === undefined ? whole : byColumn[column]) ?? silence;
    return (column === undefined ? byRow[row] : table[row]?.[column]) ?? silence;
  };
}
