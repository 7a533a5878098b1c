import type { Dressed } from "@/core/dressing/dressed";
import type { PieceOf } from "@/core/piece/piece";
import { Shape } from "../../cloth/shape";
import { mixed, tonesOf } from "../../cloth/tones";
import type { Paint } from "../../paint";
import { opacityOf } from "../../plates/hosiery-plate";
import { capColour, heelColour, soleColour } from "../../shoe-colours";
import { drawnColouring } from "../drawn-colouring";
import type { Frame } from "../frame";
import { shadeAlong } from "../path";
import { shoeFront } from "./shoe-front";

interface ShoesProps {
  readonly shoe: PieceOf<"shoe">;
  readonly dressed: Dressed;
  readonly frame: Frame;
  readonly paint: Paint;
  readonly id: string;
}

/** Both shoes from the front, turned a little out, each on its foot. */
export function Shoes({ shoe, dressed, frame, paint, id }: ShoesProps) {
  const sole = soleColour(shoe);
  const lace = shoe.swatches.find(({ role }) => role === "lace")?.hex ?? paint.tones.seam;
  const foot = footColour(dressed);
  const soleTones = tonesOf(sole);
  const heel = heelColour(shoe);
  const cap = capColour(shoe);
  return [1, -1].map((side) => {
    const drawn = shoeFront(shoe.figures, frame, side);
    return (
      <g key={side} strokeLinejoin="round">
        {drawn.heel && <path d={drawn.heel} fill={heel} stroke={tonesOf(heel).outline} strokeWidth={0.22} />}
        <path d={drawn.foot} fill={foot} stroke={mixed(foot, "#3a241a", 0.5)} strokeWidth={0.22} />
        {drawn.inside.map((d) => (
          <path
            key={d}
            d={d}
            fill={mixed(paint.ground, "#000000", 0.5)}
            stroke={paint.tones.outline}
            strokeWidth={0.2}
          />
        ))}
        <path d={drawn.sole} fill={sole} stroke={soleTones.outline} strokeWidth={0.22} />
        <Shape
          id={`${id}-${side}`}
          paint={paint}
          parts={drawn.upper.map((d) => ({ d }))}
          shades={[shadeAlong(drawn.shadeEdge, 1.7, 0.6)]}
          seams={drawn.seams}
          stitches={drawn.stitches}
          width={0.24}
          within={
            <>
              {cap && <path d={drawn.cap} fill={cap} stroke={paint.tones.seam} strokeWidth={0.14} />}
              <path d={drawn.light} fill="#fff" fillOpacity={0.1 + paint.surface.shine * 0.8} />
            </>
          }
        />
        {drawn.laces.length > 0 && (
          <path d={drawn.laces.join(" ")} fill="none" stroke={lace} strokeWidth={0.5} strokeLinecap="round" />
        )}
      </g>
    );
  });
}

/** What is seen of the foot in a shoe: skin, and hosiery over it as close as it is knitted. */
function footColour({ look, hosiery }: Dressed): string {
  const { skin } = drawnColouring(look.client.colouring);
  const over = hosiery?.profile.ground?.shade.hex;
  return hosiery && over !== undefined ? mixed(skin, over, opacityOf(hosiery.piece.figures.denier)) : skin;
}
