import { describe, expect, it } from "vitest";
import { likeNamesIn } from "./like-names";
import { readLine, readVariation } from "./line";
import { checkRows, pieceCalled, readLines } from "./rows";
import type { PieceDraft } from "../studio/piece-record";

const none = () => null;
const drafted = (line: string) => readLine(line).piece as PieceDraft;

describe("many lines", () => {
  it("are read one by one, what is empty left out and the rest counted as it stands", () => {
    const rows = readLines("navy loafers\n\n  \r\ntan belt 3\rgold hoops", none);
    expect(rows.map(({ line }) => line)).toEqual([1, 4, 5]);
    expect(checkRows(rows, [], null).flatMap(({ faults }) => faults)).toEqual([]);
  });

  it("say of each row whether nothing tells its colour", () => {
    const rows = readLines("pearl studs\nlinen scarf\nnavy tote\ngold hoops\ntote with gold buckle", none);
    expect(checkRows(rows, [], null).map(({ lacksColour }) => lacksColour)).toEqual([
      false,
      true,
      false,
      false,
      true,
    ]);
  });

  it("say what is wrong with each, and which of two is about the same piece", () => {
    const [bag, belt] = readLines("navy tote\nsomething else", none);
    if (!bag || !belt) throw new Error("two lines are two rows");
    const rows = [bag, { ...bag, id: "1", line: 2 }, { ...bag, id: "1", line: 3 }, { ...bag, line: 4 }, belt];
    const checked = checkRows(rows, [], null);
    expect(checked.map(({ faults }) => faults)).toEqual([
      [],
      [],
      ["Line 2 is about the same piece."],
      [],
      ["Nothing says what it is: boots, a bag, a scarf."],
    ]);
    expect(checked.map(({ piece }) => piece?.id)).toEqual([null, "1", undefined, null, undefined]);
  });

  it("are not taken where a form would not take them, and say why", () => {
    const [row] = readLines("navy tote", none);
    if (!row?.input) throw new Error("a tote is a piece");
    const nameless = {
      ...row,
      input: { ...row.input, piece: { ...(row.input.piece as PieceDraft), name: "" } },
    };
    const [checked] = checkRows([nameless], [], null);
    expect(checked?.piece).toBeNull();
    expect(checked?.faults).toHaveLength(1);
  });

  it("may say that one is the same as another above or on the rail", () => {
    const onRail = drafted("rust strap sandals, heel 5");
    const rows = readLines(
      "cognac suede ankle boots, block heel 5, gold zip\nsame as cognac ankle boots but black\nsame as the rust sandals but in navy\nsame as nothing at all but pink",
      (name) => pieceCalled([onRail], name),
    );
    const pieces = rows.map(({ input }) => input?.piece as PieceDraft | undefined);
    expect(pieces[1]).toMatchObject({ name: "Black suede ankle boots", finish: "suede", metal: "gold" });
    expect(pieces[1]?.figures).toEqual(pieces[0]?.figures);
    expect(pieces[1]?.swatches[0]?.hex).not.toBe(pieces[0]?.swatches[0]?.hex);
    expect(pieces[2]).toMatchObject({ kind: "shoe", name: "Navy strap sandals" });
    expect(rows[3]?.faults).toEqual(['Nothing on the rail is called "nothing at all".']);
    expect(likeNamesIn("same as a hat but red\nnavy belt\nlike a hat but blue")).toEqual(["a hat"]);
  });

  it("belong to whom they are said to, else to whom all of them do", () => {
    const [row] = readLines("navy loafers", none);
    if (!row) throw new Error("no row");
    const owners = [
      { id: "01900000-0000-7000-8000-000000000001", name: "Wren" },
      { id: "01900000-0000-7000-8000-000000000002", name: "Twin" },
      { id: "01900000-0000-7000-8000-000000000003", name: "Twin" },
    ];
    const ownerOf = (ownerName: string | null) =>
      checkRows([{ ...row, ownerName }], owners, owners[0]?.id ?? null)[0];
    expect(ownerOf(null)?.piece?.clientId).toBe(owners[0]?.id);
    expect(ownerOf("")?.piece?.clientId).toBeNull();
    expect(ownerOf("wren")?.piece?.clientId).toBe(owners[0]?.id);
    expect(ownerOf("Twin")?.faults).toEqual(["Two clients are called Twin."]);
  });
});

describe("a piece that is like another", () => {
  const boots = drafted("cognac suede ankle boots, block heel 5, gold zip");

  it("is otherwise in what is said, and in nothing else", () => {
    const { piece, unknown } = readVariation(boots, "silver zip, heel 7");
    expect(unknown).toEqual([]);
    expect(piece).toEqual({
      ...boots,
      name: "Cognac suede ankle boots, silver zip, heel 7",
      metal: "silver",
      figures: { ...boots.figures, lift: 7 },
    });
  });

  it("is the same where nothing is said", () => {
    expect(readVariation(boots, "").piece).toEqual(boots);
  });

  it("keeps what is not known in its name, and says so", () => {
    const { piece, unknown } = readVariation(boots, "from Lisbon");
    expect(unknown).toEqual(["Lisbon"]);
    expect(piece?.name).toContain("Lisbon");
  });
});

describe("a piece that is called by a name", () => {
  const pieces = ["Navy suede loafers", "Suede loafers", "Navy tote"].map((name) => ({ name }));
  it.each([
    ["suede loafers", "Suede loafers"],
    ["SUEDE, loafers", "Suede loafers"],
    ["loafers suede", "Navy suede loafers"],
    ["navy loafers", "Navy suede loafers"],
    ["tote", "Navy tote"],
    ["navy hat", undefined],
    ["lo", undefined],
    ["", undefined],
  ])("%s: %s", (words, name) => {
    expect(pieceCalled(pieces, words)?.name).toBe(name);
  });
});

describe("names of what lines are like", () => {
  it("are each given once, and none that no piece could have", () => {
    const most = "b".repeat(120);
    const text = `like a hat but red\nlike a hat but blue\nlike ${most} but red\nlike ${most}b but red`;
    expect(likeNamesIn(text)).toEqual(["a hat", most]);
  });
});
