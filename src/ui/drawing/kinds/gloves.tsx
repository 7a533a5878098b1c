import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { Shape } from "../cloth/shape";
import { armEdges } from "../figure/limbs";
import { handOf } from "../figure/hands-and-feet";
import { arc, band, onSide, outline } from "../figure/path";
import { GlovePlate, gloveHeight } from "../plates/glove-plate";
import type { KindDrawing } from "./kind-drawing";

export const gloves: KindDrawing<"gloves"> = {
  plate: ({ piece, size, paint, id }) => (
    <g transform={`translate(${size / 2}, ${size / 2 - gloveHeight(piece) / 2})`}>
      <GlovePlate gloves={piece} paint={paint} id={id} />
    </g>
  ),
  box: (piece) => ({ width: 30, height: gloveHeight(piece) + 4 }),
  asWorn({ worn: { piece }, frame, paint, id }) {
    const { height } = frame.wrist;
    const cuff = armEdges(frame, 0.35, height);
    const top = Math.min(height + piece.figures.length, frame.armpit.height);
    const sleeve = (edge: typeof cuff.outer) => [
      ...edge.filter(({ h }) => h < top),
      { x: (edge[edge.length - 1]?.x ?? 0) + 0.1, h: height - 1 },
    ];
    return (
      <>
        {[1, -1].map((side) => {
          const { outline: hand, fingers } = handOf(frame, side);
          const [outer, inner] = [sleeve(cuff.outer), sleeve(cuff.inner)];
          const [from, to] = [outer[0], inner[0]];
          const edge = from && to ? arc(to, from, 0.5) : [];
          const fold = from && to ? outline(onSide(side, arc(from, to, 1.6))) : "";
          return (
            <Shape
              key={side}
              id={`${id}-${side}`}
              parts={[
                { d: hand },
                {
                  d: outline(onSide(side, outer), onSide(side, [...inner].reverse()), onSide(side, edge)),
                },
              ]}
              paint={paint}
              width={0.2}
              shades={[
                band(
                  onSide(side, outer),
                  onSide(
                    side,
                    outer.map(({ x, h }) => ({ x: x - 1.1, h })),
                  ),
                ),
              ]}
              seams={[...fingers, fold]}
            />
          );
        })}
      </>
    );
  },
  hangs: "on the arms",
  caption: ({ length }, say) => [sayWith(drawingWords.overTheWrist, { length: say(length) })],
};
