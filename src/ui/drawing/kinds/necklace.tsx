import { adjustmentOn } from "@/core/piece/adjustment";
import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { Chain } from "../figure/worn/chain";
import { NecklacePlate } from "../plates/necklace-plate";
import type { KindDrawing } from "./kind-drawing";

/** The first round of a doubled loop lies so much higher, cm of loop. */
const innerRound = 3;

export const necklace: KindDrawing<"necklace"> = {
  plate: ({ piece, size }) => <NecklacePlate necklace={piece} size={size} />,
  box: () => ({ width: 24, height: 34 }),
  asWorn({ worn: { piece, asWorn }, dressed, frame }) {
    const { loop, pendant } = asWorn.figures;
    const chain = <Chain necklace={piece} loop={loop} pendant={pendant} frame={frame} />;
    if (!adjustmentOn(dressed.look.adjustments, "double", piece.id)) return chain;
    return (
      <g>
        <Chain necklace={piece} loop={loop - innerRound} pendant={0} frame={frame} />
        {chain}
      </g>
    );
  },
  caption: ({ loop, pendant }, say) => [
    sayWith(drawingWords.loop, { loop: say(loop) }),
    pendant > 0 ? "pendant" : "",
  ],
};
