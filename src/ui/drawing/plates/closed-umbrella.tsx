import type { PieceOf } from "@/core/piece/piece";
import { metalColour } from "../metal-colour";
import { lineOn } from "../paint";

/** An umbrella closed and hanging by its handle, in cm: the handle's top at the origin, y down. */
export function ClosedUmbrella({ umbrella }: { readonly umbrella: PieceOf<"umbrella"> }) {
  const { form, length, handle } = umbrella.figures;
  const cloth = umbrella.swatches[0]?.hex ?? "#333333";
  const trim = umbrella.swatches.find(({ role }) => role === "trim")?.hex ?? "#5b3a22";
  const metal = metalColour(umbrella) ?? "#8a8a8a";
  const line = lineOn(cloth);
  // A folding one is all cloth under a short handle; a stick shows its shaft and its ferrule.
  const grip = form === "stick" ? Math.min(14, length * 0.17) : Math.min(7, length * 0.25);
  const ferrule = form === "stick" ? 5 : 0;
  const [top, bottom] = [grip, length - ferrule];
  const wide = form === "stick" ? 2.6 : 3.2;
  return (
    <g strokeLinejoin="round" strokeLinecap="round">
      {ferrule > 0 && <path d={`M 0 ${bottom} V ${length}`} stroke={metal} strokeWidth={0.9} />}
      <path
        d={`M ${-wide} ${top} C ${-wide * 1.1} ${top + (bottom - top) * 0.4} -0.9 ${bottom - 4} 0 ${bottom} C 0.9 ${bottom - 4} ${wide * 1.1} ${top + (bottom - top) * 0.4} ${wide} ${top} Q 0 ${top + 1.4} ${-wide} ${top} Z`}
        fill={cloth}
        stroke={line}
        strokeWidth={0.35}
      />
      {[-0.5, 0.1, 0.6].map((x) => (
        <path
          key={x}
          d={`M ${x * wide} ${top + 1} Q ${x * wide * 1.3} ${(top + bottom) / 2} ${x * 0.4} ${bottom - 3}`}
          fill="none"
          stroke={line}
          strokeWidth={0.22}
          strokeOpacity={0.7}
        />
      ))}
      <rect
        x={-wide * 0.98}
        y={top + (bottom - top) * 0.22}
        width={wide * 1.96}
        height={1.5}
        fill={cloth}
        stroke={line}
        strokeWidth={0.25}
      />
      <path d={`M 0 ${top - 0.6} V ${top + 0.6}`} stroke={metal} strokeWidth={1.8} />
      <path d={handlePath(handle, grip)} fill="none" stroke={trim} strokeWidth={1.7} />
    </g>
  );
}

/** The line of a handle from the collar up, by its form. */
function handlePath(handle: PieceOf<"umbrella">["figures"]["handle"], grip: number): string {
  const from = grip - 0.8;
  if (handle === "straight") return `M 0 ${from} V 0.9`;
  if (handle === "loop") return `M 0 ${from} V 3 C -2.6 2 -2 -0.6 0 -0.6 C 2 -0.6 2.6 2 0 3`;
  return `M 0 ${from} V 4 C 0 -0.6 -5.6 -0.6 -5.6 3.6 V 4.6`;
}
