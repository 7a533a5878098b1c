import type { ReactElement } from "react";
import type { Piece } from "@/core/piece/piece";

/** A drawing of a paper, made where it is shown. */
export interface PaperDrawing {
  readonly draw: () => ReactElement;
  /** What it shows, in words. */
  readonly label: string;
  /** Width over height. */
  readonly ratio: number;
}

/** A piece in a list: drawn, named, with what is said of it. */
export interface PieceRow {
  readonly piece: Piece;
  readonly name: string;
  readonly notes: readonly string[];
  /** Colours to be shown beside it, #rrggbb. */
  readonly colours?: readonly string[];
}

/** What a paper is made of, from the top down. */
export type Block =
  | { readonly is: "title"; readonly over: string; readonly text: string; readonly under: string }
  | { readonly is: "heading"; readonly text: string }
  | { readonly is: "words"; readonly text: string; readonly tone: "plain" | "soft" | "aside" }
  | { readonly is: "points"; readonly points: readonly string[] }
  | { readonly is: "steps"; readonly steps: readonly string[] }
  | { readonly is: "drawn steps"; readonly steps: readonly DrawnStep[] }
  | { readonly is: "pieces"; readonly rows: readonly PieceRow[]; readonly ticked: boolean }
  | { readonly is: "figure"; readonly drawing: PaperDrawing; readonly beside: readonly Block[] }
  | {
      readonly is: "cover";
      readonly over: string;
      readonly text: string;
      readonly under: string;
      readonly drawing: PaperDrawing | null;
    };

export interface DrawnStep {
  readonly drawing: PaperDrawing;
  readonly words: string;
}

/** A part begins a page of its own. */
export interface Part {
  /** As the contents call it; empty for what is not listed there. */
  readonly name: string;
  /** The heading it stands under in the contents. */
  readonly under: string;
  readonly blocks: readonly Block[];
}

/** Something to hand over: the same on a page, printed, and as a PDF. */
export interface Paper {
  readonly title: string;
  /** Who hands it over. */
  readonly author: string;
  /** Whether its parts are listed after the first. */
  readonly hasContents: boolean;
  readonly parts: readonly Part[];
}
