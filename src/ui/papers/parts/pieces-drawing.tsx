import { withoutPhoto, type Piece } from "@/core/piece/piece";
import { Plate } from "../../drawing/plate";
import { plateBox } from "../../drawing/plate-box";

/** Between two pieces, and round all of them, cm. */
const gap = 4;

/** Pieces side by side to one scale, standing on one line. */
export function PiecesDrawing({ pieces }: { readonly pieces: readonly Piece[] }) {
  const boxes = pieces.map(plateBox);
  const tallest = Math.max(0, ...boxes.map(({ height }) => height));
  const width = boxes.reduce((sum, box) => sum + box.width + gap, gap);
  const starts = boxes.map((_, at) => boxes.slice(0, at).reduce((sum, box) => sum + box.width + gap, gap));
  return (
    <svg viewBox={`0 0 ${width} ${tallest + 2 * gap}`}>
      {pieces.map((piece, at) => {
        const box = boxes[at] ?? plateBox(piece);
        return (
          <svg
            key={piece.id}
            x={starts[at]}
            y={gap + tallest - box.height}
            width={box.width}
            height={box.height}
          >
            <title>{piece.name}</title>
            <Plate piece={withoutPhoto(piece)} />
          </svg>
        );
      })}
    </svg>
  );
}
