import type { PieceOf } from "@/core/piece/piece";
import { metalColour } from "../metal-colour";
import type { Paint } from "../paint";

type Eyewear = PieceOf<"eyewear">;

interface GlassesProps {
  readonly eyewear: Eyewear;
  readonly paint: Paint;
}

/** Half the bridge between the lenses, cm. */
const bridge = 0.9;

/** The outline of a lens about its middle, for the right of the picture: its outer side to the right. */
const lensOf: Readonly<Record<Eyewear["figures"]["form"], (r: number) => string>> = {
  round: (r) => `M${-r} 0A${r} ${r} 0 1 1 ${r} 0A${r} ${r} 0 1 1 ${-r} 0Z`,
  oval: (r) => `M${-r} 0A${r} ${r * 0.76} 0 1 1 ${r} 0A${r} ${r * 0.76} 0 1 1 ${-r} 0Z`,
  square: (r) =>
    `M${-r} ${-r * 0.5}Q${-r} ${-r * 0.74} ${-r * 0.76} ${-r * 0.74}H${r * 0.8}Q${r} ${-r * 0.74} ${r} ${-r * 0.5}L${r * 0.94} ${r * 0.5}Q${r * 0.9} ${r * 0.78} ${r * 0.6} ${r * 0.78}H${-r * 0.6}Q${-r * 0.9} ${r * 0.78} ${-r * 0.94} ${r * 0.5}Z`,
  // Drawn up to a point at the temple.
  upswept: (r) =>
    `M${-r} ${-r * 0.2}C${-r} ${-r * 0.62} ${-r * 0.4} ${-r * 0.66} ${r * 0.2} ${-r * 0.74}L${r * 1.12} ${-r * 0.98}C${r * 1.14} ${-r * 0.2} ${r * 0.86} ${r * 0.72} ${r * 0.05} ${r * 0.74}C${-r * 0.66} ${r * 0.76} ${-r} ${r * 0.3} ${-r} ${-r * 0.2}Z`,
};

/** How thick a frame is, cm: of metal it is a wire. */
const thick = { wire: 0.28, plastic: 0.6 } as const;

/** Glasses in cm, the bridge at the origin. */
export function Glasses({ eyewear, paint }: GlassesProps) {
  const { width, form, filter } = eyewear.figures;
  const wire = metalColour(eyewear);
  const isWire = wire !== null && eyewear.finish !== "tortoiseshell";
  const hex = isWire ? (eyewear.swatches[0]?.hex ?? wire) : paint.ground;
  const tinted = eyewear.swatches.find(({ role }) => role === "trim")?.hex;
  // A width that is only half typed leaves nothing for the lenses.
  const r = Math.max(0, width / 2 - 1) / 2;
  const lens = lensOf[form](r);
  const strokeWidth = isWire ? thick.wire : thick.plastic;
  const frame = (
    <>
      {[1, -1].map((side) => (
        <g key={side} transform={`scale(${side}, 1) translate(${r + bridge}, 0)`}>
          <path d={lens} />
          <path d={`M${r} ${-r * 0.5}h0.7`} fill="none" />
        </g>
      ))}
      <path d={`M${-bridge} -0.4Q0 -1.2 ${bridge} -0.4`} fill="none" />
    </>
  );
  return (
    <g strokeLinejoin="round" strokeLinecap="round" strokeWidth={strokeWidth}>
      <g fill={tinted ?? "#333333"} fillOpacity={Math.min(0.85, filter * 0.22)} stroke={hex}>
        {frame}
      </g>
      {paint.texture && !isWire && (
        <g fill="none" stroke={paint.texture}>
          {frame}
        </g>
      )}
    </g>
  );
}
