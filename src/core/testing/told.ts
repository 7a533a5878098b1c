import type { Dressed } from "../dressing/dressed";
import type { Rule } from "../rules/define-rule";
import type { Finding } from "../rules/finding";
import { namesOf, pieceIdsOf } from "../rules/spoken";

/** What was said in one message and with one effect. */
interface Told {
  /** The looks of which it is said, by their number in the row. */
  readonly of: readonly number[];
  /** A mark of everything that is said with it: pieces, words, figures and what is proposed. */
  readonly mark: string;
}

/** What a rule says of a row of looks, by message and effect. */
export function toldOf(rule: Rule, looks: Iterable<Dressed>): [string, Told][] {
  const said = new Map<string, { of: number[]; all: string[] }>();
  let number = 0;
  for (const look of looks) {
    for (const finding of rule.read(look)) {
      const key = `${finding.message} ${finding.effect}`;
      const told = said.get(key) ?? { of: [], all: [] };
      told.of.push(number);
      told.all.push(wholeOf(finding));
      said.set(key, told);
    }
    number += 1;
  }
  return [...said]
    .sort(([one], [other]) => (one < other ? -1 : 1))
    .map(([key, { of, all }]) => [key, { of, mark: markOf(all.join("\n")) }]);
}

/** A finding with all it rests on, figures to a thousandth: the last digits of a machine must not matter. */
function wholeOf(finding: Finding): string {
  const { words, figures, proposals, caution, estimated, onEdge, needs, weight } = finding;
  const rounded = (_: string, value: unknown) =>
    typeof value === "number" ? Math.round(value * 1000) / 1000 : value;
  return JSON.stringify(
    [
      namesOf(finding),
      pieceIdsOf(finding),
      words,
      figures,
      proposals,
      caution,
      estimated,
      onEdge,
      needs,
      weight,
    ],
    rounded,
  );
}

/** A short mark of a text, which another text has hardly ever (FNV-1a, 32 bits). */
function markOf(text: string): string {
  let mark = 0x811c9dc5;
  for (let i = 0; i < text.length; i += 1) mark = Math.imul(mark ^ text.charCodeAt(i), 0x01000193);
  return (mark >>> 0).toString(16).padStart(8, "0");
}
