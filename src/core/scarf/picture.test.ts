import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { swatchesOf } from "../piece/picture-swatches";
import { coloursOf, mapOf, pictureFault, pictureOf } from "./picture";
import { cellsFor, templateNames, templatePicture } from "./templates";

const colours = ["#101010", "#f0f0f0", "#c04020"];
const anyPicture = fc
  .tuple(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 1, max: 20 }))
  .chain(([across, down]) =>
    fc.array(fc.array(fc.integer({ min: 0, max: 2 }), { minLength: across, maxLength: across }), {
      minLength: down,
      maxLength: down,
    }),
  )
  .map((rows) => pictureOf(colours, rows));

describe("the picture of a scarf", () => {
  it("is read back as it was written", () => {
    fc.assert(
      fc.property(anyPicture, (picture) => {
        expect(pictureFault(picture)).toBeNull();
        expect(pictureOf(picture.colours, mapOf(picture).rows)).toEqual(picture);
      }),
    );
  });

  it("has swatches whose shares make one, the largest the ground", () => {
    fc.assert(
      fc.property(anyPicture, fc.constantFrom(0, 0.25), (picture, paler) => {
        const seen = swatchesOf(picture, paler).filter(({ role }) => role !== "reverse");
        expect(seen.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 2);
        expect(seen[0]?.role).toBe("ground");
        expect(seen.filter(({ role }) => role === "ground")).toHaveLength(1);
        expect(seen[0]?.hex).toBe(coloursOf(picture)[0]?.hex);
      }),
    );
  });

  it("names what is wrong with it", () => {
    expect(pictureFault({ colours, rows: ["01", "0"] })).toMatch(/as many cells/);
    expect(pictureFault({ colours, rows: ["05"] })).toMatch(/not among its colours/);
    expect(pictureFault({ colours, rows: ["0-"] })).toMatch(/not among its colours/);
    expect(pictureFault({ colours, rows: [] })).toMatch(/no cells/);
    expect(pictureFault({ colours, rows: ["0".repeat(65)] })).toMatch(/64 x 64 cells at most, not 65 x 1/);
  });
});

describe("a template", () => {
  it.each(templateNames)("%s fits every cloth, with one colour or many", (name) => {
    for (const sides of [
      [90, 90],
      [180, 30],
      [45, 45],
      [20, 160],
    ] as const)
      for (const count of [1, 2, 3]) {
        const picture = templatePicture(name, colours.slice(0, count), sides);
        expect(pictureFault(picture)).toBeNull();
        const [across, down] = cellsFor(sides);
        expect([picture.rows[0]?.length, picture.rows.length]).toEqual([across, down]);
      }
  });

  it("of a border lies along the edges, and of a scene has a way up", () => {
    const border = coloursOf(templatePicture("border", colours, [90, 90]));
    expect(border.find(({ hex }) => hex === colours[1])?.alongEdge).toBe(true);
    const { rows } = templatePicture("picture", colours, [90, 90]);
    expect(rows).not.toEqual([...rows].reverse());
    const quarters = templatePicture("quarters", [...colours, "#00ff00"], [90, 90]);
    expect(coloursOf(quarters).map(({ share }) => share)).toEqual([0.25, 0.25, 0.25, 0.25]);
  });
});
