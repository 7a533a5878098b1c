import { describe, expect, it } from "vitest";
import { bodyOf } from "../body/body";
import { girthsOf } from "./girths";
import { knots, reachOf, type ScarfBand } from "./reach";
import { tieAsked } from "../testing/tie-asked";
import { sidesOf, tieOf, type Cloth, type TieAsked, type Tied } from "./tied";
import { tieSpec, type TieName } from "./ties";

const girths = girthsOf(bodyOf({ height: 170, neck: 36, waist: 74, hip: 100, bust: 92, wrist: 16 }));
const cloth = (sideA: number, sideB: number, given: Partial<Cloth> = {}): Cloth => ({
  sideA,
  sideB,
  thickness: 0.14,
  stiffness: 0.4,
  loop: false,
  ...given,
});

function tied(tie: TieName, of: Cloth, given: Partial<TieAsked> = {}): Tied {
  const answer = tieOf(of, tieAsked(tie, given), girths);
  if (!answer.possible) throw new Error(`${tie}: ${answer.refusal.why}`);
  return answer.tied;
}

const roundOf = ({ spec }: Tied) => girths[spec.round].cm + spec.ease;

describe("how far a tied scarf falls", () => {
  it("is what its tails add to where it lies, and of a bow half of one", () => {
    const front = tied("knot in front", cloth(90, 90));
    expect(front.falls).toBeCloseTo((front.spec.edge ?? 0) + front.tail, 9);
    const bow = tied("bow at the neck", cloth(120, 120));
    expect(bow.falls).toBeCloseTo((bow.spec.edge ?? 0) + bow.tail / 2, 9);
  });

  it("is three quarters of half its length for a point, as a shawl a third, sixty centimetres at most", () => {
    const point = tied("point tied behind", cloth(90, 90));
    expect(point.falls).toBeCloseTo((point.length / 2) * 0.75, 9);
    const [small, large] = [100, 240].map((side) => tied("shoulder drape", cloth(side, side)));
    expect(small?.falls).toBeCloseTo(Math.min(60, (small?.length ?? 0) * 0.32), 9);
    expect(large?.falls).toBe(60);
  });

  it("is half of what is left of ends that hang, and of a loop of what does not go round", () => {
    const hanging = tied("endless single", cloth(200, 60, { loop: true }));
    expect(hanging.falls).toBeCloseTo((hanging.length - roundOf(hanging) / 2) / 2, 9);
  });
});

describe("how a tied scarf lies", () => {
  it("reaches by the formula of a bias band, as wide as it is folded", () => {
    const { tail, knot, width, length } = tied("knot in front", cloth(90, 90));
    const spec = tieSpec("knot in front");
    const band: ScarfBand = { a: 90, b: 90, fold: "bias", width: Math.min(8, width), thickness: 0.14 };
    const reach = reachOf(band, {
      neck: girths.neck.cm,
      ease: spec.ease,
      wraps: spec.wraps,
      knot: spec.knot,
    });
    if (!reach.possible) throw new Error("a square of 90 reaches");
    expect(length).toBeCloseTo(90 * Math.SQRT2, 6);
    expect(tail).toBeCloseTo(reach.tail, 6);
    expect(knot.from).toBeCloseTo(reach.knot, 6);
  });

  it("is tied in a thicker knot of stiffer cloth", () => {
    for (const stiffness of [0, 0.5, 1]) {
      const { knot } = tied("knot in front", cloth(90, 90, { stiffness }));
      expect(knot.to).toBeCloseTo(knot.from * (1 + 0.4 * stiffness), 9);
    }
  });

  it("has inside the ease it is given, less its own thickness, and what its tails can give", () => {
    for (const [tie, of] of [
      ["knot in front", cloth(90, 90)],
      ["knot in front", cloth(90, 90, { thickness: 0.6 })],
      ["twice round", cloth(110, 110)],
    ] as const) {
      const { air, spec, tail, width } = tied(tie, of);
      const layers = Math.max(1, of.sideB / Math.min(width, 8));
      const spare = 2 * Math.max(0, tail - knots[spec.knot].leastTail);
      expect(air).toBeCloseTo(spec.ease - Math.PI * (of.thickness / 10) * layers * spec.wraps + spare, 9);
    }
  });

  it("turned round has its parts from its other end", () => {
    const [one, other] = [false, true].map((turned) => tied("knot in front", cloth(90, 90), { turned }));
    const { length = NaN, parts = [] } = one ?? {};
    const mirrored = parts.map(({ from, to, ...rest }) => ({
      ...rest,
      from: length - to,
      to: length - from,
    }));
    expect(other?.parts.map(({ place }) => place)).toEqual(mirrored.map(({ place }) => place));
    other?.parts.forEach(({ from, to }, i) => {
      expect(from).toBeCloseTo(mirrored[i]?.from ?? NaN, 9);
      expect(to).toBeCloseTo(mirrored[i]?.to ?? NaN, 9);
    });
  });

  it("held by nothing but itself leaves half its girth between its ends", () => {
    const drape = tied("shoulder drape", cloth(150, 150));
    expect(drape.spec).toMatchObject({ knot: "none", wraps: 1 });
    expect(drape.tail).toBeCloseTo(Math.max(0, drape.length - girths[drape.spec.round].cm / 2) / 2, 9);
    expect(drape.knot).toEqual({ from: 0, to: 0 });
  });

  it("taken double reaches half as far, twice as thick", () => {
    const { tail, knot, width, length, spec } = tied("loop through", cloth(190, 60), { fold: "long half" });
    expect(spec.lengthShare).toBe(0.5);
    const band: ScarfBand = {
      a: length / 2,
      b: (190 * 60) / length,
      fold: "straight",
      width: Math.min(8, width),
      thickness: 0.28,
    };
    const reach = reachOf(band, {
      neck: girths.neck.cm,
      ease: spec.ease,
      wraps: spec.wraps,
      knot: spec.knot,
    });
    if (!reach.possible) throw new Error("a scarf of 190 reaches");
    expect([tail, knot.from]).toEqual([reach.tail, reach.knot]);
  });

  it("needs the least length of its tie, and is short by what it has less", () => {
    const of = (long: number) => tieOf(cloth(long, 40), tieAsked("lasso"), girths);
    expect(of(139)).toMatchObject({ refusal: { why: "too short", ringSaves: null } });
    const answer = of(130);
    if (answer.possible || answer.refusal.why !== "too short") throw new Error("130 is less than 140");
    expect(answer.refusal.short).toBeCloseTo(10, 9);
    expect(of(141).possible).toBe(true);
  });

  it("is folded from its sides as they are recorded", () => {
    expect(sidesOf(cloth(180, 60))).toEqual([180, 60]);
  });
});
