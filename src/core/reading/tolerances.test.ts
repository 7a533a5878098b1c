import { describe, expect, it } from "vitest";
import { bodyOf } from "../body/body";
import { measurementNames, measurements } from "../body/measurements";
import { shifted } from "../colour/shifted";
import type { Piece } from "../piece/piece";
import { specOf } from "../piece/piece";
import { sample, sampleClient, sampleLook } from "../testing/sample";
import { toleratedFigures, tolerances, withPiece } from "./tolerances";

const shoe = sample("shoe", { name: "shoe", figures: { lift: 4 } });
const scarf = sample("scarf", {
  name: "scarf",
  swatches: [
    { hex: "#6d3f26", share: 0.6, role: "ground" },
    { hex: "#efe6cf", share: 0.1, role: "motif" },
    { hex: "#17181a", share: 0.05, role: "trim" },
  ],
});
const top = sample("top", { name: "top" });
const look = sampleLook({ garments: [top], accessories: [shoe, scarf] });
const lengthsOf = (piece: Piece) =>
  toleratedFigures({ ...look, accessories: [piece], garments: [] }).filter(
    ({ piece: of, unit }) => of === piece && unit === "cm",
  );

describe("what of a look is only so exact", () => {
  it("is every measure of the body but her height, guessed ones more, and what cannot be guessed is left out", () => {
    const { measures } = bodyOf(sampleClient.measured);
    const body = toleratedFigures(sampleLook({}));
    const expected = measurementNames.filter(
      (name) => name !== "height" && (!measures[name].estimated || "share" in measurements[name]),
    );
    expect(body.map(({ label }) => label)).toEqual(expected.map((name) => measurements[name].label));
    expected.forEach((name, i) => {
      const { estimated, cm } = measures[name];
      const one = body[i];
      expect(one).toMatchObject({ piece: null, unit: "cm", tolerance: estimated ? 2 : 0.5 });
      const moved = one?.moved(-0.5).client.measured[name];
      expect(moved).toBeCloseTo(cm - (estimated ? 1 : 0.25), 9);
    });
    expect(expected.length).toBeGreaterThan(5);
    expect(expected.length).toBeLessThan(measurementNames.length);
  });

  it("is every length of a piece that it has, half a centimetre this way or that", () => {
    const lengths = lengthsOf(shoe);
    const names = Object.entries(specOf(shoe).figures).filter(
      ([name, field]) =>
        field.type === "number" &&
        field.unit === "cm" &&
        typeof (shoe.figures as Readonly<Record<string, unknown>>)[name] === "number",
    );
    expect(lengths.map(({ label }) => label)).toEqual(names.map(([, { label }]) => label));
    const lift = lengths[names.findIndex(([name]) => name === "lift")];
    expect(lift?.tolerance).toBe(tolerances.measured);
    const moved = lift?.moved(1).accessories.find(({ id }) => id === "shoe");
    expect(moved).toEqual({ ...shoe, figures: { ...shoe.figures, lift: 4.5 } });
  });

  it("never moves a length past what may be recorded", () => {
    const flat = sample("shoe", { name: "shoe", figures: { lift: 0 } });
    for (const { moved } of lengthsOf(flat)) {
      const figures = new Map<string, unknown>(Object.entries(moved(-1).accessories[0]?.figures ?? {}));
      for (const [name, field] of Object.entries(specOf(flat).figures))
        if (field.type === "number" && figures.get(name) !== null)
          expect(figures.get(name)).toBeGreaterThanOrEqual(field.min);
    }
  });

  it("is asked for instead where nobody has said it, and further off where it was taken from elsewhere", () => {
    const unsaid: Piece = { ...shoe, unsaid: ["lift"] };
    expect(lengthsOf(unsaid)).toHaveLength(lengthsOf(shoe).length - 1);
    const assumed: Piece = { ...unsaid, assumed: ["lift"] };
    expect(lengthsOf(assumed)).toHaveLength(lengthsOf(shoe).length);
    const off = lengthsOf(assumed).map(({ tolerance }) => tolerance);
    expect(off.filter((tolerance) => tolerance === tolerances.estimated)).toHaveLength(1);
  });

  it("is every colour of a tenth or more, lighter or darker and warmer or cooler, the others as they are", () => {
    const colours = toleratedFigures(look).filter(({ unit, piece }) => unit === "dE" && piece === scarf);
    expect(colours.map(({ label, tolerance }) => [label, tolerance])).toEqual(
      Array.from({ length: 4 }, () => ["Colour", tolerances.colour]),
    );
    const hexes = (at: number) =>
      colours[at]?.moved(0.5).accessories[1]?.swatches.map(({ hex, share }) => `${hex} ${share}`);
    const by = tolerances.colour / 2;
    expect(hexes(0)).toEqual([`${shifted("#6d3f26", { L: by })} 0.6`, "#efe6cf 0.1", "#17181a 0.05"]);
    expect(hexes(1)).toEqual([`${shifted("#6d3f26", { b: by })} 0.6`, "#efe6cf 0.1", "#17181a 0.05"]);
    expect(hexes(2)).toEqual(["#6d3f26 0.6", `${shifted("#efe6cf", { L: by })} 0.1`, "#17181a 0.05"]);
    expect(hexes(3)).toEqual(["#6d3f26 0.6", `${shifted("#efe6cf", { b: by })} 0.1`, "#17181a 0.05"]);
  });

  it("leaves every other piece as it is", () => {
    const other = withPiece(look, shoe, { name: "Old shoe" });
    expect(other.accessories).toEqual([{ ...shoe, name: "Old shoe" }, scarf]);
    expect(other.garments).toEqual([top]);
    expect(withPiece(look, top, { statement: 2 }).garments).toEqual([{ ...top, statement: 2 }]);
  });
});
