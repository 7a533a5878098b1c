import { describe, expect, it } from "vitest";
import { changeBook } from "../rule-book/book-change";
import { polished } from "../rule-book/rule-book";
import { paramGroups } from "../rules/all-params";
import type { Figure } from "../rules/finding";
import { generatedLook } from "../testing/generated-look";
import { sample, sampleClient, sampleLook } from "../testing/sample";
import { bookRemediesOf, type BookRemedy } from "./book-remedies";
import { read } from "./read";
import { identityOf } from "./same-finding";
import { isFault } from "./severity";

/** Trousers over boots: the body's crotch is 83 cm up and they hang 1.5 cm below it. */
const over = (inseam: number, book = polished) =>
  sampleLook({
    client: { ...sampleClient, ruleBook: book },
    garments: [sample("trousers", { name: "legs", figures: { inseam } })],
    accessories: [
      sample("shoe", {
        name: "boots",
        figures: { form: "boot", shaft: 12, shaftTop: 26, lift: 4, toe: "almond" },
      }),
    ],
  });

function gapOf(look: ReturnType<typeof over>) {
  const gap = read(look).findings.find(({ rule }) => rule === "proportion.gap");
  if (!gap) throw new Error("the ankle shows");
  return gap;
}

const limits = (remedies: readonly BookRemedy[]) =>
  remedies.flatMap(({ change }) => (change.kind === "param" ? [change] : []));

const limitOf = (rule: string, param: string) =>
  paramGroups.find(({ id }) => id === rule)?.params[param]?.value ?? null;

/** The next round figure beyond one that broke its limit; things that are counted are let pass as many as they are. */
function justPast({ value, limit, unit }: Figure, broken: number | null): number {
  if (unit === "count") return value;
  const step = Math.abs(value) < 2 ? 5 : 50;
  const away = Math.max(step / 5, Math.abs(value) * 2);
  const hundredths =
    limit?.most === broken
      ? Math.ceil((value * 100 + away) / step) * step
      : Math.floor((value * 100 - away) / step) * step;
  return hundredths / 100;
}

describe("what a rule book could say instead of a finding", () => {
  it("is another school, each but the one it has, and the rule laid to rest at the end", () => {
    const look = over(62);
    const found = bookRemediesOf(look, identityOf(gapOf(look)));
    expect(found[found.length - 1]?.change).toEqual({
      kind: "weight",
      rule: "proportion.gap",
      weight: 0,
    });
    const covered = { ...polished, schools: { ...polished.schools, ankle: "covered" as const } };
    const rubs = over(66, covered);
    const schools = bookRemediesOf(rubs, identityOf(gapOf(rubs))).flatMap(({ change }) =>
      change.kind === "school" ? [`${change.school}: ${change.choice}`] : [],
    );
    expect(schools).toEqual(["ankle: shown until it is cold", "ankle: shown"]);
  });

  it.each(Array.from({ length: 16 }, (_, seed) => seed))(
    "is a limit just past the figure that broke it, by a fiftieth or a fifth of a step, look %i",
    (seed) => {
      const look = generatedLook(seed);
      for (const finding of read(look).findings)
        for (const { rule, param, value } of limits(bookRemediesOf(look, identityOf(finding)))) {
          const broken = Object.values(finding.figures).filter(
            ({ limit }) => limit && [limit.least, limit.most].includes(limitOf(rule, param)),
          );
          const past = broken.map((figure) => justPast(figure, limitOf(rule, param)));
          expect(past, `${rule} ${param}`).toContain(value);
        }
    },
  );

  it.each([
    [3, "style.one-lead", 3],
    [4, "style.one-lead", 4],
  ])("of %d things counted is a whole number of them", (many, rule, most) => {
    const leads = Array.from({ length: many }, (_, i) =>
      sample("ring", { name: `ring ${i}`, statement: 2, figures: {} }),
    );
    const look = sampleLook({ garments: [sample("dress")], accessories: leads });
    const finding = read(look).findings.find((each) => each.rule === rule && isFault(each));
    if (!finding) throw new Error("too many lead");
    expect(limits(bookRemediesOf(look, identityOf(finding)))).toContainEqual({
      kind: "param",
      rule,
      param: "most",
      value: most,
    });
  });

  it("leads to what it promises, and leaves nothing of the finding", () => {
    for (const inseam of [62, 63.4, 67.9]) {
      const look = over(inseam);
      for (const finding of read(look).findings) {
        for (const { change, score, verdict } of bookRemediesOf(look, identityOf(finding))) {
          const book = changeBook(polished, change);
          const after = read({ ...look, client: { ...look.client, ruleBook: book } });
          expect({ score: after.score, verdict: after.verdict }).toEqual({ score, verdict });
          expect(after.findings.map(identityOf)).not.toContainEqual(identityOf(finding));
        }
      }
    }
  });

  it("is nothing for a finding that the look does not have", () => {
    const look = over(62);
    const identity = identityOf(gapOf(look));
    expect(bookRemediesOf(look, { ...identity, effect: "lifts" })).toEqual([]);
    expect(bookRemediesOf(over(74), identity)).toEqual([]);
  });
});
