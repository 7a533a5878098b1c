import { describe, expect, it } from "vitest";
import { changeBook } from "../rule-book/book-change";
import { polished, readsAlike, readyBooks } from "../rule-book/rule-book";
import { bookChange } from "../schema/book-change";
import { ruleBook } from "../schema/client";
import { validate } from "../schema/validate";
import type { Overruling } from "../studio/overruling";
import { sample, sampleClient, sampleLook, sampleOccasion } from "../testing/sample";
import { swap } from "../piece/look";
import { bookExamplesOf } from "./book-examples";
import { bookRemediesOf } from "./book-remedies";
import { surprises } from "./edit-pass";
import { pieceIdsOf } from "../rules/spoken";
import { read } from "./read";
import { markOf } from "./verdict";
import { identityOf } from "./same-finding";
import { standingOf } from "./standing";

const trousers = sample("trousers", {
  name: "Camel trousers",
  hex: "#c2a57d",
  figures: { inseam: 73.5, opening: 35, above: 36.5 },
});
const knit = sample("top", { name: "Ink knit", hex: "#1d2742", figures: { tucked: true } });
const boots = sample("shoe", {
  name: "Loose boots",
  hex: "#8d5430",
  figures: { form: "boot", lift: 4, shaft: 12, shaftTop: 31, toe: "almond" },
});
const bag = sample("bag", { name: "Tan bag", hex: "#a77b4f", metal: "brass", metalSize: 2 });
const watch = sample("watch", { name: "Steel watch", metal: "steel", metalSize: 2 });
const look = sampleLook({
  garments: [trousers, knit],
  accessories: [boots, bag, watch],
  occasion: sampleOccasion,
});
const reading = read(look);
const metal = reading.findings.find(({ rule }) => rule === "finish.metal");
if (!metal) throw new Error("the look should break its metal story");

const overruling = (given: Partial<Overruling> = {}): Overruling => ({
  id: "one",
  rule: metal.rule,
  effect: metal.effect,
  pieceIds: pieceIdsOf(metal),
  reason: "her father's watch",
  lookId: "look",
  ...given,
});

describe("what stands when the stylist overrules", () => {
  it("is the reading itself when nothing is overruled", () => {
    expect(standingOf(reading, [])).toMatchObject({ verdict: reading.verdict, score: reading.score });
  });

  it("sets the finding aside and keeps it beside the reason", () => {
    const standing = standingOf(reading, [overruling()]);
    expect(standing.score).toBeGreaterThan(reading.score);
    const at = reading.findings.indexOf(metal);
    expect(standing.overruled[at]?.reason).toBe("her father's watch");
    expect(standing.overruled.filter((each) => each !== null)).toHaveLength(1);
    expect(reading.findings[at]).toBe(metal);
  });

  it("holds for a look on the same pieces only, and for a client on any", () => {
    const other = read({ ...look, accessories: [boots, bag, { ...watch, id: "another watch" }] });
    expect(standingOf(other, [overruling()]).score).toBe(other.score);
    expect(standingOf(other, [overruling({ lookId: null })]).score).toBeGreaterThan(other.score);
    expect(standingOf(reading, [overruling({ effect: "note" })]).score).toBe(reading.score);
  });
});

describe("a rule book changed", () => {
  it("goes there and back again", () => {
    const set = changeBook(polished, { kind: "param", rule: "proportion.gap", param: "singsTo", value: 6 });
    expect(set.params).toEqual({ "proportion.gap": { singsTo: 6 } });
    expect(readsAlike(set, polished)).toBe(false);
    const back = changeBook(set, { kind: "param", rule: "proportion.gap", param: "singsTo", value: null });
    expect(back.params).toEqual({});
    expect(readsAlike(back, polished)).toBe(true);
    const rests = changeBook(polished, { kind: "weight", rule: "colour.echo", weight: 0 });
    expect(
      readsAlike(changeBook(rests, { kind: "weight", rule: "colour.echo", weight: null }), polished),
    ).toBe(true);
  });

  it("reads alike whatever its name and version", () => {
    expect(readsAlike({ ...polished, name: "Mine", version: 9 }, polished)).toBe(true);
    for (const one of readyBooks)
      for (const other of readyBooks) expect(readsAlike(one, other)).toBe(one === other);
  });

  it("lays a rule of weight 0 to rest, and weighs the others", () => {
    const under = (weight: number) =>
      read({
        ...look,
        client: { ...sampleClient, ruleBook: { ...polished, weights: { "finish.metal": weight } } },
      });
    expect(under(0).findings.some(({ rule }) => rule === "finish.metal")).toBe(false);
    expect(under(2).score).toBeLessThan(under(0.5).score);
  });

  it.each([
    [{ kind: "school", school: "metals", choice: "free" }, true],
    [{ kind: "school", school: "metals", choice: "whatever" }, false],
    [{ kind: "school", school: "moods", choice: "free" }, false],
    [{ kind: "weight", rule: "colour.echo", weight: 0 }, true],
    [{ kind: "weight", rule: "colour.echo", weight: 9 }, false],
    [{ kind: "param", rule: "hem", param: "closeEase", value: 4 }, true],
    [{ kind: "param", rule: "hem", param: "sweetness", value: 4 }, false],
    [{ kind: "param", rule: "nothing", param: "closeEase", value: 4 }, false],
    [{ kind: "delete everything" }, false],
  ])("%o is taken: %s", (change, ok) => {
    expect(validate(bookChange, change).ok).toBe(ok);
  });

  it("is refused with a figure that no rule has", () => {
    const strange = { ...polished, params: { "proportion.gap": { sweetness: 3 } } };
    const result = validate(ruleBook, strange);
    expect(result.ok).toBe(false);
    if (!result.ok)
      expect(result.faults[0]?.say).toBe('The rule proportion.gap has no figure called "sweetness".');
  });

  it("is whole again when it was stored before versions and weights", () => {
    const { version: _version, weights: _weights, ...old } = polished;
    const result = validate(ruleBook, old);
    expect(result.ok && result.value).toMatchObject({ version: 1, weights: {} });
  });
});

describe("what the rule book could say instead", () => {
  const changesOf = () => bookRemediesOf(look, identityOf(metal));

  it("is tried: after it the finding is gone, and the score is the one promised", () => {
    const changes = changesOf();
    expect(changes.length).toBeGreaterThan(1);
    for (const { change, score, verdict } of changes) {
      const book = changeBook(look.client.ruleBook, change);
      const after = read({ ...look, client: { ...look.client, ruleBook: book } });
      expect(after.findings.some(({ rule, effect }) => rule === metal.rule && effect === metal.effect)).toBe(
        false,
      );
      expect({ score: after.score, verdict: after.verdict }).toEqual({ score, verdict });
    }
  });

  it("offers a school first and letting the rule rest last", () => {
    const changes = changesOf();
    expect(changes[0]?.change).toEqual({ kind: "school", school: "metals", choice: "free" });
    expect(changes[changes.length - 1]?.change).toEqual({
      kind: "weight",
      rule: "finish.metal",
      weight: 0,
    });
  });

  it("moves a limit past the measured figure", () => {
    const snag = reading.findings.find(
      ({ rule }) => rule === "proportion.snag" || rule === "proportion.overlap",
    );
    if (!snag) throw new Error("the hem should meet the loose shaft");
    const moved = bookRemediesOf(look, identityOf(snag)).filter(({ change }) => change.kind === "param");
    for (const { change } of moved) expect(change.kind === "param" && change.value).not.toBeNull();
    expect(bookRemediesOf(look, identityOf(snag)).length).toBeGreaterThan(0);
  });
});

describe("an example for every other answer", () => {
  const examplesOf = () => bookExamplesOf([look, { ...look, accessories: [boots] }], polished);

  it("is the look it changes most, read both ways", () => {
    const free = examplesOf().find(({ school, choice }) => school === "metals" && choice === "free");
    expect(free?.look).toBe(0);
    expect(free?.before).toEqual({ verdict: reading.verdict, score: reading.score });
    expect(free?.after.score).toBeGreaterThan(reading.score);
  });

  it("is none where no look is read otherwise", () => {
    const denim = examplesOf().find(({ school }) => school === "denim");
    expect(denim?.look).toBeNull();
  });

  it("is never for the answer that is given", () => {
    expect(examplesOf().some(({ school, choice }) => polished.schools[school] === choice)).toBe(false);
  });
});

describe("surprises", () => {
  const satchel = sample("bag", { name: "Ember satchel", hex: "#a4502f", statement: 2 });
  const tote = sample("bag", { name: "Plain tote", hex: "#a77b4f" });
  const plain = { ...look, accessories: [boots, bag] };

  it("exchange something plain for something that speaks, verdict kept, score promised", () => {
    const found = surprises(plain, [satchel, tote, boots]);
    for (const { off, on, worth } of found) {
      expect(off.statement).toBe(0);
      expect(on.statement).toBeGreaterThan(0);
      expect(markOf(read(swap(plain, "bag", on)))).toBe(worth.after);
    }
    expect(found.map(({ on }) => on.name)).toEqual(["Ember satchel"]);
  });

  it("are none where nothing plain is on, or nothing speaks", () => {
    expect(surprises({ ...look, accessories: [satchel] }, [satchel, tote])).toEqual([]);
    expect(surprises(plain, [tote])).toEqual([]);
  });
});
