import type { Dressed, Worn } from "@/core/dressing/dressed";
import { isTucked } from "@/core/dressing/extent";
import { turnOn } from "@/core/piece/adjustment";
import { AccessoryShape } from "./accessory-shape";
import { BodyShape } from "./body-shape";
import type { Frame } from "./frame";
import { GarmentShape } from "./garment-shape";

interface DressedBodyProps {
  readonly dressed: Dressed;
  readonly frame: Frame;
  /** Keeps the ids of two drawings on one page apart. */
  readonly scope: string;
}

/** The body with everything worn on it, from the skin outwards. */
export function DressedBody({ dressed, frame, scope }: DressedBodyProps) {
  return (
    <>
      <BodyShape frame={frame} colouring={dressed.look.client.colouring} />
      {[...dressed.worn]
        .sort((one, other) => order(one, dressed) - order(other, dressed))
        .map((worn) => (
          <g key={worn.piece.id} data-piece={worn.piece.id}>
            {worn.slot === null || worn.slot === "layer" ? (
              <GarmentShape
                worn={worn}
                turn={turnOn(dressed.look.adjustments, worn.piece.id)}
                frame={frame}
                scope={scope}
              />
            ) : (
              <AccessoryShape worn={worn} frame={frame} dressed={dressed} scope={scope} />
            )}
          </g>
        ))}
    </>
  );
}

/** From the skin outwards. */
function order({ piece }: Worn, { look, leg }: Dressed): number {
  switch (piece.kind) {
    case "hosiery":
      return 0;
    case "shoe":
      return leg?.fit?.meeting === "tucked" ? 4 : 1;
    case "top":
      return isTucked(piece, look.adjustments) ? 2 : 6;
    case "trousers":
    case "skirt":
      return 3;
    case "dress":
    case "jumpsuit":
      return 5;
    case "necklace":
      return 7;
    case "belt":
      return 8;
    case "jacket":
      return 9;
    case "coat":
      return 10;
    case "scarf":
      return 11;
    default:
      return 12;
  }
}
