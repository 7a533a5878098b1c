import { expect, it } from "vitest";
import { bodyOf } from "../body/body";
import { sampleClient } from "../testing/sample";
import { girthsOf } from "./girths";
import { tieOf, type Cloth } from "./tied";
import { usualWay } from "./usual-way";
import { whoseNeck } from "./whose-neck";

const girths = girthsOf(bodyOf(sampleClient.measured));
const square = (side: number, loop = false): Cloth => ({
  sideA: side,
  sideB: side,
  thickness: 0.14,
  stiffness: 0.3,
  loop,
});
const necks = [32, 36, 40, 44, 48].map((neck) => ({ id: String(neck), neck }));

it("says whom a tie fits and by how much it is too short for the others, the thicker the neck the more", () => {
  const asked = usualWay("twice round", [90, 90]);
  if (!asked) throw new Error("a square folds for it");
  const cloth = square(80);
  const { fits, tooShortFor } = whoseNeck(cloth, asked, girths, necks);
  expect(fits.length).toBeGreaterThan(0);
  expect(tooShortFor.length).toBeGreaterThan(1);
  expect([...fits, ...tooShortFor.map(({ whose }) => whose)]).toEqual(necks);
  // Each is what the planner says of that neck alone.
  for (const { whose, short } of tooShortFor) {
    const alone = tieOf(cloth, asked, { ...girths, neck: { cm: whose.neck, estimated: false } });
    expect(alone).toEqual({
      possible: false,
      refusal: expect.objectContaining({ why: "too short", short }) as object,
    });
  }
  const [first, second] = tooShortFor;
  // Twice round, every cm of neck is two cm of cloth.
  if (first && second)
    expect(second.short - first.short).toBeCloseTo(2 * (second.whose.neck - first.whose.neck), 9);
});

it("is too short for nobody where it cannot be tied so at all", () => {
  const asked = usualWay("twice round", [90, 90]);
  if (!asked) throw new Error("a square folds for it");
  expect(whoseNeck(square(90, true), asked, girths, necks)).toEqual({ fits: [], tooShortFor: [] });
});
