import type { PieceOf } from "@/core/piece/piece";

/** Glasses in cm, the bridge at the origin. */
export function Glasses({ eyewear }: { readonly eyewear: PieceOf<"eyewear"> }) {
  const hex = eyewear.swatches[0]?.hex ?? "#555555";
  const { width, form, filter } = eyewear.figures;
  // A width that is only half typed leaves nothing for the lenses.
  const lens = Math.max(0, width / 2 - 1);
  const rx = lens / 2;
  const dark = Math.min(0.85, filter * 0.22);
  const shape = (x: number) =>
    form === "square" ? (
      <rect key={x} x={x - rx} y={-rx * 0.7} width={lens} height={rx * 1.5} rx={0.8} />
    ) : (
      <ellipse key={x} cx={x} cy={0} rx={rx} ry={form === "round" ? rx : rx * 0.76} />
    );
  return (
    <g fill="#333333" fillOpacity={dark} stroke={hex} strokeWidth={0.6}>
      {[-rx - 0.9, rx + 0.9].map(shape)}
      <path d="M -0.9 -0.4 Q 0 -1.2 0.9 -0.4" fill="none" />
    </g>
  );
}
