import { describe, expect, it } from "vitest";
import { cellsFor, templatePicture, type TemplateName } from "./templates";

const hexes = ["#efe7d6", "#1f6b3a", "#8a1f2a", "#22304f"];
/** A square drawn from a template in so many colours: its rows from the top down. */
const rowsOf = (name: TemplateName, colours: number) =>
  templatePicture(name, hexes.slice(0, colours), [90, 90]).rows;

describe("how finely a cloth is drawn", () => {
  it("is by its shorter side, about square, and never without end", () => {
    expect(cellsFor([90, 90])).toEqual([24, 24]);
    expect(cellsFor([180, 90])).toEqual([48, 24]);
    expect(cellsFor([90, 180])).toEqual([24, 48]);
    expect(cellsFor([190, 10])).toEqual([64, 24]);
  });
});

describe("a picture begun from a template", () => {
  it("has the colours it was given, and a row for each cell down", () => {
    const { colours, rows } = templatePicture("stripes", hexes, [180, 90]);
    expect(colours).toBe(hexes);
    expect(rows).toHaveLength(24);
    for (const row of rows) expect(row).toHaveLength(48);
  });

  it("plain is its ground alone", () => {
    expect(new Set(rowsOf("plain", 4).join(""))).toEqual(new Set("0"));
  });

  it("border is two cells of the second colour round the edge, a line of the third within", () => {
    const rows = rowsOf("border", 4);
    const [edge, second, ground, line] = [rows[0], rows[1], rows[2], rows[3]];
    expect([edge, second]).toEqual(["1".repeat(24), "1".repeat(24)]);
    expect(ground).toBe(`11${"0".repeat(20)}11`);
    expect(line).toBe(`110${"2".repeat(18)}011`);
    expect(rows[12]).toBe(`1102${"0".repeat(16)}2011`);
    expect(rows.toReversed()).toEqual(rows);
    expect(new Set(rowsOf("border", 2).join(""))).toEqual(new Set("01"));
    expect(new Set(rowsOf("border", 1).join(""))).toEqual(new Set("0"));
  });

  it("quarters is four colours, of two or three some again", () => {
    const corners = (colours: number) => {
      const rows = rowsOf("quarters", colours);
      return [rows[0]?.[0], rows[0]?.[23], rows[23]?.[0], rows[23]?.[23]].join("");
    };
    expect([corners(4), corners(3), corners(2), corners(1)]).toEqual(["0123", "0120", "0101", "0000"]);
    const rows = rowsOf("quarters", 4);
    expect(rows[11]).toBe("0".repeat(12) + "1".repeat(12));
    expect(rows[12]).toBe("2".repeat(12) + "3".repeat(12));
  });

  it("stripes is every colour twice, one under another", () => {
    const stripes = (colours: number) =>
      rowsOf("stripes", colours)
        .map((row) => row[0])
        .join("");
    expect(stripes(2)).toBe(["000000", "111111", "000000", "111111"].join(""));
    expect(stripes(3)).toBe("000011112222000011112222");
    expect(stripes(4)).toBe("000111222333000111222333");
    for (const row of rowsOf("stripes", 3)) expect(new Set(row).size).toBe(1);
  });

  it("all-over is dots on the ground, each next to others of other colours", () => {
    const rows = rowsOf("all-over", 3);
    expect(rows[0]).toBe("0".repeat(24));
    expect(rows[1]).toBe("010002000100020001000200");
    expect(rows[2]).toBe("0".repeat(24));
    expect(rows[3]).toBe("000100020001000200010002");
    expect(rows[5]).toBe("020001000200010002000100");
    expect(new Set(rowsOf("all-over", 2).join(""))).toEqual(new Set("01"));
    expect(new Set(rowsOf("all-over", 1).join(""))).toEqual(new Set("0"));
  });

  it("picture is a disc over a horizon within an edge: it tells which way is up", () => {
    const rows = rowsOf("picture", 4);
    expect(rows[0]).toBe("3".repeat(24));
    expect(rows[23]).toBe("3".repeat(24));
    expect(rows[1]).toBe(`3${"0".repeat(22)}3`);
    // The middle of the disc lies 38 parts in a hundred down, and the horizon 66.
    expect(rows[9]?.slice(8, 16)).toBe("11111111");
    expect(rows[9]?.slice(1, 7)).toBe("000000");
    expect(rows[15]).toBe(`3${"0".repeat(22)}3`);
    expect(rows[16]).toBe(`3${"2".repeat(22)}3`);
    const disc = rows.join("").replace(/[^1]/g, "").length;
    // A circle of radius sqrt(0.03) of the side.
    expect(disc / 24 ** 2).toBeCloseTo(Math.PI * 0.03, 1);
    expect(new Set(rowsOf("picture", 2).join(""))).toEqual(new Set("01"));
    expect(new Set(rowsOf("picture", 1).join(""))).toEqual(new Set("0"));
  });
});
