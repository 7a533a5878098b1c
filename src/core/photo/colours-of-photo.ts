import { convertLrgbToOklab, formatHex, modeOklab, modeRgb, useMode } from "culori/fn";
import { gathered, nearest, type Lab } from "./clusters";
import { findCard, gainsByCard, type Gains } from "./grey-card";
import { partFromGround, quantile } from "./ground";
import type { LightField } from "./light-field";
import { lightCells, within, type Box, type EraserStroke, type LightCells, type Photo } from "./photo";

useMode(modeRgb);
useMode(modeOklab);

/** What a hand has said about a photo before its colours are found. */
export interface PhotoHints {
  /** Where a neutral grey card lies, in pixels of the photo; null: it is looked for. */
  readonly card: Box | null;
  /** The part of the photo to look at; null: all of it. */
  readonly crop: Box | null;
  readonly strokes: readonly EraserStroke[];
}

export const noHints: PhotoHints = { card: null, crop: null, strokes: [] };

/** A colour of a photographed piece and how much of it has that colour, 0-1. */
export interface PhotoColour {
  readonly hex: string;
  readonly share: number;
}

/** What a photo shows. */
export interface ReadPhoto {
  /** The largest first; none where nothing lies on the ground. */
  readonly colours: readonly PhotoColour[];
  /** The grey card the light was corrected by, in pixels of the photo; null where there is none. */
  readonly card: Box | null;
  readonly across: number;
  readonly down: number;
  /** The part of the photo that the cells below cover. */
  readonly area: Box;
  /** For each cell, row by row, the number of its colour; 255 where it is not the piece. */
  readonly cells: Uint8Array;
}

/** Stands in `cells` for what is not the piece. */
export const notThePiece = 255;

/**
 * How much of full light falls on the middle of a photo by a window, in linear light. Without a card nothing in the
 * photo says how bright its light was.
 */
const windowLight = 0.79;
const windowGains: Gains = [1 / windowLight, 1 / windowLight, 1 / windowLight];

/** Finds the colours of the piece in a photo and their shares (docs/intake.md). */
export function coloursOfPhoto(photo: Photo, { card: pointedAt, crop, strokes }: PhotoHints): ReadPhoto {
  const area = within(photo, crop);
  const cells = lightCells(photo, crop, strokes);
  const card = pointedAt ? within(photo, pointedAt) : inPixels(findCard(cells), cells, area);
  const underCard = cellsUnder(card, cells, area);
  const { piece, field, steps } = partFromGround(cells, underCard);
  const owned = marked(piece);
  const [red, green, blue] = card ? gainsByCard(photo, card) : windowGains;
  const reference = meanField(field, card ? marked(underCard) : owned, cells.across);
  const labs = owned.map((cell): Lab => {
    const even = reference / field(cell % cells.across, Math.floor(cell / cells.across));
    const [r = 0, g = 0, b = 0] = cells.light.subarray(cell * 3, cell * 3 + 3);
    const lit = { r: r * even * red, g: g * even * green, b: b * even * blue };
    const { l, a, b: yellow } = convertLrgbToOklab(lit);
    return [l, a, yellow];
  });
  const middles = withoutOutline(
    gathered(withoutSeams(owned, labs, steps)),
    owned,
    labs,
    onOutline(piece, cells),
  );
  const own = labs.map((lab) => nearest(lab, middles));
  const colours = middles.map((middle, i) => ({
    hex: hexOf(middle),
    share: own.filter((at) => at === i).length / owned.length,
  }));
  const order = [...colours.keys()].toSorted((a, b) => (colours[b]?.share ?? 0) - (colours[a]?.share ?? 0));
  const coloured = new Uint8Array(cells.across * cells.down).fill(notThePiece);
  owned.forEach((cell, i) => (coloured[cell] = order.indexOf(own[i] ?? 0)));
  return {
    colours: order.flatMap((i) => colours[i] ?? []),
    card,
    across: cells.across,
    down: cells.down,
    area,
    cells: coloured,
  };
}

/** Cells in which two colours meet are neither: what is left without them, or all where hardly anything is. */
function withoutSeams(owned: readonly number[], labs: readonly Lab[], steps: Float32Array): readonly Lab[] {
  const own = owned.map((cell) => steps[cell] ?? 0);
  const calm = Math.max(0.03, 1.5 * quantile(own, 0.5));
  const core = labs.filter((_, i) => (own[i] ?? 0) <= calm);
  return core.length >= 0.2 * labs.length ? core : labs;
}

/** The cells of the piece within two of its outline. */
function onOutline(piece: Uint8Array, { across, down }: LightCells): Uint8Array {
  return piece.map((is, cell) => {
    const [column, row] = [cell % across, Math.floor(cell / across)];
    const isOut = (x: number, y: number) =>
      x < 0 || y < 0 || x >= across || y >= down || piece[y * across + x] === 0;
    const near = [-2, -1, 1, 2].some((step) => isOut(column + step, row) || isOut(column, row + step));
    return is === 1 && near ? 1 : 0;
  });
}

/** The colours without those that lie along the outline alone: there the ground shines into the piece. */
function withoutOutline(
  middles: readonly Lab[],
  owned: readonly number[],
  labs: readonly Lab[],
  outline: Uint8Array,
): Lab[] {
  const own = labs.map((lab) => nearest(lab, middles));
  const held = middles.map((_, i) => owned.filter((_cell, at) => own[at] === i));
  return middles.filter((_, i) => {
    const cells = held[i] ?? [];
    const along = cells.filter((cell) => outline[cell] === 1).length;
    return middles.length === 1 || cells.length > 0.15 * owned.length || along < 0.7 * cells.length;
  });
}

function marked(cells: Uint8Array): number[] {
  return [...cells.keys()].filter((cell) => cells[cell] === 1);
}

function meanField(field: LightField, some: readonly number[], across: number): number {
  if (some.length === 0) return 1;
  return some.reduce((sum, cell) => sum + field(cell % across, Math.floor(cell / across)), 0) / some.length;
}

/** A box of cells in pixels of the photo. */
function inPixels(box: Box | null, { scale }: LightCells, area: Box): Box | null {
  return (
    box && {
      x: Math.round(area.x + box.x * scale),
      y: Math.round(area.y + box.y * scale),
      width: Math.round(box.width * scale),
      height: Math.round(box.height * scale),
    }
  );
}

/** The cells that a card covers, and its rim: neither ground nor piece. */
function cellsUnder(card: Box | null, { across, down, scale }: LightCells, area: Box): Uint8Array {
  const covered = new Uint8Array(across * down);
  if (!card) return covered;
  const [left, top] = [(card.x - area.x) / scale - 2, (card.y - area.y) / scale - 2];
  const [right, bottom] = [left + card.width / scale + 4, top + card.height / scale + 4];
  for (let row = Math.max(0, Math.floor(top)); row < Math.min(down, bottom); row += 1)
    for (let column = Math.max(0, Math.floor(left)); column < Math.min(across, right); column += 1)
      covered[row * across + column] = 1;
  return covered;
}

function hexOf([l, a, b]: Lab): string {
  return formatHex({ mode: "oklab", l, a, b });
}
