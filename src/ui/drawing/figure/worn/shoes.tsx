import type { PieceOf } from "@/core/piece/piece";
import { lineOn, paintOf } from "../../paint";
import type { Frame } from "../frame";

interface ShoesProps {
  readonly shoe: PieceOf<"shoe">;
  readonly frame: Frame;
  readonly lift: number;
}

/** The toe's half width from the front, by its shape. */
const toeHalf = { round: 3.6, open: 3.6, square: 3.5, almond: 2.7, pointed: 1.5 } as const;

/** Both shoes from the front: the vamp foreshortened, the shaft at its true height and width. */
export function Shoes({ shoe, frame, lift }: ShoesProps) {
  const { shaft, shaftTop, toe, form, platform, tip } = shoe.figures;
  const paint = paintOf(shoe, "front");
  const sole = shoe.swatches.find(({ role }) => role === "sole")?.hex ?? "#2c2a28";
  const skin = form === "sandal" || form === "thong";
  return (
    <g strokeLinejoin="round">
      {[1, -1].map((side) => {
        const x = side * frame.legAxis(0);
        const t = toeHalf[toe];
        const instep = frame.body.measures.ankleBone.cm * 0.86;
        const vamp = `M ${x - 3.5} ${-instep} C ${x - 4.6} ${-2} ${x - 4.6} ${lift - platform - 1} ${x - t} ${lift - platform} L ${x + t} ${lift - platform} C ${x + 4.6} ${lift - platform - 1} ${x + 4.6} ${-2} ${x + 3.5} ${-instep}`;
        const low = `M ${x - 4.1} ${-instep * 0.34} C ${x - 4.8} ${lift - 3} ${x - 4.4} ${lift - platform - 0.6} ${x - t} ${lift - platform} L ${x + t} ${lift - platform} C ${x + 4.4} ${lift - platform - 0.6} ${x + 4.8} ${lift - 3} ${x + 4.1} ${-instep * 0.34} Q ${x} ${lift * 0.2 + 0.6} ${x - 4.1} ${-instep * 0.34} Z`;
        const half = (shaftTop ?? 28) / (2 * Math.PI);
        return (
          <g key={side}>
            {tip === "block" && lift > 2.5 && (
              <rect x={x - 3.1} y={lift - 3} width={6.2} height={3} fill={sole} />
            )}
            <path d={vamp} fill="none" stroke="none" />
            {shaft !== null ? (
              <path
                d={`M ${x - half} ${-shaft} L ${x - half} ${-Math.min(shaft, 10)} C ${x - 4} ${-6} ${x - 4.9} ${lift - 3} ${x - t} ${lift - platform} L ${x + t} ${lift - platform} C ${x + 4.9} ${lift - 3} ${x + 4} ${-6} ${x + half} ${-Math.min(shaft, 10)} L ${x + half} ${-shaft} Q ${x} ${-shaft + 1} ${x - half} ${-shaft} Z`}
                fill={paint.fill}
                stroke={paint.line}
                strokeWidth={0.3}
              />
            ) : skin ? (
              <g fill="none" stroke={paint.ground} strokeWidth={1.3}>
                <path d={`M ${x - 4} ${lift - 2} Q ${x} ${lift - 4.4} ${x + 4} ${lift - 2}`} />
                <path d={`M ${x - 3.6} ${-instep} Q ${x} ${-instep + 1.6} ${x + 3.6} ${-instep}`} />
                <path
                  d={`M ${x - 3.6} ${lift - 0.3} L ${x + 3.6} ${lift - 0.3}`}
                  stroke={sole}
                  strokeWidth={0.8}
                />
              </g>
            ) : (
              <path
                d={
                  form === "pump" || form === "flat" || form === "mule"
                    ? low
                    : `${vamp} Q ${x} ${-instep + 1.8} ${x - 3.5} ${-instep} Z`
                }
                fill={paint.fill}
                stroke={paint.line}
                strokeWidth={0.3}
              />
            )}
            <rect
              x={x - t - 0.8}
              y={lift - Math.max(0.5, platform)}
              width={2 * t + 1.6}
              height={Math.max(0.5, platform)}
              rx={0.4}
              fill={sole}
              stroke={lineOn(sole)}
              strokeWidth={0.2}
            />
          </g>
        );
      })}
    </g>
  );
}
