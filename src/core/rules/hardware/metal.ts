import { metalGroup, type MetalGroup } from "../../finish/metals";
import type { Piece } from "../../piece/piece";
import { slotOf } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost, figure } from "../figures";
import type { Judgement, Proposal } from "../finding";

export const metal = defineRule({
  id: "hardware.metal",
  lens: "finish",
  weight: 1,
  title: "One metal story",
  why: "Buckles, toggles, clasps, watch and earrings are read together: one that breaks the story looks forgotten.",
  params: {
    bridge: param(2, "count", "pieces of each metal that make two of them agree"),
    plain: param(2, "count", "size from which a stray metal is plain to see"),
    story: param(3, "count", "pieces of one metal that make a story"),
  },
  schools: ["metals"],
  read({ visible }, { bridge, plain, story }, schools) {
    const seen: Piece[] = [];
    for (const { piece } of visible) if (piece.metalSize > 0) seen.push(piece);
    const judgements = seen.filter((piece) => piece.metal === "unknown").map(unread);
    const told = seen.filter((piece) => metalGroup(piece.metal) !== null && !isFaintDark(piece));
    const groups = groupsOf(told);
    const [main, ...others] = groups;
    if (!main || schools.metals === "free") return judgements;
    if (others.length === 0) {
      if (main.pieces.length < story) return judgements;
      const names = { metal: metalWords[main.group], pieces: list(main.pieces) };
      const figures = { count: figure("pieces that tell it", main.pieces.length, "count") };
      const pieces = main.pieces.map((piece) => piece.id);
      return [
        ...judgements,
        { effect: "lifts", say: "One metal story, {metal}: {pieces}.", names, figures, pieces },
      ];
    }
    const twoTone = seen.find((piece) => piece.metal === "two-tone");
    const bridged =
      schools.metals === "bridged" &&
      others.length === 1 &&
      (twoTone !== undefined || groups.every((group) => group.pieces.length >= bridge));
    const strays = others.flatMap((group) => group.pieces);
    if (bridged) {
      const names = { by: twoTone ? twoTone.name : "two pieces of each", strays: list(strays) };
      return [
        ...judgements,
        { effect: "note", say: "Two metals, joined by {by}.", names, pieces: strays.map((p) => p.id) },
      ];
    }
    const jars = strays.some((piece) => piece.metalSize >= plain);
    const breaks: Judgement = {
      effect: jars ? "jars" : "rubs",
      say: "The metal story is broken by {strays}: {stray} among {main} ({others}).",
      names: {
        strays: list(strays),
        stray: [...new Set(strays.map((piece) => piece.metal))].join(" and "),
        main: metalWords[main.group],
        others: list(main.pieces),
      },
      figures: { groups: atMost("metals seen", groups.length, "count", 1) },
      pieces: strays.map((piece) => piece.id),
      proposals: strays.flatMap(remediesFor),
    };
    return [...judgements, breaks];
  },
});

const metalWords: Record<MetalGroup, string> = {
  warm: "gold and brass",
  cool: "silver and steel",
  dark: "dark metal",
};

interface Group {
  readonly group: MetalGroup;
  readonly pieces: readonly Piece[];
}

/** The metals met, the one that most is seen of first. */
function groupsOf(pieces: readonly Piece[]): Group[] {
  const groups: Group[] = (["warm", "cool", "dark"] as const)
    .map((group) => ({ group, pieces: pieces.filter((piece) => metalGroup(piece.metal) === group) }))
    .filter((group) => group.pieces.length > 0);
  return groups.sort((one, other) => sizeOf(other) - sizeOf(one));
}

function sizeOf({ pieces }: Group): number {
  return pieces.reduce((sum, piece) => sum + piece.metalSize, 0);
}

/** A trace of black or gunmetal is not seen as a metal. */
function isFaintDark(piece: Piece): boolean {
  return piece.metalSize === 1 && metalGroup(piece.metal) === "dark";
}

function remediesFor(piece: Piece): Proposal[] {
  const slot = slotOf(piece);
  return slot === null
    ? []
    : [
        { kind: "wear", slot },
        { kind: "take-off", piece: piece.id },
      ];
}

function unread(piece: Piece): Judgement {
  return {
    effect: "unread",
    say: "The metal of {piece} is not recorded: look at the buckle.",
    names: { piece: piece.name },
    pieces: [piece.id],
  };
}

function list(pieces: readonly Piece[]): string {
  return pieces.map((piece) => piece.name).join(", ");
}
