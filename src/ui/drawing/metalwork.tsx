import { mixed, tonesOf } from "./cloth/tones";

interface WireProps {
  readonly d: string;
  readonly colour: string;
  /** Thickness, cm. */
  readonly width: number;
  /** As a chain: the length of a link and of the gap to the next, cm. */
  readonly links?: string | undefined;
}

/** Metal drawn out along a line: its outline, its body, and the light along its upper left. */
export function Wire({ d, colour, width, links }: WireProps) {
  const { outline } = tonesOf(colour);
  const off = -width * 0.16;
  return (
    <g fill="none" strokeLinecap="round" strokeLinejoin="round">
      <path d={d} stroke={outline} strokeWidth={width * 1.3 + 0.06} strokeDasharray={links} />
      <path d={d} stroke={colour} strokeWidth={width} strokeDasharray={links} />
      <path
        d={d}
        transform={`translate(${off}, ${off})`}
        stroke={mixed(colour, "#ffffff", 0.55)}
        strokeWidth={width * 0.26}
        strokeDasharray={links}
      />
    </g>
  );
}

interface StoneProps {
  readonly cx: number;
  readonly cy: number;
  readonly rx: number;
  readonly ry?: number;
  readonly colour: string;
}

/** A stone, a pearl or a bead: round, in shadow on its right, with a glint at the upper left. */
export function Stone({ cx, cy, rx, ry = rx, colour }: StoneProps) {
  const { outline, shade } = tonesOf(colour);
  const thin = Math.min(0.12, rx * 0.16);
  return (
    <g>
      <ellipse cx={cx} cy={cy} rx={rx} ry={ry} fill={colour} stroke={outline} strokeWidth={thin} />
      <path
        d={`M${cx} ${cy - ry}A${rx} ${ry} 0 0 1 ${cx} ${cy + ry}A${rx * 1.7} ${ry * 1.15} 0 0 0 ${cx} ${cy - ry}Z`}
        fill="#000"
        fillOpacity={shade}
      />
      <ellipse
        cx={cx - rx * 0.34}
        cy={cy - ry * 0.4}
        rx={rx * 0.2}
        ry={ry * 0.16}
        fill="#fff"
        fillOpacity={0.75}
      />
    </g>
  );
}

/** A circle as a path, for a wire. */
export function ring(cx: number, cy: number, rx: number, ry = rx): string {
  return `M${cx - rx} ${cy}A${rx} ${ry} 0 1 1 ${cx + rx} ${cy}A${rx} ${ry} 0 1 1 ${cx - rx} ${cy}Z`;
}
