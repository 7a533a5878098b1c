import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { metalColour } from "../metal-colour";
import { Earring } from "../plates/earring";
import type { KindDrawing } from "./kind-drawing";

/** What is smaller is not found on a whole body, cm. */
const leastSeen = 1;

export const earrings: KindDrawing<"earrings"> = {
  plate({ piece, size }) {
    const middle = size / 2;
    const metal = metalColour(piece) ?? "#8a8a8a";
    const stone = piece.swatches[0]?.hex ?? metal;
    const top = middle - piece.figures.drop / 2 - 0.4;
    return (
      <g>
        {[middle - 1.8, middle + 1.8].map((x) => (
          <Earring key={x} piece={piece} x={x} top={top} metal={metal} stone={stone} />
        ))}
      </g>
    );
  },
  box: ({ figures }) => ({ width: 8, height: Math.max(4, figures.drop + 2) }),
  asWorn({ worn: { piece, extent, slot }, frame, paint }) {
    const metal = metalColour(piece) ?? "#888888";
    // A second pair hangs above the first and a little further out.
    const isSecond = slot === "ear";
    const out = (isSecond ? 0.0505 : 0.047) * frame.body.height;
    const up = isSecond ? 0.012 * frame.body.height : 0;
    return (
      <g>
        {[1, -1].map((side) => (
          <Earring
            key={side}
            piece={piece}
            x={side * out}
            top={-extent.to - up}
            metal={metal}
            stone={paint.ground}
            least={leastSeen}
          />
        ))}
      </g>
    );
  },
  caption: ({ form, drop }, say) => [form, sayWith(drawingWords.drop, { drop: say(drop) })],
};
