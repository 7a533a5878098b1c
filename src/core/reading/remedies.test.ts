import { describe, expect, it } from "vitest";
import type { Look } from "../piece/look";
import type { Piece } from "../piece/piece";
import type { Finding } from "../rules/finding";
import { pieceIdsOf } from "../rules/spoken";
import { generatedWardrobe } from "../testing/generated";
import { generatedLook } from "../testing/generated-look";
import { sample, sampleClient, sampleLook, sampleOccasion } from "../testing/sample";
import { apply, type Change } from "./change";
import { read, type Reading } from "./read";
import { remediesOf } from "./remedies";
import { effectValues, markOf, verdicts } from "./verdict";

const wardrobe: Piece[] = generatedWardrobe(["shoe", "bag", "belt", "earrings", "scarf", "hosiery"], 5, 23);
const looks = Array.from({ length: 60 }, (_, seed) => generatedLook(400 + seed));
const points = ({ effect, weight }: Finding) => weight * effectValues[effect];
const hasShoes = ({ accessories }: Look) => accessories.some(({ kind }) => kind === "shoe");

/** What a change puts in another's place, by the piece before. */
function nowCalled(look: Look, { kind, ...change }: Change): (id: string) => string {
  if (kind !== "wear" || !("piece" in change) || typeof change.piece === "string") return (id) => id;
  const on = change.piece;
  const after = apply(look, { kind, piece: on });
  const off = look.accessories.find(({ id }) => !after.accessories.some((left) => left.id === id));
  return (id) => (id === off?.id ? on.id : id);
}

/** The findings of one rule that speak of some of the same pieces, or of the look as a whole. */
function sameMatter(finding: Finding, reading: Reading, called: (id: string) => string): Finding[] {
  const pieces = pieceIdsOf(finding).map(called);
  return reading.findings.filter((other) => {
    const others = pieceIdsOf(other);
    const overlaps = pieces.length === 0 || others.length === 0 || others.some((id) => pieces.includes(id));
    return other.rule === finding.rule && overlaps;
  });
}

/** Made-up looks with what is found for each. */
function remedied() {
  return looks
    .map((look) => ({ look, reading: read(look) }))
    .map((known) => ({ ...known, found: remediesOf(known.look, known.reading, wardrobe) }));
}

function everyRemedy() {
  return remedied().flatMap(({ look, reading, found }) =>
    found.mended.flatMap(({ finding: at, remedies }) =>
      remedies.map((remedy) => {
        const finding = reading.findings[at];
        if (!finding) throw new Error("a remedy of no finding");
        const changed = apply(look, remedy.change);
        return { look, reading, finding, remedy, changed, after: read(changed) };
      }),
    ),
  );
}

describe("remedies of generated looks", () => {
  it("are many enough to be judged, three at most under each, the best first", () => {
    let many = 0;
    for (const { found } of remedied())
      for (const { remedies } of found.mended) {
        expect(remedies.length).toBeLessThanOrEqual(3);
        many += remedies.length;
        const marks = remedies.map(({ worth }) => worth.after);
        expect(marks).toEqual([...marks].sort((one, other) => other - one));
      }
    expect(many).toBeGreaterThan(150);
  });

  it("lead to what they promise, and the look reads better", () => {
    for (const { reading, remedy, after } of everyRemedy()) {
      expect(remedy.worth).toMatchObject({ before: markOf(reading), after: markOf(after) });
      expect(remedy.verdict).toBe(after.verdict);
      expect(after.points).toBeGreaterThan(reading.points);
      expect(verdicts.indexOf(after.verdict)).toBeLessThanOrEqual(verdicts.indexOf(reading.verdict));
    }
  });

  it("leave what they stand under gone or less grave", () => {
    for (const { look, reading, finding, remedy, after } of everyRemedy()) {
      const called = nowCalled(look, remedy.change);
      const stoodBeside = reading.findings.filter((other) => other !== finding);
      const left = sameMatter(finding, after, called).filter(
        (now) =>
          !stoodBeside.some(
            (then) => then.rule === now.rule && then.effect === now.effect && alike(then, now, called),
          ),
      );
      for (const now of left)
        expect(
          points(now) > points(finding) || points(now) > 0,
          `${finding.rule}: ${remedy.change.kind}`,
        ).toBe(true);
    }
  });

  it("bring nothing as grave as what they mend", () => {
    for (const { look, reading, finding, remedy, after } of everyRemedy()) {
      const called = nowCalled(look, remedy.change);
      for (const now of after.findings) {
        if (points(now) >= 0 || points(now) > points(finding)) continue;
        const stood = reading.findings.some(
          (then) => then.rule === now.rule && then.effect === now.effect && alike(then, now, called),
        );
        expect(stood, `${finding.rule} mended, ${now.rule} come`).toBe(true);
      }
    }
  });

  it("never leave the shoes off", () => {
    for (const { look, changed } of everyRemedy()) if (hasShoes(look)) expect(hasShoes(changed)).toBe(true);
  });

  it("stand apart where they mend nothing, and are better all the same", () => {
    const apart = remedied().flatMap(({ look, reading, found }) =>
      found.alsoBetter.map(({ change }) => ({ reading, found, change, after: read(apply(look, change)) })),
    );
    expect(apart.length).toBeGreaterThan(10);
    for (const { reading, found, change, after } of apart) {
      expect(after.points).toBeGreaterThan(reading.points);
      expect(verdicts.indexOf(after.verdict)).toBeLessThanOrEqual(verdicts.indexOf(reading.verdict));
      for (const { remedies } of found.mended)
        expect(remedies.map((remedy) => JSON.stringify(remedy.change))).not.toContain(JSON.stringify(change));
    }
  });
});

function alike(one: Finding, other: Finding, called: (id: string) => string): boolean {
  return pieceIdsOf(one).map(called).sort().join() === pieceIdsOf(other).sort().join();
}

describe("remedies", () => {
  const dinner = { ...sampleOccasion, span: { low: 7, high: 8 } };
  const dress = sample("dress", { name: "dress", register: { low: 5, centre: 6, high: 8 }, statement: 1 });
  const at = (low: number, centre: number, high: number) => ({ low, centre, high });

  it("do not offer trainers under a level that they leave too low", () => {
    const flats = sample("shoe", { name: "flats", register: at(3, 4.5, 6) });
    const trainers = sample("shoe", {
      name: "trainers",
      register: at(1, 3, 5),
      figures: { form: "trainer" },
    });
    const look = sampleLook({ garments: [dress], accessories: [flats], occasion: dinner });
    const reading = read(look);
    const below = reading.findings.findIndex(({ message }) => message === "below");
    expect(below).toBeGreaterThanOrEqual(0);
    const { mended } = remediesOf(look, reading, [trainers]);
    expect(mended.find(({ finding }) => finding === below)).toBeUndefined();
  });

  it("do not cover a bare leg with socks that nobody sees", () => {
    const look = sampleLook({
      client: { ...sampleClient },
      garments: [dress],
      accessories: [sample("shoe", { name: "pumps" })],
      occasion: { ...sampleOccasion, flags: ["hosiery expected"] },
    });
    const reading = read(look);
    const bare = reading.findings.findIndex(({ message }) => message === "hosiery expected");
    expect(bare).toBeGreaterThanOrEqual(0);
    const offered = (form: "liner" | "tights") =>
      remediesOf(look, reading, [sample("hosiery", { name: form, figures: { form } })]).mended.some(
        ({ finding }) => finding === bare,
      );
    expect(offered("liner")).toBe(false);
    expect(offered("tights")).toBe(true);
  });
});

describe("remedies of the place", () => {
  const client = { ...sampleClient, measured: { ...sampleClient.measured, neck: 36, waist: 76, hip: 100 } };
  const legs = sample("trousers", { name: "legs", hex: "#33425f", figures: { inseam: 74 } });
  const knit = sample("top", { name: "knit", hex: "#dde3e8", figures: { tucked: true } });
  const dark = { hex: "#2b3140" } as const;
  const stiletto = sample("shoe", {
    ...dark,
    name: "stiletto",
    figures: { form: "pump", lift: 8, tip: "stiletto", toe: "pointed" },
  });
  const wedge = sample("shoe", { ...dark, name: "wedge", figures: { form: "pump", lift: 5, tip: "wedge" } });
  const canvas = sample("shoe", {
    ...dark,
    name: "canvas",
    finish: "canvas",
    figures: { form: "laced shoe" },
  });
  const leather = sample("shoe", {
    ...dark,
    name: "leather",
    figures: { form: "laced shoe", leather: true },
  });
  const tote = sample("bag", { name: "tote", figures: { width: 40, height: 34, depth: 14 } });
  const blazer = sample("jacket", { name: "blazer", hex: "#33425f" });

  /** What is proposed under a finding: the piece to put on, or what to do. */
  const under = (look: Look, rule: string, message: string, pieces: readonly Piece[]) => {
    const reading = read(look);
    const at = reading.findings.findIndex((finding) => finding.rule === rule && finding.message === message);
    expect(at).toBeGreaterThanOrEqual(0);
    const found = remediesOf(look, reading, pieces).mended.find(({ finding }) => finding === at);
    return (found?.remedies ?? []).map(({ change }) =>
      change.kind === "wear"
        ? change.piece.id
        : change.kind === "adjust"
          ? change.adjustment.kind
          : change.kind,
    );
  };
  const at = (given: Partial<typeof sampleOccasion>) => ({ ...sampleOccasion, ...given });
  const dressed = (accessories: Piece[], occasion: typeof sampleOccasion, garments: Piece[] = [legs, knit]) =>
    sampleLook({ client, garments, accessories, occasion });

  it("are a wedge for a stiletto on a lawn, and leather for canvas in the rain", () => {
    const lawn = dressed([stiletto], at({ ground: "lawn" }));
    expect(under(lawn, "comfort.ground", "sinks", [wedge])).toContain("wedge");
    const rain = dressed([canvas], at({ ground: "pavement", rain: 0.9 }));
    expect(under(rain, "comfort.wet", "spoils", [leather])).toContain("leather");
  });

  it("are flat shoes in the bag for the way, and a layer for the cooled room", () => {
    const long = dressed([stiletto, tote], at({ ground: "pavement", onFoot: 240 }));
    expect(under(long, "comfort.foot-time", "far", [])).toContain("spare-pair");
    const hot = dressed([leather], at({ ground: "pavement", temperature: 27, wind: 9 }));
    const thin = sample("dress", { name: "thin", hex: "#dde3e8", cloth: "linen" });
    const sandals = sample("shoe", { ...dark, name: "sandals", figures: { form: "sandal", toe: "open" } });
    const tiny = sample("bag", { name: "tiny", hex: "#2b3140" });
    const summer = dressed([sandals, tiny], at({ ground: "pavement", temperature: 30 }), [thin]);
    const linen = sample("jacket", { name: "linen", hex: "#dde3e8", finish: "satin" });
    expect(under(summer, "comfort.warmth", "room", [linen])).toContain("linen");
    const room = read(hot).findings.find(({ message }) => message === "room");
    expect(room?.proposals).toEqual([{ kind: "wear", slot: "layer" }]);
    expect(read({ ...hot, accessories: [leather, blazer] }).findings).not.toContainEqual(room);
  });

  it("are a collar turned up in the cold, and the knit tied round the shoulders in the heat", () => {
    const cold = dressed([leather], at({ ground: "pavement", temperature: 1 }), [legs, knit, blazer]);
    expect(under(cold, "comfort.warmth", "neck", [])).toContain("collar-up");
    const shirt = sample("top", { name: "shirt", figures: { neckline: "shirt collar", tucked: true } });
    const wool = sample("top", {
      name: "wool",
      finish: "knit",
      cloth: "fine knit",
      figures: { sleeve: "long", bodyGirth: 110 },
    });
    const hot = dressed([leather], at({ ground: "pavement", temperature: 25 }), [legs, shirt, wool]);
    expect(under(hot, "comfort.warmth", "warm", [])).toContain("round-shoulders");
  });
});
