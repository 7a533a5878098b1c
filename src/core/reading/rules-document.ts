import { sayValue } from "./phrase";
import { schoolNames, schoolQuestions } from "../rule-book/schools";
import type { Params } from "../rule-book/params";
import { paramGroups } from "../rules/all-params";
import { lenses, lensLabels } from "../rules/finding";
import { registry } from "../rules/registry";

/** The registry as a document: every school, every rule with its reason, weight and figures. */
export function rulesDocument(): string {
  return [
    "# Rules",
    "",
    "Written by `npm run rules` from `src/core/rules/registry.ts`; `npm test` fails when it is behind.",
    "",
    "A finding's effect is one of barred (-6), jars (-3), rubs (-1), note (0), lifts (+1), sings (+2). Score = 70 + 4",
    "x the sum of weight x effect, from 0 to 100; the n-th praise of one lens counts 1/n. Anything barred or jarring",
    "makes the look jar; from 80 on it sings.",
    "",
    "## Schools",
    "",
    ...schoolNames.flatMap(schoolLines),
    ...lenses.flatMap(lensLines),
    "## Shared figures",
    "",
    ...paramGroups
      .filter(({ id }) => !id.includes("."))
      .flatMap(({ id, title, params }) => [`### ${id}`, "", `${title}.`, "", ...figureLines(params)]),
  ]
    .join("\n")
    .trimEnd()
    .concat("\n");
}

function schoolLines(name: (typeof schoolNames)[number]): string[] {
  const { question, choices, initial } = schoolQuestions[name];
  const readers = registry.filter(({ schools }) => schools.includes(name)).map(({ id }) => `\`${id}\``);
  return [
    `**${question}** (\`${name}\`, read by ${readers.join(", ")})`,
    "",
    ...Object.entries(choices as Record<string, string>).map(
      ([choice, reason]) => `- ${choice}${choice === initial ? " (default)" : ""}: ${reason}`,
    ),
    "",
  ];
}

function lensLines(lens: (typeof lenses)[number]): string[] {
  const rules = registry.filter((rule) => rule.lens === lens);
  if (rules.length === 0) return [];
  return [
    `## ${lensLabels[lens]}`,
    "",
    ...rules.flatMap(({ id, title, why, weight, schools, params }) => [
      `### ${id}`,
      "",
      `**${title}.** ${why}`,
      "",
      ...(weight === 1 ? [] : [`Weight ${weight}.`, ""]),
      ...(schools.length > 0
        ? [
            `Schools: ${schools.map((school) => schoolQuestions[school].question.toLowerCase()).join(", ")}.`,
            "",
          ]
        : []),
      ...figureLines(params),
    ]),
  ];
}

function figureLines(params: Params): string[] {
  const lines = Object.entries(params).map(
    ([name, { value, unit, means }]) => `- \`${name}\`, ${sayValue(value, unit, "cm")}: ${means}`,
  );
  return lines.length > 0 ? [...lines, ""] : [];
}
