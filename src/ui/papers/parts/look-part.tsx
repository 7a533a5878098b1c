import { dress } from "@/core/dressing/dress";
import type { LengthUnit } from "@/core/length/length";
import { wornSlot } from "@/core/piece/adjustment";
import type { Look } from "@/core/piece/look";
import { isKind, type Piece } from "@/core/piece/piece";
import { slots } from "@/core/piece/slots";
import { phrase } from "@/core/reading/phrase";
import { reasonsOf, toMindOf } from "@/core/reading/on-paper";
import { namedFolds } from "@/core/scarf/folds";
import { tieSpec } from "@/core/scarf/ties";
import type { ShownLook } from "@/core/studio/shown-look";
import { capital, called, listed } from "@/core/words/called";
import { papersWords } from "@/words/papers";
import { sayWith } from "@/words/say";
import { scarvesWords } from "@/words/scarves";
import { sayWay } from "../../bench/words/change-words";
import { describeLook } from "../../drawing/describe";
import { Figure } from "../../drawing/figure/figure";
import { cautionWords } from "../../scarves/words/say-tie";
import { careLines } from "../words/care";
import { lookTitle } from "../words/look-title";
import type { Block, PaperDrawing, PieceRow } from "../state/paper";

/** Width over height of a figure that stands by itself. */
const figureRatio = 0.46;

/** The look on the body, to scale. */
export function lookDrawing(look: Look, unit: LengthUnit): PaperDrawing {
  const dressed = dress(look);
  const label = describeLook(dressed, unit);
  return {
    draw: () => <Figure dressed={dressed} unit={unit} label={label} plain className="size-full" />,
    label,
    ratio: figureRatio,
  };
}

/**
 * A page of a look: the figure, what is worn, how, why, and what to mind.
 * @param care says how the accessories are looked after too
 */
export function lookBlocks(
  shown: ShownLook,
  unit: LengthUnit,
  { care }: { readonly care: boolean },
): Block[] {
  const { look, record, client } = shown;
  const { name, under } = lookTitle(shown);
  return [
    { is: "title", over: client.name, text: name, under },
    {
      is: "figure",
      drawing: lookDrawing(look, unit),
      beside: [
        { is: "heading", text: papersWords.theClothes },
        { is: "pieces", rows: look.garments.map((piece) => rowOf(piece, look, unit)), ticked: false },
        { is: "heading", text: papersWords.withThem },
        { is: "pieces", rows: inOrder(look).map((piece) => rowOf(piece, look, unit)), ticked: false },
      ],
    },
    ...listUnder(papersWords.howToWearIt, "steps", howTo(look, unit)),
    ...listUnder(
      papersWords.whyItGoesTogether,
      "points",
      reasonsOf(shown.reading.findings).map((finding) => phrase(finding, unit)),
    ),
    ...listUnder(papersWords.mind, "points", toMind(shown, unit)),
    ...listUnder(papersWords.care, "points", care ? careLines(look.accessories) : []),
    ...(record.note ? [{ is: "words", text: record.note, tone: "aside" } as const] : []),
  ];
}

/** A heading with a list under it; nothing where the list is empty. */
function listUnder(heading: string, is: "steps" | "points", lines: readonly string[]): Block[] {
  if (lines.length === 0) return [];
  return [{ is: "heading", text: heading }, is === "steps" ? { is, steps: lines } : { is, points: lines }];
}

/** The accessories of a look in the order of the stations. */
function inOrder(look: Look): Piece[] {
  return slots.flatMap((slot) =>
    look.accessories.filter((piece) => wornSlot(piece, look.adjustments) === slot),
  );
}

function rowOf(piece: Piece, look: Look, unit: LengthUnit): PieceRow {
  const ways = look.adjustments
    .filter((adjustment) => adjustment.piece === piece.id)
    .map((adjustment) => sayWay(adjustment, "done", unit, ""));
  return { piece, name: piece.name, notes: ways.length > 0 ? [capital(ways.join(", "))] : [] };
}

/** What is done to the pieces, one step each: turned up, closed, folded and tied. */
function howTo(look: Look, unit: LengthUnit): string[] {
  const pieces = [...look.garments, ...look.accessories];
  return look.adjustments.flatMap((adjustment) => {
    const piece = pieces.find(({ id }) => id === adjustment.piece);
    if (!piece) return [];
    if (adjustment.kind !== "tie" || !isKind(piece, "scarf"))
      return [`${capital(sayWay(adjustment, "doing", unit, called(piece.name)))}.`];
    const { face, corner, fold, tie } = adjustment;
    return [
      sayWith(face === "right" ? scarvesWords.layItOut : scarvesWords.layItOutTurned, { corner }),
      sayWith(scarvesWords.foldOnLast, { fold: namedFolds[fold].name }),
      ...tieSpec(tie).steps,
    ];
  });
}

/** What to mind while it is worn: weather, comfort, what a piece needs first, how a tie holds. */
function toMind({ look, reading }: ShownLook, unit: LengthUnit): string[] {
  const found = toMindOf(reading.findings).map((finding) =>
    [phrase(finding, unit), finding.caution].filter(Boolean).join(" "),
  );
  const ties = look.adjustments.flatMap((adjustment) =>
    adjustment.kind === "tie" ? tieSpec(adjustment.tie).cautions.map((each) => cautionWords[each]) : [],
  );
  const needs = [...look.garments, ...look.accessories].flatMap((piece) => {
    const first = look.onRecord?.upkeep[piece.id]?.needs ?? [];
    return first.length > 0
      ? [sayWith(papersWords.needsFirst, { piece: piece.name, needs: listed(first) })]
      : [];
  });
  return [...new Set([...needs, ...ties, ...found])];
}
