"use client";

import { sayLength, type LengthUnit } from "@/core/length/length";
import type { Edge } from "@/core/reading/edges";
import { called } from "@/core/words/called";
import { withinSentence } from "@/core/words/within-sentence";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { useLengthUnit } from "../../kit/length-unit";
import { wouldRead } from "../words/would-read";

/** What of the figures decides, when less than they are exact would turn the verdict. */
export function EdgeLine({ edges }: { readonly edges: readonly Edge[] }) {
  const unit = useLengthUnit();
  const [nearest] = edges;
  if (!nearest) return null;
  return <p className="basted mt-3 px-2 py-1.5">{sayEdge(nearest, unit)}</p>;
}

/** The nearest figure that decides, by how much, and what to do about it. */
export function sayEdge({ label, piece, unit, by, verdict }: Edge, lengths: LengthUnit): string {
  const then = wouldRead(verdict);
  if (unit === "dE") {
    const shade = piece ? called(piece.name) : "a colour";
    return sayWith(benchWords.itIsCloseWithA, { shade, then });
  }
  const whose = piece ? `${withinSentence(label)} of ${called(piece.name)}` : withinSentence(label);
  const more = by > 0 ? "more" : "less";
  return sayWith(benchWords.itIsCloseWithThe, {
    measure: whose,
    distance: sayBit(Math.abs(by), lengths),
    direction: more,
    outcome: then,
  });
}

/** A small length: millimetres read better than tenths of a centimetre. */
function sayBit(cm: number, lengths: LengthUnit): string {
  return lengths === "cm" && cm < 1 ? `${Math.max(1, Math.round(cm * 10))} mm` : sayLength(cm, lengths);
}
