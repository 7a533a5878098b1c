import { sayLength, type LengthUnit } from "@/core/length/length";
import { specOf, type Piece } from "@/core/piece/piece";
import { drawingWords } from "@/words/drawing";
import { Label } from "./label";
import { plateBox, type PlateBox } from "./plate-box";
import { tapeOf, type TapeLine } from "./tape";

/** Side of the square that every plate is drawn in, cm. */
const size = 160;
/** How much room the labels take beside the drawing, as a share of it. */
const room = 0.62;

/** The box of a plate with room for what is written beside it. */
export function tapeBox(piece: Piece): PlateBox {
  const { width, height } = plateBox(piece);
  const most = Math.max(width, height);
  return { width: width + room * most, height: height + 0.3 * most };
}

/** The lengths of a piece over its plate, each where a tape takes it. */
export function TapeOver({
  piece,
  unit,
  className,
}: {
  readonly piece: Piece;
  readonly unit: LengthUnit;
  readonly className: string;
}) {
  const { width, height } = tapeBox(piece);
  const letters = Math.max(width, height) / 30;
  return (
    <svg
      viewBox={`${(size - width) / 2} ${(size - height) / 2} ${width} ${height}`}
      className={className}
      aria-hidden="true"
      focusable="false"
    >
      {tapeOf(piece).map((line) => (
        <Tape key={line.figure} {...{ line, piece, unit, letters }} />
      ))}
    </svg>
  );
}

interface TapeProps {
  readonly line: TapeLine;
  readonly piece: Piece;
  readonly unit: LengthUnit;
  readonly letters: number;
}

function Tape({ line: { figure, from, to, atEnd }, piece, unit, letters }: TapeProps) {
  const isDown = from.x === to.x;
  const value = (piece.figures as Readonly<Record<string, unknown>>)[figure];
  const isKnown = !piece.unsaid.includes(figure) || piece.assumed.includes(figure);
  const tick = letters * 0.5;
  const isLeft = isDown && from.x < size / 2 - 1;
  return (
    <g stroke="var(--tape, #b3261e)" strokeWidth={letters * 0.14} fill="currentColor">
      <line
        x1={from.x}
        y1={from.y}
        x2={to.x}
        y2={to.y}
        strokeDasharray={isKnown ? undefined : `${letters * 0.5}`}
      />
      {[from, to].map(({ x, y }, i) => (
        <line
          key={i}
          x1={isDown ? x - tick : x}
          x2={isDown ? x + tick : x}
          y1={isDown ? y : y - tick}
          y2={isDown ? y : y + tick}
        />
      ))}
      <Label
        {...placeOf({ isDown, isLeft, atEnd: atEnd === true, from, to, letters })}
        label={shortOf(specOf(piece).figures[figure]?.label ?? figure)}
        figure={isKnown && typeof value === "number" ? sayLength(value, unit) : drawingWords.notMeasured}
        letters={letters}
        line={letters * 1.25}
      />
    </g>
  );
}

interface Placed extends Pick<TapeLine, "from" | "to"> {
  readonly isDown: boolean;
  readonly isLeft: boolean;
  readonly atEnd: boolean;
  readonly letters: number;
}

/** Where what is written of a line stands: beside it, under it, or at its end. */
function placeOf({ isDown, isLeft, atEnd, from, to, letters }: Placed) {
  const gap = letters * 0.9;
  if (isDown) {
    const y = (from.y + to.y) / 2;
    return isLeft
      ? ({ x: from.x - gap, y, anchor: "end" } as const)
      : ({ x: from.x + gap, y, anchor: "start" } as const);
  }
  if (atEnd) return { x: to.x + gap, y: from.y, anchor: "start" } as const;
  return { x: (from.x + to.x) / 2, y: from.y + letters * 1.3, anchor: "middle" } as const;
}

/** What is measured, without from where: the line shows that. */
function shortOf(label: string): string {
  return label.replace(/(,| from | above | under ).*$/, "");
}
