import type { PieceOf } from "@/core/piece/piece";
import { Shape } from "../cloth/shape";
import type { Paint } from "../paint";

interface BroochProps {
  readonly form: PieceOf<"brooch">["figures"]["form"];
  readonly across: number;
  readonly paint: Paint;
  readonly id: string;
}

/** A brooch from the front, its middle at the origin, cm. */
export function Brooch({ form, across, paint, id }: BroochProps) {
  const r = across / 2;
  return (
    <Shape
      id={id}
      width={0.09}
      paint={paint}
      parts={[{ d: outlines[form](r) }]}
      shades={[
        `M ${r * 0.2} ${-r * 1.2} C ${r * 0.5} ${-r * 0.2} ${r * 0.2} ${r * 0.6} ${-r * 0.2} ${r * 1.2} H ${r * 1.2} V ${-r * 1.2} Z`,
      ]}
      lights={[
        `M ${-r * 0.62} ${-r * 0.1} Q ${-r * 0.5} ${-r * 0.66} ${r * 0.02} ${-r * 0.7} Q ${-r * 0.4} ${-r * 0.4} ${-r * 0.62} ${-r * 0.1} Z`,
      ]}
      seams={lines[form](r)}
    />
  );
}

type Form = BroochProps["form"];

const disc = (r: number) => `M ${-r} 0 A ${r} ${r} 0 1 1 ${r} 0 A ${r} ${r} 0 1 1 ${-r} 0 Z`;

/** The outline of each form for half its width. */
const outlines: Record<Form, (r: number) => string> = {
  bar: (r) => `M ${-r} -0.4 H ${r} Q ${r + 0.3} 0 ${r} 0.4 H ${-r} Q ${-r - 0.3} 0 ${-r} -0.4 Z`,
  disc,
  leaf: (r) =>
    `M ${-r} ${r * 0.6} C ${-r} ${-r} ${r * 0.4} ${-r} ${r} ${-r * 0.7} C ${r * 0.8} ${r * 0.5} 0 ${r} ${-r} ${r * 0.6} Z`,
  star: (r) => {
    const points = Array.from({ length: 16 }, (_, i) => {
      const reach = i % 2 === 0 ? (i % 4 === 0 ? r : r * 0.62) : r * 0.24;
      const angle = (i * Math.PI) / 8;
      return `${(reach * Math.sin(angle)).toFixed(3)} ${(-reach * Math.cos(angle)).toFixed(3)}`;
    });
    return `M ${points.join(" L ")} Z`;
  },
  "scarf ring": (r) =>
    `M ${-r} 0 A ${r} ${r * 0.62} 0 1 1 ${r} 0 A ${r} ${r * 0.62} 0 1 1 ${-r} 0 Z M ${-r * 0.62} ${-r * 0.04} A ${r * 0.62} ${r * 0.3} 0 1 0 ${r * 0.62} ${-r * 0.04} A ${r * 0.62} ${r * 0.3} 0 1 0 ${-r * 0.62} ${-r * 0.04} Z`,
  shell: (r) =>
    `M 0 ${r * 0.9} C ${-r * 0.5} ${r * 0.7} ${-r * 1.1} ${r * 0.1} ${-r * 0.9} ${-r * 0.4} C ${-r * 0.6} ${-r * 1.05} ${r * 0.6} ${-r * 1.05} ${r * 0.9} ${-r * 0.4} C ${r * 1.1} ${r * 0.1} ${r * 0.5} ${r * 0.7} 0 ${r * 0.9} Z`,
};

/** What is chased into each. */
const lines: Record<Form, (r: number) => string[]> = {
  bar: () => [],
  disc: (r) => [disc(r * 0.72)],
  leaf: (r) => [
    `M ${-r} ${r * 0.6} L ${r * 0.8} ${-r * 0.6}`,
    `M ${-r * 0.3} ${r * 0.14} L ${-r * 0.2} ${-r * 0.5} M ${r * 0.2} ${-r * 0.2} L ${r * 0.4} ${-r * 0.66}`,
    `M ${-r * 0.3} ${r * 0.14} L ${r * 0.2} ${r * 0.4} M ${r * 0.2} ${-r * 0.2} L ${r * 0.6} 0`,
  ],
  star: () => [],
  "scarf ring": () => [],
  shell: (r) =>
    [-0.6, -0.3, 0, 0.3, 0.6].map((x) => `M 0 ${r * 0.85} Q ${x * r * 0.7} ${r * 0.1} ${x * r} ${-r * 0.7}`),
};
