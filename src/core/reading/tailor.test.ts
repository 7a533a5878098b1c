import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { dress } from "../dressing/dress";
import type { PieceOf } from "../piece/piece";
import { polished } from "../rule-book/rule-book";
import { registry } from "../rules/registry";
import { sample, sampleClient } from "../testing/sample";
import { hemFindings, hemPair, weighHem } from "./hems";
import { inseamFor, liftFor, recalibrated } from "./tailor";

const trousers = (figures: Partial<PieceOf<"trousers">["figures"]> = {}) =>
  sample("trousers", { name: "trousers", figures: { inseam: 77, opening: 35, above: 36.5, ...figures } });
const boot = (shaft: number, shaftTop = 26) =>
  sample("shoe", {
    name: `boot ${shaft}`,
    figures: { form: "boot", lift: 4, shaft, shaftTop, toe: "almond" },
  });
const loafer = sample("shoe", { name: "loafers", figures: { form: "loafer", lift: 2 } });

const halfCentimetres = () => Array.from({ length: 141 }, (_, i) => 40 + i / 2);

/** Which shoes an inseam suits, and what that adds up to. */
function weighedOver(legs: ReturnType<typeof trousers>, shoes: readonly PieceOf<"shoe">[], inseam: number) {
  const cut = { ...legs, figures: { ...legs.figures, inseam } };
  const good = shoes
    .map((shoe) => ({ id: shoe.id, ...weighHem(hemFindings(hemPair(sampleClient, cut, shoe))) }))
    .filter(({ against, points }) => against.length === 0 && points >= 0);
  return { suits: good.map(({ id }) => id), points: good.reduce((sum, { points }) => sum + points, 0) };
}

/** The first of the best runs of neighbours that suit the same shoes, as many as any. */
function bestRun(weighed: readonly { cm: number; suits: readonly string[]; points: number }[]) {
  const most = Math.max(...weighed.map(({ suits }) => suits.length));
  let best: { from: number; to: number; mean: number; suits: readonly string[] } | null = null;
  for (let at = 0; at < weighed.length;) {
    const suits = weighed[at]?.suits ?? [];
    let end = at;
    while (end + 1 < weighed.length && String(weighed[end + 1]?.suits) === String(suits)) end += 1;
    const run = weighed.slice(at, end + 1);
    at = end + 1;
    if (suits.length < most || most === 0) continue;
    const mean = run.reduce((sum, { points }) => sum + points, 0) / run.length;
    const [from, to] = [run[0]?.cm ?? 0, run[run.length - 1]?.cm ?? 0];
    const isBetter = !best || mean > best.mean || (mean === best.mean && to - from > best.to - best.from);
    if (isBetter) best = { from, to, mean, suits };
  }
  return best && { from: best.from, to: best.to, suits: best.suits };
}

describe("the inseam to ask the tailor for", () => {
  it("suits the shoes it names at both ends and in the middle, read again", () => {
    const shoes = [boot(6), boot(9), loafer];
    const { inseam, suits, excludes } = inseamFor(sampleClient, trousers(), shoes);
    expect(suits.length).toBeGreaterThanOrEqual(2);
    expect([...suits, ...excludes.map(({ shoe }) => shoe)].sort()).toEqual(shoes.map(({ id }) => id).sort());
    if (!inseam) throw new Error("an inseam should suit");
    for (const cm of [inseam.from, (inseam.from + inseam.to) / 2, inseam.to])
      for (const shoe of shoes.filter(({ id }) => suits.includes(id)))
        expect(weighHem(hemFindings(hemPair(sampleClient, trousers({ inseam: cm }), shoe))).against).toEqual(
          [],
        );
  });

  it("ends where half a centimetre more or less would suit fewer, or less well", () => {
    const shoes = [boot(6), boot(9), loafer];
    const { inseam, suits } = inseamFor(sampleClient, trousers(), shoes);
    if (!inseam) throw new Error("an inseam should suit");
    const suited = (cm: number) =>
      shoes
        .filter((shoe) => {
          const { against, points } = weighHem(
            hemFindings(hemPair(sampleClient, trousers({ inseam: cm }), shoe)),
          );
          return against.length === 0 && points >= 0;
        })
        .map(({ id }) => id);
    for (let cm = inseam.from; cm <= inseam.to; cm += 0.5) expect(suited(cm), `${cm} cm`).toEqual(suits);
    for (const cm of [inseam.from - 0.5, inseam.to + 0.5]) expect(suited(cm), `${cm} cm`).not.toEqual(suits);
    // No other inseam of the whole range suits more of them.
    for (let cm = 40; cm <= 110; cm += 0.5) expect(suited(cm).length).toBeLessThanOrEqual(suits.length);
  });

  it("reaches from 40 cm to 110 cm, and hears the client's rule book", () => {
    const everything = { weights: Object.fromEntries(registry.map(({ id }) => [id, 0])) };
    const free = { ...sampleClient, ruleBook: { ...polished, ...everything } };
    expect(inseamFor(free, trousers(), [boot(6)]).inseam).toEqual({ from: 40, to: 110 });
    expect(inseamFor(sampleClient, trousers(), [boot(6)]).inseam).not.toEqual({ from: 40, to: 110 });
    const wide = trousers({ leg: "wide", inseam: 84, opening: 54, above: 54 });
    const low = { ...polished, params: { "proportion.drag": { rightTo: 3 } } };
    const [usual, changed] = [sampleClient, { ...sampleClient, ruleBook: low }].map((client) =>
      liftFor(client, wide),
    );
    expect((changed?.to ?? 0) - (usual?.to ?? 0)).toBeCloseTo(0.5, 9);
  });

  it("is the best run of those that suit as many: read well before long", () => {
    const shoes = [boot(6), boot(9), loafer];
    for (const legs of [trousers(), trousers({ opening: 42, leg: "wide" }), trousers({ opening: 30 })])
      for (const worn of [shoes, shoes.slice(0, 1), shoes.slice(1), [loafer]]) {
        const { inseam, suits } = inseamFor(sampleClient, legs, worn);
        const weighed = halfCentimetres().map((cm) => ({ cm, ...weighedOver(legs, worn, cm) }));
        const best = bestRun(weighed);
        expect(inseam && { ...inseam, suits }).toEqual(best);
      }
  });

  it("is none where no inseam suits any shoe, and says of each what stands against it as the leg is", () => {
    const wide = boot(75, 60);
    const legs = trousers({ opening: 30, above: 31 });
    const answer = inseamFor(sampleClient, legs, [wide]);
    expect(answer).toMatchObject({ inseam: null, suits: [], excludes: [{ shoe: wide.id }] });
    const { against } = weighHem(hemFindings(hemPair(sampleClient, legs, wide)));
    expect(answer.excludes[0]?.because).toEqual(against);
    expect(against.length).toBeGreaterThan(0);
    expect(inseamFor(sampleClient, trousers(), [])).toEqual({ inseam: null, suits: [], excludes: [] });
  });

  it("says which shoes it excludes, and why", () => {
    const { excludes } = inseamFor(sampleClient, trousers(), [boot(6), boot(18, 40)]);
    for (const { because } of excludes) expect(because.length).toBeGreaterThan(0);
  });
});

describe("the lift full-length legs need", () => {
  it("hangs them 1.3 to 2.5 cm over the floor", () => {
    const wide = trousers({ leg: "wide", inseam: 84, opening: 54, above: 54 });
    const lift = liftFor(sampleClient, wide);
    if (!lift) throw new Error("full-length legs have a lift");
    for (const [cm, over] of [
      [lift.from, 1.3],
      [lift.to, 2.5],
    ] as const) {
      const shoe = sample("shoe", { figures: { lift: cm, platform: 0 } });
      expect(dress(hemPair(sampleClient, wide, shoe)).leg?.hemAboveFloor).toBeCloseTo(over, 6);
    }
  });

  it("is none for legs that end at the ankle", () => {
    expect(liftFor(sampleClient, trousers())).toBeNull();
    expect(liftFor(sampleClient, trousers({ leg: "wide", inseam: 60, opening: 54 }))).toBeNull();
  });
});

describe("a hem measured at a try-on", () => {
  it("stands from now on, and its drop explains it", () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 9, noNaN: true }), (hem) => {
        const worn = recalibrated(sampleClient, trousers({ inseam: 72 }), hem);
        expect(dress(hemPair(sampleClient, worn, loafer)).leg?.hem).toBeCloseTo(hem, 6);
        const reckoned = { ...worn, figures: { ...worn.figures, measuredHem: null } };
        expect(
          Math.abs((dress(hemPair(sampleClient, reckoned, loafer)).leg?.hem ?? NaN) - hem),
        ).toBeLessThanOrEqual(0.051);
      }),
    );
  });
});
