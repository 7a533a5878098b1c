import type { Worn } from "@/core/dressing/dressed";
import type { Turn } from "@/core/piece/adjustment";
import { paintOf } from "../paint";
import type { Frame } from "./frame";
import { Dress, JumpsuitBodice, Top } from "./garments/bodice";
import { Layer } from "./garments/layer";
import { Legs } from "./garments/legs";
import { Skirt } from "./garments/skirt";
import { styleOf } from "./garments/style";

interface Props {
  readonly worn: Worn;
  readonly turn: Turn | null;
  readonly frame: Frame;
  readonly scope: string;
}

/** A garment on the body: a flat shape at its computed edges, with the lines of its cut. */
export function GarmentShape({ worn, turn, frame, scope }: Props) {
  const paint = paintOf(worn.piece, scope);
  return (
    <g>
      {paint.defs && <defs>{paint.defs}</defs>}
      {shapeOf()}
    </g>
  );

  function shapeOf() {
    const { piece, extent } = worn;
    const shared = { hem: extent.from, frame, style: styleOf(paint) };
    switch (piece.kind) {
      case "trousers":
        return <Legs trousers={piece} turn={turn} {...shared} />;
      case "jumpsuit":
        return (
          <g>
            <Legs trousers={piece} turn={turn} {...shared} />
            <JumpsuitBodice piece={piece} {...shared} />
          </g>
        );
      case "skirt":
        return <Skirt skirt={piece} top={extent.to} {...shared} />;
      case "dress":
        return <Dress piece={piece} {...shared} />;
      case "top": {
        const waist = frame.body.measures.waistLine.cm;
        return (
          <Top
            piece={piece}
            {...shared}
            tucked={extent.from >= waist}
            hem={Math.min(extent.from, waist - 3)}
          />
        );
      }
      case "jacket":
      case "coat":
        return <Layer piece={piece} {...shared} />;
      default:
        return null;
    }
  }
}
