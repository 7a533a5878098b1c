import { format, parseISO } from "date-fns";
import { levelWord } from "@/core/register/ladder";
import type { PaperKind, PaperSet, PaperSource } from "@/core/studio/paper-source";
import { capital, called } from "@/core/words/called";
import { papersWords } from "@/words/papers";
import { sayWith } from "@/words/say";
import { sayWay } from "../../bench/words/change-words";
import { careLines } from "../words/care";
import { lookBlocks, lookDrawing } from "./look-part";
import { lookTitle } from "../words/look-title";
import { packingBlocks, shoppingBlocks, tailorsBlocks } from "./lists";
import type { Block, Paper, Part } from "../state/paper";
import { scarfBlocks } from "./scarf-part";

/** What each paper is called, and what is in it. */
export const paperSpecs: Readonly<
  Record<
    PaperKind,
    {
      readonly name: string;
      readonly about: string;
      readonly hasContents?: true;
      readonly parts: (source: PaperSource) => Part[];
    }
  >
> = {
  "look-cards": {
    name: papersWords.lookCards,
    about: papersWords.aboutLookCards,
    parts: (source) => lookParts(source, { care: true }),
  },
  lookbook: {
    name: papersWords.lookbook,
    about: papersWords.aboutLookbook,
    hasContents: true,
    // Care stands once for all, at the end.
    parts: (source) => [
      coverOf(source),
      ...lookParts(source, { care: false }),
      ...setParts(source),
      ...careParts(source),
    ],
  },
  "packing-list": {
    name: papersWords.packingList,
    about: papersWords.aboutPackingList,
    parts: (source) => [single(packingBlocks(source))],
  },
  "shopping-list": {
    name: papersWords.shoppingList,
    about: papersWords.aboutShoppingList,
    parts: (source) => [single(shoppingBlocks(source))],
  },
  "tailors-sheet": {
    name: papersWords.tailorsSheet,
    about: papersWords.aboutTailorsSheet,
    parts: (source) => [single(tailorsBlocks(source))],
  },
  "scarf-card": {
    name: papersWords.scarfCard,
    about: papersWords.aboutScarfCard,
    parts: (source) => [single(scarfBlocks(source))],
  },
};

/** A paper of a client, ready to be shown, printed or drawn into a PDF. */
export function buildPaper(kind: PaperKind, source: PaperSource): Paper {
  const { name, hasContents = false, parts } = paperSpecs[kind];
  return {
    title: `${source.client.name}, ${name.toLowerCase()}`,
    author: source.studio,
    hasContents,
    parts: parts(source),
  };
}

const single = (blocks: readonly Block[]): Part => ({ name: "", under: "", blocks });

/** The looks by what they are for: those of one occasion after one another, those for any day last. */
function lookParts({ looks, unit }: PaperSource, says: { readonly care: boolean }): Part[] {
  return looks.map((shown) => ({
    name: shown.record.name || shown.base.name,
    under: shown.look.occasion
      ? sayWith(papersWords.looksFor, { occasion: called(shown.look.occasion.name) })
      : papersWords.looksForAnyDay,
    blocks: lookBlocks(shown, unit, says),
  }));
}

function coverOf({ client, looks, studio, today, unit }: PaperSource): Part {
  const [first] = looks;
  return single([
    {
      is: "cover",
      over: papersWords.lookbook,
      text: client.name,
      under: sayWith(papersWords.preparedBy, { studio, day: format(parseISO(today), "d MMMM yyyy") }),
      drawing: first ? { ...lookDrawing(first.look, unit), label: lookTitle(first).name } : null,
    },
  ]);
}

function setParts(source: PaperSource): Part[] {
  const { client, sets } = source;
  if (sets.length === 0) return [];
  return [
    {
      name: papersWords.sets,
      under: "",
      blocks: [
        { is: "title", over: client.name, text: papersWords.sets, under: papersWords.setsAbout },
        ...sets.flatMap((set) => setBlocks(set, source)),
      ],
    },
  ];
}

function setBlocks(set: PaperSet, { unit }: PaperSource): Block[] {
  return [
    { is: "heading", text: set.name },
    { is: "words", text: sayReach(set), tone: "soft" },
    {
      is: "pieces",
      ticked: false,
      rows: set.pieces.map((piece) => ({
        piece,
        name: piece.name,
        notes: set.ways
          .filter((way) => way.piece === piece.id)
          .map((way) => capital(sayWay(way, "done", unit, ""))),
      })),
    },
  ];
}

/** How many of the outfits a set goes with, and how dressed they are then. */
function sayReach({ reach }: PaperSet): string {
  const served = reach.filter(({ verdict }) => verdict !== "jars");
  if (served.length === 0) return papersWords.goesWithNone;
  const levels = served.flatMap(({ level }) => level ?? []);
  const words = [...new Set([Math.min(...levels), Math.max(...levels)].map(levelWord))];
  return sayWith(papersWords.goesWith, {
    served: served.length,
    count: reach.length,
    levels: words.join(" to "),
  });
}

function careParts({ client, looks, sets }: PaperSource): Part[] {
  const all = [
    ...looks.flatMap(({ look }) => [...look.garments, ...look.accessories]),
    ...sets.flatMap(({ pieces }) => pieces),
  ];
  const lines = careLines([...new Map(all.map((piece) => [piece.id, piece])).values()]);
  if (lines.length === 0) return [];
  return [
    {
      name: papersWords.care,
      under: "",
      blocks: [
        { is: "title", over: client.name, text: papersWords.care, under: "" },
        { is: "points", points: lines },
      ],
    },
  ];
}
