import type { Kind } from "@/core/piece/kinds";
import type { Piece, PieceOf } from "@/core/piece/piece";
import { drawingWords } from "@/words/drawing";
import { foot, tall } from "./kinds/shoe";
import { bagReach, sideSeen } from "./plates/bag-plate";
import { gloveHeight } from "./plates/glove-plate";
import { hungOn } from "./plates/on-form";

/** Where a length is taken on a plate, in its own cm, y down. */
export interface TapeLine {
  /** The name of the figure. */
  readonly figure: string;
  readonly from: { readonly x: number; readonly y: number };
  readonly to: { readonly x: number; readonly y: number };
  /** What is written of a line across stands at its end where there is no room below it. */
  readonly atEnd?: true;
}

/** Side of the square that every plate is drawn in, cm. */
const size = 160;
const middle = size / 2;

const down = (figure: string, x: number, from: number, to: number): TapeLine => ({
  figure,
  from: { x, y: from },
  to: { x, y: to },
});
const across = (figure: string, y: number, from: number, to: number): TapeLine => ({
  figure,
  from: { x: from, y },
  to: { x: to, y },
});
const atEnd = (line: TapeLine): TapeLine => ({ ...line, atEnd: true });

/** Where the lengths of each kind are taken; none of kinds whose plate shows no length as it is. */
const tapes: { readonly [K in Kind]?: (piece: PieceOf<K>) => readonly TapeLine[] } = {
  shoe: (piece) => {
    const { lift, platform, shaft, shaftTop } = piece.figures;
    const left = middle - foot / 2;
    const floor = middle + tall(piece) / 2;
    return [
      down("lift", left - 1.6, floor - lift, floor),
      ...(platform >= 1 ? [down("platform", left + foot + 1.6, floor - platform, floor)] : []),
      ...(shaft === null ? [] : [down("shaft", left - 1.6, floor - lift - shaft, floor - lift)]),
      ...(shaft === null || shaftTop === null
        ? []
        : [atEnd(across("shaftTop", floor - lift - shaft - 1, left, left + shaftTop / Math.PI + 2))]),
    ];
  },
  bag: (piece) => {
    const { width, height, strap } = piece.figures;
    const side = sideSeen(piece);
    const x = (size - side) / 2;
    const top = middle + (bagReach(strap) - height) / 2 + side * 0.17;
    return [
      across("width", top + height + 1.5, x - width / 2, x + width / 2),
      down("height", x - width / 2 - 1.5, top, top + height),
      ...(side > 1 ? [across("depth", top + height + 1.5, x + width / 2 + 0.5, x + width / 2 + side)] : []),
    ];
  },
  trousers: legTape,
  skirt: (piece) => {
    const { hem, top, x, y } = hungOn(piece, size);
    const half = Math.min(piece.figures.hemWidth, 150) * 0.17;
    return [down("length", x(-half - 3), y(top), y(hem)), across("hemWidth", y(hem) + 2, x(-half), x(half))];
  },
  dress: bodyTape,
  top: (piece) => {
    const { frame, y, x } = hungOn(piece, size);
    const { bustLine } = frame.body.measures;
    const half = piece.figures.bodyGirth / 4;
    return [...bodyTape(piece), atEnd(across("bodyGirth", y(bustLine.cm), x(-half), x(half)))];
  },
  jacket: bodyTape,
  coat: bodyTape,
  hat: ({ figures: { brim } }) =>
    brim > 0 ? [across("brim", middle + 6, middle + 9.2, middle + 9.2 + brim)] : [],
  earrings: ({ figures: { drop, width } }) => {
    const top = middle - drop / 2 - 0.4;
    return [
      down("drop", middle + 1.8 + width / 2 + 0.6, top, top + drop),
      across("width", top + drop + 0.5, middle + 1.8 - width / 2, middle + 1.8 + width / 2),
    ];
  },
  "ear cuff": ({ figures: { drop } }) => [
    down("drop", middle + 0.9, middle - drop / 2 - 0.5, middle + drop / 2 - 0.5),
  ],
  necklace: ({ figures: { loop, pendant } }) => {
    const hang = Math.min(26, loop / 3);
    const foot = middle + (hang + pendant) / 2;
    return pendant > 0 ? [down("pendant", middle + 2.4, foot - pendant, foot)] : [];
  },
  bracelet: ({ figures: { width } }) => [down("width", middle + 4.4, middle - width / 2, middle + width / 2)],
  watch: ({ figures: { face } }) => [
    atEnd(across("face", middle + face / 2 + 0.6, middle - face / 2, middle + face / 2)),
  ],
  ring: ({ figures: { width } }) => [
    atEnd(across("width", middle - 1.3, middle - width / 2, middle + width / 2)),
  ],
  brooch: ({ figures: { width } }) => [
    across("width", middle + width / 2 + 0.4, middle - width / 2, middle + width / 2),
  ],
  "hair piece": ({ figures: { width } }) => [
    across("width", middle + 3, middle - width / 2, middle + width / 2),
  ],
  gloves: (piece) => {
    const wrist = middle + gloveHeight(piece) / 2 - piece.figures.length;
    return [down("length", middle - 11.6, wrist, wrist + piece.figures.length)];
  },
  umbrella: ({ figures: { length } }) => [
    down("length", middle + 4.4, (size - length) / 2, (size + length) / 2),
  ],
  belt: ({ figures: { width } }) => [
    down("width", middle + 12.8, middle + 5.6 - width / 2, middle + 5.6 + width / 2),
  ],
  jumpsuit: (piece) => legTape(piece),
  eyewear: ({ figures: { width } }) => [
    across("width", middle + 3.6, middle - width / 2, middle + width / 2),
  ],
};

function legTape(piece: Extract<Piece, { kind: "trousers" | "jumpsuit" }>): readonly TapeLine[] {
  const { frame, hem, x, y } = hungOn(piece, size);
  const { inseam, opening, above } = piece.figures;
  const leg = (height: number, around: number) => {
    const axis = frame.legAxis(height);
    return [x(axis - around / 4), x(axis + around / 4)] as const;
  };
  return [
    down("inseam", x(0), y(hem + inseam), y(hem)),
    atEnd(across("opening", y(hem) + 3, ...leg(hem, opening))),
    atEnd(across("above", y(hem + 10), ...leg(hem + 10, above))),
  ];
}

/** The length of what hangs from the shoulders, from the side neck point. */
function bodyTape(piece: Extract<Piece, { kind: "dress" | "top" | "jacket" | "coat" }>): readonly TapeLine[] {
  const { frame, x, y } = hungOn(piece, size);
  const { neckPoint, hipLine } = frame.body.measures;
  const side = -frame.trunk(hipLine.cm) - 8;
  return [down("length", x(side), y(neckPoint.cm), y(neckPoint.cm - piece.figures.length))];
}

/** How the lengths are taken that no plate shows as they are, because the thing is folded, coiled or hangs there. */
export const flatTape: Readonly<Partial<Record<Kind, string>>> = {
  scarf: drawingWords.tapeOfScarf,
  "pocket square": drawingWords.tapeOfSquare,
  necklace: drawingWords.tapeOfNecklace,
  belt: drawingWords.tapeOfBelt,
  bag: drawingWords.tapeOfStrap,
};

/** Where the lengths of a piece are taken on its plate. */
export function tapeOf(piece: Piece): readonly TapeLine[] {
  const tape = tapes[piece.kind] as ((given: Piece) => readonly TapeLine[]) | undefined;
  return tape?.(piece) ?? [];
}
