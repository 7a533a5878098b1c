import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { cloths } from "../finish/cloths";
import type { Look } from "../piece/look";
import { specOf, type Piece } from "../piece/piece";
import { poles } from "../style/poles";
import { registry } from "../rules/registry";
import { speaksOf } from "../rules/spoken";
import { generatedLook } from "../testing/generated-look";
import { sample, sampleLook, sampleOccasion } from "../testing/sample";
import { certaintyOf, countUnsaid, decidingMeasures, type Answer } from "./open-questions";
import { read } from "./read";
import { toleratedFigures, withPiece } from "./tolerances";
import { spanAround } from "../register/ladder";

/** The piece once somebody has said it. */
function answered(piece: Piece, answer: Answer): object {
  switch (answer.of) {
    case "level":
      return { register: spanAround(answer.value, null) };
    case "statement":
      return { statement: answer.value };
    case "style":
      return { poles: [answer.value] };
    case "cloth":
      return { cloth: answer.value };
    case "measure":
      return { figures: { ...piece.figures, [answer.name]: answer.value } };
  }
}

/** A piece of which next to nothing was said. */
function barelySaid(piece: Piece): Piece {
  const measures = Object.entries(specOf(piece).figures)
    .filter(([, field]) => field.type === "number" && !field.optional)
    .map(([name]) => name);
  return { ...piece, register: null, statement: null, poles: [], cloth: null, unsaid: measures };
}

const seeds = Array.from({ length: 24 }, (_, seed) => seed + 1);

describe("what is open of a look", () => {
  it("is nothing where everything was said", () => {
    const shirt = sample("top", { name: "shirt", cloth: "cotton" });
    const look = sampleLook({ garments: [shirt], accessories: [sample("shoe", { name: "pumps" })] });
    expect(certaintyOf(look)).toEqual({ open: [], idle: 0 });
  });

  it("is a level that an occasion would refuse, by the nearest word", () => {
    const dress = sample("dress", { name: "dress", cloth: "wool" });
    const shoe = { ...sample("shoe", { name: "glitter boots" }), register: null };
    const look = sampleLook({ garments: [dress], accessories: [shoe], occasion: sampleOccasion });
    const { open } = certaintyOf(look);
    const level = open.find(({ answer }) => answer.of === "level");
    expect(level?.piece).toBe(shoe);
    expect(level?.verdict).toBe("jars");
  });

  it.each(seeds)("is what changes the verdict of look %i when it is said, and nothing else is", (seed) => {
    const whole = generatedLook(seed);
    const bare = whole.accessories.slice(0, 2).map(barelySaid);
    const look = { ...whole, accessories: [...bare, ...whole.accessories.slice(2)] };
    const now = read(look).verdict;
    const { open, idle } = certaintyOf(look);
    const pieces = [...look.accessories, ...look.garments];
    expect(open.length + idle).toBe(pieces.reduce((sum, piece) => sum + countUnsaid(piece), 0));
    for (const { piece, answer, verdict } of open) {
      expect(verdict).not.toBe(now);
      expect(read(withPiece(look, piece, answered(piece, answer))).verdict).toBe(verdict);
    }
  });
});

describe("what is asked first", () => {
  /** The usual measures a quarter further off each time, first less and then more, to the millimetre. */
  function nearMeasures(piece: Piece, name: string): Answer[] {
    const field = specOf(piece).figures[name];
    const usual = new Map<string, unknown>(Object.entries(piece.figures)).get(name);
    if (field?.type !== "number" || typeof usual !== "number") return [];
    const { min, max, whole } = field;
    const wide = (max - min) / 10;
    const least = Math.max(min, Math.min((usual * 2) / 3, usual - wide));
    const most = Math.min(max, Math.max(usual * 1.5, usual + wide));
    const fine = whole ? 1 : 10;
    const values = [1, 2, 3, 4].flatMap((quarters) => [
      usual - ((usual - least) * quarters) / 4,
      usual + ((most - usual) * quarters) / 4,
    ]);
    return [...new Set(values.map((value) => Math.round(value * fine) / fine))]
      .filter((value) => value !== usual)
      .map((value) => ({ of: "measure", name, value }));
  }

  /** Every word that could be said of a piece of which none is, the likeliest first. */
  function allWords(piece: Piece): Answer[][] {
    const isOfCloth = piece.kind === "scarf";
    return [
      [5, 4, 6, 3, 7, 2, 8, 1, 9].map((value) => ({ of: "level", value })),
      ([0, 1, 2, 3] as const).map((value) => ({ of: "statement", value })),
      poles.map((value) => ({ of: "style", value })),
      ...(isOfCloth ? [cloths.map((value): Answer => ({ of: "cloth", value }))] : []),
    ];
  }

  /** Whether what is asked of a piece of a look is of each thing the first answer by which it reads otherwise. */
  function expectFirst(look: Look, piece: Piece, possible: readonly (readonly Answer[])[]) {
    const now = read(look).verdict;
    const byAnswer = (answer: Answer) => read(withPiece(look, piece, answered(piece, answer))).verdict;
    const expected = possible.flatMap((answers) => answers.find((answer) => byAnswer(answer) !== now) ?? []);
    const { open, idle } = certaintyOf(look);
    expect(open.filter((question) => question.piece === piece).map(({ answer }) => answer)).toEqual(expected);
    expect(countUnsaid(piece)).toBe(possible.length);
    const pieces = [...look.accessories, ...look.garments];
    expect(idle + open.length).toBe(pieces.reduce((sum, each) => sum + countUnsaid(each), 0));
    const named = expected.flatMap((answer) =>
      answer.of === "measure" ? [{ piece, name: answer.name }] : [],
    );
    expect(decidingMeasures(look, [piece])).toEqual(named);
    expect(decidingMeasures(look, [])).toEqual([]);
  }

  /** A made-up look of which all is said but something of its first accessory. */
  function lookWith(seed: number, unsaid: (piece: Piece) => Piece) {
    const whole = generatedLook(seed);
    const [first, ...rest] = whole.accessories;
    if (!first) throw new Error("every made-up look has shoes");
    const piece = unsaid(first);
    const garments = whole.garments.map((garment) => ({ ...garment, cloth: "wool" as const }));
    return { piece, look: { ...whole, garments, accessories: [piece, ...rest] } };
  }

  it.each(seeds.slice(0, 8))("is the nearest measure by which look %i would read otherwise", (seed) => {
    const { piece, look } = lookWith(seed, (first) => ({ ...first, unsaid: barelySaid(first).unsaid }));
    const canBe = (answer: Answer) =>
      answer.of !== "measure" || !specOf(piece).check?.({ ...piece.figures, [answer.name]: answer.value });
    expectFirst(
      look,
      piece,
      piece.unsaid.map((name) => nearMeasures(piece, name).filter(canBe)),
    );
  });

  it.each(seeds.slice(0, 8))("is the likeliest word by which look %i would read otherwise", (seed) => {
    const { piece, look } = lookWith(seed, (first) => ({ ...barelySaid(first), unsaid: [] }));
    expectFirst(look, piece, allWords(piece));
  });

  it("counts what was not said one by one", () => {
    const bare = { ...sample("scarf"), register: null, statement: null, poles: [], cloth: null };
    expect(countUnsaid(bare)).toBe(4);
    expect(countUnsaid({ ...bare, unsaid: ["sideA"] })).toBe(5);
    expect(countUnsaid({ ...bare, statement: 0 })).toBe(3);
    expect(countUnsaid({ ...bare, cloth: "silk" })).toBe(3);
    expect(countUnsaid({ ...sample("dress"), cloth: null })).toBe(1);
    expect(countUnsaid({ ...sample("shoe"), cloth: null })).toBe(0);
  });
});

it("asks something that would decide in most looks of which little was said", () => {
  const asked = seeds.filter((seed) => {
    const whole = generatedLook(seed);
    return certaintyOf({ ...whole, accessories: whole.accessories.map(barelySaid) }).open.length > 0;
  });
  expect(asked.length).toBeGreaterThan(seeds.length / 2);
});

it("is no figure that tape or eye may be off by: nobody has measured it yet", () => {
  const shoe = barelySaid(sample("shoe", { name: "pumps" }));
  const off = toleratedFigures(sampleLook({ accessories: [shoe] })).filter(({ piece }) => piece === shoe);
  expect(new Set(off.map(({ unit }) => unit))).toEqual(new Set(["dE"]));
});

describe("what was not said counts as unknown", () => {
  const ids = ["style.story", "style.one-lead", "style.focal", "register.spread"];
  const rules = registry.filter(({ id }) => ids.includes(id));

  it("so that no rule of story, lead or level says anything of the piece", () => {
    expect(rules.map(({ id }) => id).sort()).toEqual([...ids].sort());
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), (seed) => {
        const look = generatedLook(seed);
        const [first] = look.accessories;
        if (!first) return;
        const unknown = { ...first, register: null, statement: null, poles: [] };
        const { findings } = read(withPiece(look, first, unknown));
        const said = findings.filter((finding) => ids.includes(finding.rule) && speaksOf(finding, first.id));
        expect(said.map(({ rule, message }) => `${rule} ${message}`)).toEqual([]);
      }),
      { numRuns: 80 },
    );
  });

  it("and a look of which no level was said has none", () => {
    const look = generatedLook(3);
    const unknown = <P extends Piece>(piece: P): P => ({ ...piece, register: null });
    const bare = {
      ...look,
      garments: look.garments.map(unknown),
      accessories: look.accessories.map(unknown),
    };
    expect(read(bare).level).toBeNull();
    expect(read(bare).findings.filter(({ lens }) => lens === "register")).toEqual([]);
  });

  it.each([
    ["inseam", "the inseam"],
    ["opening", "the hem around"],
  ])("and a hem whose %s was not said is no clean strip of ankle yet: take %s", (name, what) => {
    const trousers = sample("trousers", {
      name: "trousers",
      figures: { inseam: 70, opening: 35, above: 36.5 },
    });
    const boots = sample("shoe", {
      name: "boots",
      figures: { form: "boot", shaft: 6, shaftTop: 25.5, lift: 3, toe: "almond" },
    });
    const gapOf = (legs: typeof trousers) =>
      read(sampleLook({ garments: [legs], accessories: [boots] })).findings.filter(
        ({ rule }) => rule === "proportion.gap",
      );
    expect(gapOf(trousers).map(({ effect }) => effect)).toEqual(["sings"]);
    expect(gapOf({ ...trousers, unsaid: [name] })).toMatchObject([
      { effect: "note", message: "perhaps", words: { what }, estimated: true },
    ]);
  });

  it("and what is judged by a length of the piece is marked as estimated, a colour is not", () => {
    const whole = sample("trousers", { name: "trousers", figures: { leg: "wide", inseam: 82 } });
    const shoe = sample("shoe", { name: "pumps", hex: "#6d3f26" });
    const { findings } = read(
      sampleLook({ garments: [whole], accessories: [{ ...shoe, unsaid: ["lift"] }] }),
    );
    const about = findings.filter((finding) => speaksOf(finding, "pumps"));
    const byLength = about.filter(({ figures }) => Object.values(figures).some(({ unit }) => unit === "cm"));
    const others = about.filter((finding) => !byLength.includes(finding));
    expect(byLength.map(({ rule }) => rule)).toContain("proportion.drag");
    expect(byLength.every(({ estimated }) => estimated)).toBe(true);
    expect(others.some(({ estimated }) => estimated)).toBe(false);
  });
});
