import type { PieceOf } from "@/core/piece/piece";
import { Shape } from "../cloth/shape";
import { metalColour } from "../metal-colour";
import { Wire } from "../metalwork";
import type { Paint } from "../paint";

interface ClosedUmbrellaProps {
  readonly umbrella: PieceOf<"umbrella">;
  readonly paint: Paint;
  readonly id: string;
}

/** An umbrella closed and hanging by its handle, in cm: the handle's top at the origin, y down. */
export function ClosedUmbrella({ umbrella, paint, id }: ClosedUmbrellaProps) {
  const { form, length, handle } = umbrella.figures;
  const trim = umbrella.swatches.find(({ role }) => role === "trim")?.hex ?? "#5b3a22";
  const metal = metalColour(umbrella) ?? "#8a8a8a";
  // A folding one is all cloth under a short handle; a stick shows its shaft and its ferrule.
  const grip = form === "stick" ? Math.min(14, length * 0.17) : Math.min(7, length * 0.25);
  const ferrule = form === "stick" ? 5 : 0;
  const [top, bottom] = [grip, length - ferrule];
  const wide = form === "stick" ? 2.7 : 3.3;
  const belly = top + (bottom - top) * 0.42;
  const strap = top + (bottom - top) * 0.24;
  return (
    <g strokeLinejoin="round" strokeLinecap="round">
      {ferrule > 0 && <Wire d={`M0 ${bottom - 1}V${length}`} colour={metal} width={0.8} />}
      <Shape
        id={id}
        width={0.26}
        paint={paint}
        parts={[
          {
            d: `M ${-wide} ${top} Q ${-wide * 1.12} ${belly} -0.7 ${bottom - 2} L 0 ${bottom} L 0.7 ${bottom - 2} Q ${wide * 1.12} ${belly} ${wide} ${top} Q ${wide * 0.5} ${top - 1.3} 0 ${top - 0.6} Q ${-wide * 0.5} ${top - 1.3} ${-wide} ${top} Z`,
          },
          // The strap goes round and is buttoned: it draws the cloth in.
          {
            d: `M ${-wide * 1.08} ${strap} H ${wide * 1.08} V ${strap + 1.5} H ${-wide * 1.08} Z`,
          },
        ]}
        shades={[
          `M ${wide * 0.42} ${top - 2} Q ${wide * 0.6} ${belly} 0.1 ${bottom} L ${wide * 2} ${bottom} V ${top - 2} Z`,
        ]}
        lights={[
          `M ${-wide * 0.66} ${top + 1} Q ${-wide * 0.74} ${belly} -0.5 ${bottom - 6} Q ${-wide * 0.5} ${belly} ${-wide * 0.4} ${top + 1} Z`,
        ]}
        // The ribs' folds, wound round the shaft.
        folds={[-0.55, -0.12, 0.3, 0.68].flatMap((x) => [
          `M ${x * wide} ${top} Q ${(x + 0.16) * wide} ${(top + strap) / 2} ${(x + 0.06) * wide} ${strap}`,
          `M ${x * wide} ${strap + 1.5} Q ${x * wide * 1.5 + 0.5} ${belly + 4} ${x * 0.5} ${bottom - 4}`,
        ])}
      />
      <circle
        cx={wide * 0.35}
        cy={strap + 0.75}
        r={0.36}
        fill={metal}
        stroke={paint.line}
        strokeWidth={0.1}
      />
      <Wire d={`M0 ${top - 1.4}V${top - 0.5}`} colour={metal} width={2} />
      <Wire d={handlePath(handle, grip)} colour={trim} width={1.7} />
    </g>
  );
}

/** The line of a handle from the collar up, by its form. */
function handlePath(handle: PieceOf<"umbrella">["figures"]["handle"], grip: number): string {
  const from = grip - 1.2;
  if (handle === "straight") return `M 0 ${from} V 0.9`;
  if (handle === "loop") return `M 0 ${from} V 3 C -2.6 2 -2 -0.6 0 -0.6 C 2 -0.6 2.6 2 0 3`;
  return `M 0 ${from} V 4 C 0 -0.6 -5.6 -0.6 -5.6 3.6 V 4.6`;
}
