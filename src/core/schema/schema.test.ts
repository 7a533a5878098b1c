import { describe, expect, it } from "vitest";
import { asSaid } from "../piece/as-said";
import type { Piece } from "../piece/piece";
import { sample, sampleClient, sampleOccasion } from "../testing/sample";
import { adjustments } from "./adjustment";
import { clientFigures, ruleBook } from "./client";
import { occasion } from "./occasion";
import { piece } from "./piece";
import { validate } from "./validate";

const { colouring, limits, measured, seated } = clientFigures;

/** The faults of a value, as field and sentence. */
function faultsOf(schema: Parameters<typeof validate>[0], value: unknown): Record<string, string> {
  const outcome = validate(schema, value);
  return outcome.ok ? {} : Object.fromEntries(outcome.faults.map(({ field, say }) => [field, say]));
}

describe("measurements", () => {
  it("are taken when they are plausible and agree", () => {
    expect(validate(measured, sampleClient.measured)).toEqual({ ok: true, value: sampleClient.measured });
  });

  it.each([
    [{}, "height", "Height is missing."],
    [{ height: 17 }, "height", "Height must be at least 90; 17 is not plausible."],
    [{ height: "tall" }, "height", 'Height must be a number; "tall" is not.'],
    [{ height: 170, ankle: 9 }, "ankle", "Ankle girth must be at least 15; 9 is not plausible."],
    [{ height: 170, inside: 4 }, "inside", "Inside is not a field that is known here."],
  ])("%j is refused at %s", (value, field, sentence) => {
    expect(faultsOf(measured, value)[field]).toBe(sentence);
  });

  it.each([
    [
      { height: 170, ankle: 38, calf: 36 },
      "ankle",
      /Ankle girth \(38 cm\) cannot be as large as calf girth \(36 cm\)/,
    ],
    [
      { height: 170, crotch: 104, waistLine: 100 },
      "crotch",
      /Crotch \(104 cm\) cannot be as large as waist line \(100 cm\)/,
    ],
    [{ height: 170, chin: 172 }, "chin", /Chin \(172 cm\) cannot be as large as height \(170 cm\)/],
  ])("%j contradicts itself at %s", (value, field, sentence) => {
    const [found] = Object.entries(faultsOf(measured, value));
    expect(found?.[0]).toBe(field);
    expect(found?.[1]).toMatch(sentence);
  });

  it("names every implausible figure at once", () => {
    expect(Object.keys(faultsOf(measured, { height: 3, neck: 1, wrist: 400 }))).toEqual([
      "height",
      "neck",
      "wrist",
    ]);
  });
});

describe("the rest of a client", () => {
  it("takes colours as hex only, and gives limits added later their default", () => {
    expect(faultsOf(colouring, { ...sampleClient.colouring, hair: "auburn" })).toEqual({
      hair: "Hair must be a colour such as navy or #2a66c8.",
    });
    const { hemAboveKnee: _later, ...before } = sampleClient.limits;
    expect(validate(limits, before)).toEqual({ ok: true, value: sampleClient.limits });
    expect(validate(seated, undefined)).toEqual({ ok: true, value: false });
  });

  it("knows the schools' choices, and fills in a question that was not asked then", () => {
    const { socks: _later, ...schools } = sampleClient.ruleBook.schools;
    const outcome = validate(ruleBook, { ...sampleClient.ruleBook, schools });
    expect(outcome.ok && outcome.value.schools.socks).toBe("hidden");
    const faults = faultsOf(ruleBook, {
      ...sampleClient.ruleBook,
      schools: { ...schools, metals: "three metals" },
    });
    expect(faults["schools.metals"]).toMatch(
      /Metals must be one of one metal, bridged, free; "three metals" is not\./,
    );
  });

  it("takes parameters of rules that exist, as numbers", () => {
    const book = (params: unknown) => ({ ...sampleClient.ruleBook, params });
    expect(faultsOf(ruleBook, book({ "proportion.gap": { singsTo: 6 } }))).toEqual({});
    expect(Object.keys(faultsOf(ruleBook, book({ "proportion.mood": { singsTo: 6 } })))).toEqual([
      "params.proportion.mood",
    ]);
    expect(
      faultsOf(ruleBook, book({ "proportion.gap": { singsTo: "wide" } }))["params.proportion.gap.singsTo"],
    ).toMatch(/must be a number/);
  });
});

describe("a piece", () => {
  const boot = sample("shoe", { name: "boot", figures: { form: "boot", shaft: 12, shaftTop: 30 } });

  it("is taken whole", () => {
    expect(validate(piece, asSaid(boot))).toEqual({ ok: true, value: boot });
  });

  it("without a figure that came later has its initial value; without an old one it is refused", () => {
    const said = asSaid(boot);
    const { leather: _later, ...figures } = boot.figures;
    expect(validate(piece, { ...said, figures })).toEqual({ ok: true, value: boot });
    const { lift: _old, ...without } = boot.figures;
    expect(faultsOf(piece, { ...said, figures: without })).toEqual({
      "figures.lift": "Heel height, with sole is missing.",
    });
  });

  it("of which little was said is taken with what was, and the measures that were not are named", () => {
    const little = { poles: [], statement: null, register: null };
    const figures = { ...boot.figures, lift: null, platform: 4 };
    const outcome = validate<Piece>(piece, { ...asSaid(boot), ...little, figures });
    if (!outcome.ok) throw new Error(outcome.faults[0]?.say);
    expect(outcome.value).toMatchObject({ ...little, unsaid: ["lift"] });
    expect(asSaid(outcome.value)).toEqual({ ...asSaid(boot), ...little, figures });
  });

  it("says its level whole or not at all", () => {
    expect(faultsOf(piece, { ...asSaid(boot), register: { centre: 5 } })).toEqual({
      "register.low": "Lowest level is missing.",
      "register.high": "Highest level is missing.",
    });
  });

  it.each([
    [{ figures: { ...boot.figures, shaft: null } }, "figures.shaft", /A boot needs the height of its shaft/],
    [{ figures: { ...boot.figures, form: "pump" } }, "figures.shaft", /A pump has no shaft/],
    [{ figures: { ...boot.figures, platform: 9 } }, "figures.platform", /cannot be higher than the heel/],
    [{ name: "  " }, "name", /Enter a name/],
    [{ swatches: [] }, "swatches", /Colours needs at least 1/],
    [{ swatches: [{ hex: "#fff", share: 1, role: "ground" }] }, "swatches.0.hex", /Colour must be a colour/],
    [{ register: { low: 6, centre: 5, high: 7 } }, "register", /must lie between the lowest and the highest/],
    [{ poles: ["classic", "sport", "gala"] }, "poles", /Style takes at most 2/],
    [{ metalSize: 1.5 }, "metalSize", /must be a whole number/],
  ] as const)("with %j is refused at %s", (change, field, sentence) => {
    expect(faultsOf(piece, { ...asSaid(boot), ...change })[field]).toMatch(sentence);
  });

  it("checks a belt's holes in order", () => {
    const belt = sample("belt", { figures: { firstHole: 90, lastHole: 80 } });
    expect(faultsOf(piece, asSaid(belt))["figures.lastHole"]).toMatch(/cannot be nearer the buckle/);
  });

  it("of an unknown kind names the kinds there are", () => {
    expect(faultsOf(piece, { ...boot, kind: "cape" }).kind).toMatch(
      /^Kind of piece must be one of trousers, .*shoe; "cape" is not\.$/,
    );
  });
});

describe("the picture of a scarf", () => {
  const scarf = asSaid(sample("scarf", { name: "square" }));
  const pictured = (picture: unknown) => ({ ...scarf, figures: { ...scarf.figures, picture } });
  const colours = ["#efe7d6", "#1f6b3a"];

  it.each([
    [{ colours, rows: ["01", "0"] }, "All rows of the picture of the scarf must have as many cells."],
    [
      { colours, rows: ["02"] },
      "A cell of the picture of the scarf has a colour that is not among its colours.",
    ],
    [{ colours, rows: Array.from({ length: 65 }, () => "0") }, /^Rows of the picture .*64/],
    [{ colours: ["green"], rows: ["0"] }, /^Colour of the picture/],
    [{ colours }, "Rows of the picture is missing."],
  ])("%j is named", (picture, sentence) => {
    const [say] = Object.values(faultsOf(piece, pictured(picture)));
    expect(say).toMatch(sentence);
  });

  it("decides the swatches, whatever was sent beside it", () => {
    const outcome = validate(piece, pictured({ colours, rows: ["0001"] }));
    expect(outcome.ok && outcome.value.swatches).toEqual([
      { hex: "#efe7d6", share: 0.75, role: "ground" },
      { hex: "#1f6b3a", share: 0.25, role: "motif" },
    ]);
  });

  it("of a cloth of 4 x 300 is named by its side", () => {
    const long = { ...scarf, figures: { ...scarf.figures, sideA: 300, sideB: 4 } };
    expect(faultsOf(piece, long)).toEqual({
      "figures.sideA": "Long side must be at most 260; 300 is not plausible.",
    });
  });
});

describe("an occasion and adjustments", () => {
  it.each([
    ["day", "2026-02-30"],
    ["day", "tomorrow"],
    ["day", "2026-11-24T00:00:00Z"],
  ])("a %s of %s is no day", (field, value) => {
    expect(faultsOf(occasion, { ...sampleOccasion, [field]: value })[field]).toBe(
      "Day must be a day, such as 2026-05-14.",
    );
  });

  it("keeps a day as it was written", () => {
    expect(validate(occasion, sampleOccasion)).toEqual({ ok: true, value: sampleOccasion });
  });

  it("takes each kind of adjustment with what belongs to it", () => {
    const all = [
      { kind: "turn", piece: "a", count: 2, depth: 3 },
      { kind: "tuck-into-boot", piece: "a" },
      { kind: "double", piece: "b" },
      { kind: "strap", piece: "c", carry: "shoulder", way: "knotted" },
    ];
    expect(validate(adjustments, all)).toEqual({ ok: true, value: all });
    expect(Object.keys(faultsOf(adjustments, [{ kind: "turn", piece: "a", count: 3, depth: 3 }]))).toEqual([
      "0.count",
    ]);
    expect(
      Object.keys(faultsOf(adjustments, [{ kind: "strap", piece: "a", carry: "teeth", way: "knotted" }])),
    ).toEqual(["0.carry"]);
    expect(Object.keys(faultsOf(adjustments, [{ kind: "burn", piece: "a" }]))).toEqual(["0.kind"]);
  });
});
