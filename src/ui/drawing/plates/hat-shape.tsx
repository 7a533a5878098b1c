import type { PieceOf } from "@/core/piece/piece";
import { lineOn } from "../paint";

/** A hat in cm, the middle of its lower edge at the origin, y down. */
export function HatShape({ hat }: { readonly hat: PieceOf<"hat"> }) {
  const hex = hat.swatches[0]?.hex ?? "#777777";
  const band = hat.swatches.find(({ role }) => role === "trim")?.hex ?? null;
  const { form, brim } = hat.figures;
  const shared = { fill: hex, stroke: lineOn(hex), strokeWidth: 0.3 };
  if (form === "beret")
    return (
      <g {...shared}>
        <path d="M -9 0 C -17 -3 -14 -11 0 -11.5 C 13 -11.5 16 -6 9 0 Z" />
        <path d="M 0 -11.5 l 0.6 -1.8" />
      </g>
    );
  if (form === "knit cap") return <path d="M -9 0 C -10 -14 10 -14 9 0 Z" {...shared} />;
  const reach = 9 + brim;
  return (
    <g {...shared}>
      <ellipse cx={0} cy={0} rx={reach} ry={2 + brim * 0.16} />
      <path d="M -8.6 -0.6 C -9 -10 -6 -11.5 0 -11 C 6 -11.5 9 -10 8.6 -0.6 Z" />
      {band && <path d="M -8.7 -3.4 Q 0 -1.6 8.7 -3.4 L 8.6 -0.6 Q 0 1 -8.6 -0.6 Z" fill={band} />}
    </g>
  );
}
