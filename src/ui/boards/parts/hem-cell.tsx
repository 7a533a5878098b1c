import type { HemCell } from "@/core/search/hem-board";
import { isLegged, type Piece } from "@/core/piece/piece";
import { hangingHalf } from "../../drawing/ankle/view";
import { lineOn } from "../../drawing/paint";

/** What a cell shows above the footbed, cm. */
const reach = 42;
const floor = 8;

interface HemCellDrawingProps {
  readonly cell: HemCell;
  readonly garment: Piece;
  readonly shoe: Piece;
}

/** One ankle from the side in a few lines: hem, shaft or low shoe, lift, floor; to one scale on the whole board. */
export function HemCellDrawing({ cell, garment, shoe }: HemCellDrawingProps) {
  const { hem, lift, shaft } = cell;
  const cloth = hexOf(garment);
  const leather = hexOf(shoe);
  const top = Math.min(shaft ?? 6.5, reach);
  const half = shoe.kind === "shoe" ? (shoe.figures.shaftTop ?? 24) / (2 * Math.PI) : 4;
  const leg = isLegged(garment) ? hangingHalf(garment.figures.opening) : 10.5;
  const up = hem <= reach;
  const arch = lift > 2.6 ? `L -1 0.6 L -1.2 ${lift}` : "";
  return (
    <svg viewBox={`-18 ${-reach} 50 ${reach + floor + 3}`} className="h-full w-full" aria-hidden="true">
      <line x1={-18} x2={32} y1={floor} y2={floor} stroke="var(--rule-strong)" strokeWidth={0.5} />
      <g transform={`translate(0, ${floor - lift})`}>
        <path d={`M -3.4 -2 L -3.4 ${-reach - 10} L 3.6 ${-reach - 10} L 3.6 -8 Z`} fill="#d8c3b2" />
        <path
          d={`M ${-half} ${-top} L ${half} ${-top} L ${half} -8 C ${half + 2} -5 ${half + 9} -4.4 19 ${lift - 1.6} Q 20.5 ${lift} 18 ${lift} L 8 ${lift} ${arch} L -5 ${lift} L -5.2 -1 C -5.6 -5 ${-half} -7 ${-half} ${-top} Z`}
          fill={leather}
          stroke={lineOn(leather)}
          strokeWidth={0.5}
        />
        {up && (
          <path
            d={`M ${-leg} ${-reach - 10} L ${-leg} ${-hem} Q 0 ${-hem + 1} ${leg} ${-hem} L ${leg} ${-reach - 10} Z`}
            fill={cloth}
            fillOpacity={0.93}
            stroke={lineOn(cloth)}
            strokeWidth={0.5}
          />
        )}
        {up && cell.turn && (
          <path
            d={`M ${-leg - 0.5} ${-hem - cell.turn.depth} Q 0 ${-hem - cell.turn.depth + 1} ${leg + 0.5} ${-hem - cell.turn.depth}`}
            fill="none"
            stroke={lineOn(cloth)}
            strokeWidth={0.5}
          />
        )}
      </g>
    </svg>
  );
}

function hexOf(piece: Piece): string {
  return piece.swatches[0]?.hex ?? "#888888";
}
