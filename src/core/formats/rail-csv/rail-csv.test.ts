import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { kindNames } from "../../piece/kinds";
import { specOf, type Piece } from "../../piece/piece";
import { checkRows } from "../../intake/rows";
import { draftOf, type PieceDraft } from "../../studio/piece-record";
import { sample } from "../../testing/sample";
import { FormatError } from "../format-error";
import { guarded, readColours, sayColours, unguarded } from "./cells";
import { columnCalled, columns, headOf } from "./columns";
import { readRailTable, readRows, textOfCsv } from "./read";
import { writeRailCsv, type PieceOfRail } from "./write";

const owners = [{ id: "01900000-0000-7000-8000-000000000001", name: "Wren Castellane" }];
const idOf = (i: number) => `01900000-0000-7000-8000-${String(i).padStart(12, "0")}`;

const rowsOf = (csv: string) => checkRows(readRows(readRailTable(csv)), owners, null);
const first = (csv: string) => rowsOf(csv)[0];

describe("the rail as a table", () => {
  it("is read again as it was written, to the byte, whatever pieces are called", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            kind: fc.constantFrom(...kindNames),
            name: fc
              .string({ minLength: 1, maxLength: 40 })
              .filter((name) => /^\S.*\S$|^\S$/.test(name) && /\w/.test(name)),
            shares: fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 1, maxLength: 4 }),
            isHers: fc.boolean(),
          }),
          { minLength: 1, maxLength: 6 },
        ),
        (given) => {
          const pieces = given.map(({ kind, name, shares, isHers }, i): PieceOfRail => {
            const total = shares.reduce((sum, share) => sum + share, 0);
            const swatches = shares.map((share, at) => ({
              hex: `#0${at}20${at}0`,
              share: share / total,
              role: at === 0 ? "ground" : "motif",
            }));
            return {
              id: idOf(i + 2),
              clientId: isHers ? (owners[0]?.id ?? null) : null,
              ownerName: isHers ? "Wren Castellane" : "",
              state: "ready",
              backOn: null,
              needs: [],
              piece: { ...draftOf(sample(kind) as Piece), name, swatches } as PieceDraft,
            };
          });
          const csv = writeRailCsv(pieces);
          const rows = rowsOf(csv);
          expect(rows.flatMap(({ faults }) => faults)).toEqual([]);
          const again = rows.map(({ piece }, i) => ({ ...piece, ownerName: pieces[i]?.ownerName }));
          expect(again).toEqual(pieces);
          expect(writeRailCsv(again as PieceOfRail[])).toBe(csv);
        },
      ),
      { numRuns: 60 },
    );
  });

  it("gives every column a heading of its own that is known again", () => {
    const heads = columns.map(headOf);
    expect(new Set(heads).size).toBe(heads.length);
    for (const column of columns) expect(columnCalled(headOf(column).toUpperCase())).toEqual(column);
  });

  it("knows a figure by what forms call it", () => {
    for (const kind of kindNames)
      for (const [name, { label }] of Object.entries(specOf({ kind }).figures))
        expect(columnCalled(label), `${kind} ${name} "${label}"`).not.toBeNull();
  });

  it("lets no spreadsheet take a name for a formula", () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(guarded(text)).not.toMatch(/^[=+\-@\t\r]/);
        expect(unguarded(guarded(text))).toBe(text);
      }),
    );
  });

  it("keeps shares to the last bit", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (share) => {
        const swatches = [{ hex: "#1d2742", share, role: "ground" as const }];
        expect(readColours(sayColours(swatches))).toEqual(swatches);
      }),
    );
  });
});

describe("a table of somebody's own", () => {
  it("is read by its words where no column holds a kind that is known", () => {
    const row = first("Item;Colour;Heel\n".replaceAll(";", ",") + "suede pumps,olive,7\n");
    expect(row?.faults).toEqual([]);
    expect(row?.piece?.piece).toMatchObject({ kind: "shoe", finish: "suede", name: "suede pumps" });
    expect(row?.piece?.piece.figures).toMatchObject({ lift: 7 });
  });

  it("says what is wrong with a row in its own words, and takes none of it", () => {
    for (const [csv, say] of [
      ["kind,name,colours,heel height\nshoe,Loafers,navy,sixty\n", /Heel height.*must be a number/],
      ["kind,name,colours,brim\nshoe,Loafers,navy,7\n", /A shoe has no brim/],
      ["kind,name,colours\nshoe,Loafers,gloomy\n", /"gloomy" is not a colour/],
      ["kind,name,colours,metal\nshoe,Loafers,navy,cheese\n", /Metal must be one of/],
      ["owner,kind,name,colours\nNobody,shoe,Loafers,navy\n", /No client is called Nobody/],
      ["name,colour\nsomething,navy\n", /Nothing says what it is/],
    ] as const) {
      const row = first(csv);
      expect(row?.piece).toBeNull();
      expect(row?.faults.join(" ")).toMatch(say);
    }
  });

  it("that is about one piece twice is not taken", () => {
    const rows = rowsOf(`number,kind,name,colours\n${idOf(7)},shoe,One,navy\n${idOf(7)},shoe,Two,navy\n`);
    expect(rows[1]?.faults).toEqual(["Line 2 is about the same piece."]);
  });

  it("that cannot be read at all says why in one sentence", () => {
    expect(() => textOfCsv(new Uint8Array([0x6e, 0xe9, 0x0a]))).toThrow(/UTF-8/);
    for (const [text, say] of [
      ["colour,heel\nnavy,5\n", /No column says what each piece is/],
      ["name,colour\n", /no piece under them/],
      ['name,colour\n"loafers,navy\n', /quotation mark/],
      ["", /No column says/],
    ] as const) {
      expect(() => readRailTable(text)).toThrow(FormatError);
      expect(() => readRailTable(text)).toThrow(say);
    }
  });

  it("may have a mark before it, other line ends, and commas for points", () => {
    const row = first('\ufeffname,colours,heel height\r\nnavy court shoes,navy,"6,5"\r\n');
    expect(row?.piece?.piece.figures).toMatchObject({ lift: 6.5 });
  });
});
