import type { PieceOf } from "@/core/piece/piece";
import { metalColour } from "../metal-colour";
import { Stone, Wire } from "../metalwork";

/** A necklace laid down as it would hang. */
export function NecklacePlate({
  necklace,
  size,
}: {
  readonly necklace: PieceOf<"necklace">;
  readonly size: number;
}) {
  const { loop, pendant, weight } = necklace.figures;
  const middle = size / 2;
  const stone = necklace.swatches[0]?.hex ?? metalColour(necklace) ?? "#8a8a8a";
  const drop = Math.min(26, loop / 3);
  const top = middle - (drop + pendant) / 2;
  const thick = { fine: 0.4, middling: 0.8, bold: 1.5 }[weight];
  const beads = necklace.finish === "pearl";
  const path = `M ${middle - 8} ${top} C ${middle - 9} ${top + drop * 0.9} ${middle - 3} ${top + drop} ${middle} ${top + drop} C ${middle + 3} ${top + drop} ${middle + 9} ${top + drop * 0.9} ${middle + 8} ${top}`;
  return (
    <g>
      <Wire
        d={path}
        colour={stone}
        width={beads ? 1.3 : thick}
        links={beads ? "0.01 1.5" : thick > 1 ? "1.2 0.9" : undefined}
      />
      {pendant > 0 && (
        <Stone cx={middle} cy={top + drop + pendant / 2} rx={1.5} ry={pendant / 2} colour={stone} />
      )}
    </g>
  );
}
