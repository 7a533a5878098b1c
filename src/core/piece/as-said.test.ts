import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sample } from "../testing/sample";
import { asSaid, completed, unsaidFigures, type PieceAsSaid } from "./as-said";
import { kindNames, type Kind } from "./kinds";
import { specOf, type Piece } from "./piece";
import { typicalFigure } from "./typical";

const measuresOf = (kind: Kind) =>
  Object.entries(specOf({ kind }).figures)
    .filter(([, field]) => field.type === "number" && !field.optional)
    .map(([name]) => name);

/** A piece with some of its measures taken back. */
function without(piece: Piece, names: readonly string[]): PieceAsSaid {
  const nothing = Object.fromEntries(names.map((name) => [name, null]));
  const said = asSaid(piece);
  return { ...said, figures: { ...said.figures, ...nothing } } as PieceAsSaid;
}

describe("a piece of which measures were not said", () => {
  it.each(kindNames)("%s has something in each, and says as much as was said", (kind) => {
    const whole = sample(kind) as Piece;
    fc.assert(
      fc.property(fc.subarray(measuresOf(kind)), (names) => {
        const said = without(whole, names);
        const piece = completed(said);
        expect([...piece.unsaid].sort()).toEqual([...names].sort());
        for (const name of measuresOf(kind))
          expect((piece.figures as Readonly<Record<string, unknown>>)[name]).toBeTypeOf("number");
        expect(asSaid(piece)).toEqual(said);
        expect(completed(asSaid(piece))).toEqual(piece);
      }),
      { numRuns: 20 },
    );
  });

  it("never has what goes against what was said, where anything else is possible", () => {
    const plateau = sample("shoe", { figures: { platform: 6, lift: 9 } });
    const { figures } = completed(without(plateau, ["lift"]));
    expect(figures).toMatchObject({ platform: 6, lift: 6 });
  });

  it.each(kindNames)("a new %s has nothing said that is a measure", (kind) => {
    const { figures: _figures, ...rest } = asSaid(sample(kind) as Piece);
    const piece = completed({ ...rest, figures: unsaidFigures(kind) } as PieceAsSaid);
    expect(piece.unsaid).toEqual(measuresOf(kind));
    const usual = measuresOf(kind).map((name) => [name, typicalFigure(kind, piece.figures, name)]);
    expect(piece.figures).toEqual({ ...sample(kind).figures, ...Object.fromEntries(usual) });
  });

  it("keeps what came with its name as assumed: it stands, it is not said, and it is kept so", () => {
    const boot = sample("shoe", { figures: { form: "boot", lift: 3.5, shaft: 14, shaftTop: 27 } });
    const said: PieceAsSaid = { ...asSaid(boot), assumed: ["shaft", "lift"] };
    const piece = completed(said);
    expect(piece.figures).toMatchObject({ shaft: 14, lift: 3.5 });
    expect(piece.unsaid).toEqual(["shaft", "lift"]);
    expect(asSaid(piece)).toEqual(said);
    // What is empty is not said, whatever was assumed of it.
    const emptied = completed({ ...said, figures: { ...said.figures, lift: null } } as PieceAsSaid);
    expect(emptied.assumed).toEqual(["shaft"]);
    expect(emptied.unsaid).toEqual(["lift", "shaft"]);
  });

  it("takes what is usual of its form", () => {
    const bare = asSaid(sample("shoe", { figures: { form: "pump" } }));
    const piece = completed({ ...bare, figures: { ...bare.figures, lift: null } } as PieceAsSaid);
    expect(piece.figures).toMatchObject({ lift: 6 });
  });
});
