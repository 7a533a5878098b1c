import type { Finish } from "@/core/finish/finishes";
import { metalColour } from "../metal-colour";
import { ring as circle, Stone, Wire } from "../metalwork";
import type { KindDrawing } from "./kind-drawing";

/** Half the width of a finger, cm. */
const finger = 1;

/** Surfaces that are a stone's. */
const set: ReadonlySet<Finish> = new Set<Finish>(["crystal", "pearl", "lacquer"]);

export const ring: KindDrawing<"ring"> = {
  plate({ piece, size }) {
    const middle = size / 2;
    const metal = metalColour(piece) ?? "#8a8a8a";
    const stone = piece.swatches[0]?.hex ?? metal;
    const { width } = piece.figures;
    const band = circle(middle, middle + 0.4, finger, finger * 0.94);
    // A ring in one metal is a band, as wide as it is: what differs from its metal is a stone.
    if (stone === metal && !set.has(piece.finish))
      return <Wire d={band} colour={metal} width={Math.min(0.42, Math.max(0.16, width * 0.4))} />;
    return (
      <g>
        <Wire d={band} colour={metal} width={0.3} />
        <Stone cx={middle} cy={middle - finger * 0.6} rx={Math.max(0.3, width / 2.4)} colour={stone} />
      </g>
    );
  },
  box: () => ({ width: 4.2, height: 4.2 }),
  asWorn({ frame, paint }) {
    const H = frame.body.height;
    return (
      <Stone
        cx={frame.wrist.x + 0.012 * H}
        cy={-(frame.wrist.height - 0.06 * H)}
        rx={0.5}
        colour={paint.ground}
      />
    );
  },
  hangs: "on the arms",
  caption: ({ width }, say) => [say(width)],
};
