import { readFileSync, readdirSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { parseLook } from "../formats/look-file";
import type { Look } from "../piece/look";
import type { Finding } from "../rules/finding";
import { pieceIdsOf } from "../rules/spoken";
import { generatedLook } from "../testing/generated-look";
import { sample, sampleClient, sampleLook } from "../testing/sample";
import { edgesOf } from "./edges";
import { read } from "./read";
import { toleratedFigures, tolerances } from "./tolerances";

const folder = new URL("../../../tests/cases/looks/", import.meta.url);
// Every third one: each is moved some two hundred and fifty ways.
const golden = readdirSync(folder)
  .filter((_, i) => i % 3 === 0)
  .map((name) => parseLook(readFileSync(new URL(name, folder), "utf8")));
const generated = Array.from({ length: 24 }, (_, seed) => generatedLook(seed));

const isPraise = ({ effect }: Finding) => effect === "lifts" || effect === "sings";
/** What a finding is about, whatever it says of it. */
const about = (finding: Finding) => `${finding.rule} of ${pieceIdsOf(finding).sort().join(" and ")}`;

/** What a small move turns from praise to a fault that jars, or back. */
function leaps(before: readonly Finding[], after: readonly Finding[]): string[] {
  const turned = (good: readonly Finding[], bad: readonly Finding[]) => {
    const praised = new Set(good.filter(isPraise).map(about));
    return bad
      .filter(({ effect }) => effect === "jars")
      .map(about)
      .filter((each) => praised.has(each));
  };
  return [...turned(before, after), ...turned(after, before)];
}

/** Every look that differs by no more than tape and eye can tell, with what was moved. */
function* near(look: Look) {
  for (const figure of toleratedFigures(look))
    for (const share of [-1, 1])
      yield {
        moved: figure.moved(share),
        what: `${figure.label} of ${figure.piece?.name ?? "the client"}, ${share}`,
      };
}

/** The levels of every piece, half a step either way. */
function* nearLevels(look: Look) {
  const pieces = [...look.garments, ...look.accessories];
  for (const piece of pieces)
    for (const way of piece.register ? [-tolerances.level, tolerances.level] : []) {
      const { low = 0, centre = 0, high = 0 } = piece.register ?? {};
      const at = (level: number) => Math.min(9, Math.max(1, level + way));
      const register = { low: at(low), centre: at(centre), high: at(high) };
      const swap = <P extends { id: string }>(each: P): P =>
        each.id === piece.id ? { ...each, register } : each;
      yield {
        moved: { ...look, garments: look.garments.map(swap), accessories: look.accessories.map(swap) },
        what: `level of ${piece.name}, ${way}`,
      };
    }
}

describe("no cliffs", () => {
  it.each([
    ["the golden looks", golden],
    ["generated looks", generated],
  ])(
    "carries no finding from praise to jars, and no look from sings to jars: %s",
    (_, looks) => {
      let moves = 0;
      let sang = 0;
      for (const look of looks) {
        const before = read(look);
        if (before.verdict === "sings") sang += 1;
        for (const { moved, what } of [...near(look), ...nearLevels(look)]) {
          moves += 1;
          const after = read(moved);
          if (leaps(before.findings, after.findings).length > 0)
            expect(leaps(before.findings, after.findings), what).toEqual([]);
          // A bar is a line that the client or the dress code has drawn.
          if (after.findings.some(({ effect }) => effect === "bar")) continue;
          if (before.verdict === "sings" && after.verdict === "jars") expect(after, what).toEqual(before);
        }
      }
      expect(moves).toBeGreaterThan(2000);
      expect(sang).toBeGreaterThanOrEqual(3);
    },
    60_000,
  );
});

describe("on the edge", () => {
  const worn = (inseam: number) =>
    sampleLook({
      garments: [sample("trousers", { name: "trousers", figures: { inseam } })],
      accessories: [
        sample("shoe", { name: "boots", figures: { form: "boot", shaft: 12, shaftTop: 26, lift: 4 } }),
      ],
    });

  it("names the figure that decides, and by how much", () => {
    // The gap is 81.5 - 63.1 - 12 = 6.4 cm, and over 6.5 cm it jars.
    const edges = edgesOf(worn(63.1));
    const inseam = edges.find(({ label, piece }) => piece?.kind === "trousers" && label.startsWith("Inseam"));
    expect(inseam).toMatchObject({ unit: "cm", verdict: "jars" });
    expect(inseam?.by).toBeLessThan(0);
    expect(Math.abs(inseam?.by ?? 1)).toBeGreaterThan(0.08);
    expect(Math.abs(inseam?.by ?? 1)).toBeLessThan(0.16);
    expect(read(worn(63.1 + (inseam?.by ?? 0))).verdict).toBe("jars");
  });

  it("says nothing of a reading that is certain", () => {
    expect(edgesOf(worn(66))).toEqual([]);
  });

  it("trusts a guess less than the tape", () => {
    const guessed = { ...sampleClient, measured: { ...sampleClient.measured, crotch: undefined } };
    const { crotch: _crotch, ...measured } = guessed.measured;
    const look = { ...worn(65), client: { ...sampleClient, measured } };
    const figure = toleratedFigures(look).find(({ label }) => label === "Crotch");
    expect(figure?.tolerance).toBe(tolerances.estimated);
  });
});
